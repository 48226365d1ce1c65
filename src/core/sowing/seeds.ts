/** P[Binomial(n, p) ≥ least]: the chance that at least `least` of n come up when each does with chance p. */
export function chanceOfAtLeast(n: number, p: number, least: number): number {
  if (least <= 0) return 1;
  if (n < least) return 0;
  if (p >= 1) return 1;
  // Sums the chances of too few, each from the one before; in logarithms, so that many seeds do not underflow.
  let term = n * Math.log1p(-p);
  let tooFew = Math.exp(term);
  for (let k = 1; k < least; k++) {
    term += Math.log((n - k + 1) / k) + Math.log(p / (1 - p));
    tooFew += Math.exp(term);
  }
  return Math.max(0, 1 - tooFew);
}

/**
 * Fewest to sow so that at least `plants` come up with a confidence.
 * @param p chance that one comes up, above 0; @param confidence below 1
 */
export function seedsFor(plants: number, p: number, confidence: number): number {
  if (plants <= 0) return 0;
  let [fails, enough] = [plants - 1, plants];
  while (chanceOfAtLeast(enough, p, plants) < confidence) [fails, enough] = [enough, 2 * enough];
  while (enough - fails > 1) {
    const middle = Math.floor((fails + enough) / 2);
    if (chanceOfAtLeast(middle, p, plants) >= confidence) enough = middle;
    else fails = middle;
  }
  return enough;
}
