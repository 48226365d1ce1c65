/**
 * Letters by which two words differ: put in, left out, changed or swapped with the next one (Damerau 1964; optimal string
 * alignment).
 */
export function distance(a: string, b: string): number {
  let [before, last]: [number[], number[]] = [[], Array.from({ length: b.length + 1 }, (_, j) => j)];
  for (let i = 1; i <= a.length; i++) {
    const row = [i];
    for (let j = 1; j <= b.length; j++) {
      const same = a[i - 1] === b[j - 1] ? 0 : 1;
      let least = Math.min(last[j]! + 1, row[j - 1]! + 1, last[j - 1]! + same);
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1])
        least = Math.min(least, before[j - 2]! + 1);
      row.push(least);
    }
    [before, last] = [last, row];
  }
  return last[b.length]!;
}

/** So many letters may be wrong in a word of a length: short words are too near to each other. */
const mayDiffer = (length: number): number => (length >= 8 ? 2 : length >= 4 ? 1 : 0);

/** The entry that a word is meant for: itself, or the one that is nearest; undefined where none is near, or two are alike near. */
export function closest<T extends string>(word: string, entries: readonly T[]): T | undefined {
  if (entries.includes(word as T)) return word as T;
  const near = entries
    .map((entry) => ({ entry, off: distance(word, entry) }))
    .filter(({ entry, off }) => off <= mayDiffer(Math.min(word.length, entry.length)))
    .sort((a, b) => a.off - b.off);
  const [first, second] = near;
  return first && (!second || second.off > first.off) ? first.entry : undefined;
}
