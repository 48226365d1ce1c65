import damerauLevenshtein from "damerau-levenshtein";

/** Letters by which two words differ: put in, left out, changed or swapped with the next one. */
const distance = (a: string, b: string): number => damerauLevenshtein(a, b).steps;

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
