/**
 * Computes the even placements of 2 to 30 points in a disc that src/core/placement/disc.json holds.
 * Run with `npm run packings` after a change of the search; takes some minutes, seeded and repeatable.
 */
import { writeFileSync } from "node:fs";
import { seededRandom } from "../src/core/chance";
import { leastDistance, type Point } from "../src/core/placement/region";
import { settle } from "../src/core/placement/settle";

const DISC = { type: "circle", radiusCm: 1 } as const;

function search(n: number): Point[] {
  const random = seededRandom(n);
  const scatter = () =>
    Array.from({ length: n }, () => {
      const at = Math.sqrt(random());
      const angle = 2 * Math.PI * random();
      return { x: at * Math.cos(angle), y: at * Math.sin(angle) };
    });
  const byReach = (a: Point[], b: Point[]) => leastDistance(b) - leastDistance(a);
  const rough = Array.from({ length: 20 + 20 * n }, () => settle(scatter(), DISC, 300))
    .sort(byReach)
    .slice(0, 8);
  return rough.map((points) => settle(points, DISC, 20_000)).reduce((a, b) => (byReach(a, b) > 0 ? b : a));
}

const discs: [number, number][][] = [];
for (let n = 0; n <= 30; n++) {
  const points = n === 1 ? [{ x: 0, y: 0 }] : search(n);
  // Rounded towards the middle, so that no rounded point lies outside.
  discs.push(points.map((p) => [Math.trunc(p.x * 1e7) / 1e7, Math.trunc(p.y * 1e7) / 1e7]));
  console.log(n, n > 1 ? (leastDistance(points) / (2 + leastDistance(points))).toFixed(6) : "");
}
writeFileSync(
  new URL("../src/core/placement/disc.json", import.meta.url),
  `[\n${discs.map((d) => JSON.stringify(d)).join(",\n")}\n]\n`,
);
