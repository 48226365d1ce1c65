import type { Weighing } from "../record";
import { explain } from "./blocks";
import { isClaimed } from "./claims";
import { toldBy } from "./harvest";
import type { Line } from "./line";
import type { Estimate } from "./share";
import { WAY_NAMES, type WayName, wayOf } from "./ways";

/** What one driver does, all households held apart. */
export type Drive =
  | {
      readonly driver: WayName;
      readonly code: "drives";
      /** The ways that were compared, by name. */
      readonly ways: readonly string[];
      readonly n: number;
      readonly p: number;
      /** Whether ways differ by more than chance gives anywhere among all that may drive this goal. */
      readonly differ: boolean;
      /** Of two ways: how many times as much the second gives as the first. */
      readonly ratio?: Estimate;
    }
  | { readonly driver: WayName; readonly code: "tangled"; readonly ways: readonly string[] };

/** So many cases are left to tell chance by for each way that is compared. Common practice. */
const CASES_A_WAY = 5;

/**
 * What drives how much plantings of one goal give over what was expected, one thing at a time, each household as a block of
 * its own. What records cannot bear is not asked; what always came with a household cannot be told apart from it.
 */
export function drivesOf(lines: readonly Line[], weighings: readonly Weighing[]): Drive[] {
  const told = toldBy(lines, weighings);
  const all = WAY_NAMES.flatMap((driver): Drive[] => {
    const known = told.filter(({ line }) => wayOf(driver, line) !== null);
    const words = known.map(({ line }) => wayOf(driver, line) ?? "");
    const ways = [...new Set(words)].sort();
    if (ways.length < 2) return [];
    const explained = explain(
      known.map(({ ratio }) => Math.log(ratio)),
      [{ name: driver, values: words }],
      { blocks: known.map(({ line }) => line.householdId) },
    );
    if (!explained || explained.residual.df < CASES_A_WAY * (ways.length - 1)) return [];
    if (explained.tangled.includes(driver)) return [{ driver, code: "tangled", ways }];
    const effect = explained.effects.find(({ name }) => name === driver);
    if (!effect) return [];
    const { last } = explained;
    return [
      {
        ...{ driver, code: "drives", ways, n: known.length, p: effect.p, differ: false },
        ...(last &&
          ways.length === 2 && {
            ratio: { value: Math.exp(last.value), low: Math.exp(last.low), high: Math.exp(last.high) },
          }),
      },
    ];
  });
  const tests = all.filter(({ code }) => code === "drives").length;
  return all.map((drive) =>
    drive.code === "drives" ? { ...drive, differ: isClaimed(drive.p, tests) } : drive,
  );
}
