import loadHighs from "highs";
import { settingWith } from "@/testing/garden";
import { demoPrices } from "@/demo/prices";
import { pricesBy } from "@/core/money";
import { SHIPPED, findMix } from "@/library";
import { instanceOf, relaxationOf, type Ask } from "@/core/planner";
import { writeFileSync } from "node:fs";
const setting = settingWith({ mix: findMix("potting-mix-and-manure")!, sunHours: 6, floorM2: 6, limitKgM2: 195, prices: pricesBy(demoPrices("EUR")), wants: { groups: { greens: "daily", pods: "often", roots: "sometimes", fruits: "often" }, must: ["kale", "pea"], never: ["pepper"] }, people: { adults: 2, children: 2 }, hands: { cells: 40, skill: "some" } });
const uid = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, "0")}`;
const bags = ["round-10-gal","round-10-gal","round-10-gal","round-5-gal","round-5-gal","tub-80-l","tub-80-l","tower-75","flat-1.5-cu-ft","flat-1.5-cu-ft","bottle","bottle","round-15-gal","round-7-gal"].map((kindId, i) => ({ id: uid(i), kindId, shape: null, atHand: true, firstSeason: 2026 }));
const ask: Ask = { plan: { bags, rows: [] }, setting, reference: SHIPPED, today: "2026-05-18", aim: "value", kinds: ["round-10-gal", "tub-80-l", "tower-50"], budgetMinor: 6000, waterLDay: 40, away: [], repair: false, without: [] };
const inst = instanceOf(ask);
const m = relaxationOf(inst).model;
const highs = await loadHighs();
for (const opt of [{ solver: "ipm", run_crossover: "off" }, { solver: "ipm" }, { solver: "simplex", simplex_strategy: 4 }, { solver: "pdlp" }, { solver: "simplex", presolve: "off" }] as Record<string, any>[]) {
  const model = highs.createModel(); model.options.set({ output_flag: false, time_limit: 30, ...opt });
  model.passModel({ numCols: m.cost.length, numRows: m.rowLower.length, sense: highs.constants.objectiveSense.maximize, colCost: m.cost, colLower: m.lower, colUpper: m.upper, rowLower: m.rowLower, rowUpper: m.rowUpper, matrix: { format: "csc", numRows: m.rowLower.length, numCols: m.cost.length, starts: m.starts, indices: m.rows, values: m.values } } as any);
  const t = performance.now(); try { model.run(); console.log(JSON.stringify(opt), Math.round(performance.now() - t), model.getObjectiveValue(), model.getModelStatus()); } catch (e) { console.log(JSON.stringify(opt), String(e)); } model.dispose();
}
