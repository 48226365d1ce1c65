/** The middle of some values, or what stands at another share of their order. @param share 0 to 1 */
export function quantile(values: readonly number[], share = 0.5): number {
  const sorted = [...values].sort((a, b) => a - b);
  const at = (sorted.length - 1) * share;
  const [below, above] = [sorted[Math.floor(at)] ?? Number.NaN, sorted[Math.ceil(at)] ?? Number.NaN];
  return below + (at - Math.floor(at)) * (above - below);
}
