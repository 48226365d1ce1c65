/** What somebody is in a programme, who may do most first. */
export const ROLES = ["organiser", "trainer", "helper", "household", "reader"] as const;
export type Role = (typeof ROLES)[number];
