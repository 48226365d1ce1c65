import { uniformFloat64 } from "pure-rand/distribution/uniformFloat64";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";

/**
 * A seeded generator: equal seeds give equal numbers in [0, 1) on every machine. Neighbouring seeds begin alike: who needs
 * many streams at once takes `scattered` seeds.
 *
 * @param seed a whole number
 * @returns the next number, each time it is called
 */
export function seededRandom(seed: number): () => number {
  const generator = xoroshiro128plus(seed);
  return () => uniformFloat64(generator);
}
