/** How sure a household's hands are: its first season, some seasons behind it, or able to show others. */
export const SKILLS = ["first", "some", "sure"] as const;
export type Skill = (typeof SKILLS)[number];
