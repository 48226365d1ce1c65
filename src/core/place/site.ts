/** What a place may be like besides its measures and its sun: windy, with animals about, up stairs, with bags that can be turned. */
export const SITE_MARKS = ["windy", "animals", "stairs", "turned"] as const;
export type SiteMark = (typeof SITE_MARKS)[number];
