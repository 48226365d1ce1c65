/** Scatters whole numbers of 32 bits, so that neighbouring seeds become unlike ones (the mixer of MurmurHash3, Appleby 2008). */
export function scattered(seed: number): number {
  let h = seed | 0;
  h = Math.imul(h ^ (h >>> 16), 0x85ebca6b);
  h = Math.imul(h ^ (h >>> 13), 0xc2b2ae35);
  return h ^ (h >>> 16);
}
