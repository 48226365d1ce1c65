/** All claims that stand together are wrong no more often than this. Common practice. */
const FALSE_CLAIMS = 0.05;

/** Whether something is by more than chance gives anywhere among so many that are looked at together (Bonferroni). */
export const isClaimed = (p: number, among: number): boolean => p * among <= FALSE_CLAIMS;
