import { expect, it } from "vitest";
import { scattered, seededRandom } from ".";

const draws = (seed: number, n: number) => {
  const random = seededRandom(seed);
  return Array.from({ length: n }, random);
};

it("gives the same numbers for the same seed, and others for another", () => {
  expect(draws(7, 20)).toEqual(draws(7, 20));
  expect(draws(7, 1)).not.toEqual(draws(8, 1));
  for (const x of draws(1, 1000)) {
    expect(x).toBeGreaterThanOrEqual(0);
    expect(x).toBeLessThan(1);
  }
});

it("begins unlike for neighbouring seeds that are scattered: their first numbers spread as any others do", () => {
  const n = 2000;
  const firsts = Array.from({ length: n }, (_, seed) => draws(scattered(seed), 1)[0]!);
  const mean = firsts.reduce((a, b) => a + b) / n;
  // Four standard errors of a mean of uniform numbers.
  expect(Math.abs(mean - 0.5)).toBeLessThan(4 * Math.sqrt(1 / 12 / n));
  const tenths = Array.from({ length: 10 }, (_, i) => firsts.filter((x) => Math.floor(10 * x) === i).length);
  for (const count of tenths) expect(Math.abs(count - n / 10)).toBeLessThan(4 * Math.sqrt(n * 0.09));
  // Nor does one tell the next.
  const along = firsts.slice(1).reduce((sum, x, i) => sum + (x - 0.5) * (firsts[i]! - 0.5), 0) / n / (1 / 12);
  expect(Math.abs(along)).toBeLessThan(4 / Math.sqrt(n));
});
