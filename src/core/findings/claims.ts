/** All claims that stand together are wrong no more often than this. Common practice. */
const FALSE_CLAIMS = 0.05;

/**
 * Whether something is by more than chance gives anywhere among so many that are looked at together (Bonferroni).
 *
 * @param p how likely chance alone gives as much, 0 to 1
 * @param among how many are looked at together, this one too
 */
export const isClaimed = (p: number, among: number): boolean => p * among <= FALSE_CLAIMS;
