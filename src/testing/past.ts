import { assessGarden } from "@/core/garden";
import { known } from "@/core/known";
import { readAmount, type GardenRecord } from "@/core/record";
import { type Line, summaryOf } from "@/core/findings";
import { DEMO_HOUSEHOLDS } from "@/demo/households";
import { type Past, pastSeasons, settingIn, type Truths } from "@/demo/seasons";
import { findBagKind, findClimate, findGoal } from "@/library";

const record = ({ kind, on, amount, detail }: Past, plantingId: string, n: number): GardenRecord => {
  const read = readAmount(kind, amount ?? "");
  if (!read.ok) throw new Error(`${amount}: ${read.problem.code}`);
  return {
    id: `${plantingId} ${n}`,
    plantingId,
    kind,
    on,
    amount: read.value,
    note: "",
    supersedes: null,
    detail,
  };
};

/** What invented seasons of the demo's households come to, as findings see them. */
export function linesOf(seed: number, truths: Truths): Line[] {
  const climate = known(findClimate("larkmouth"));
  return DEMO_HOUSEHOLDS.flatMap((household, h) => {
    const householdId = household.survey.name;
    const setting = settingIn(household, climate);
    return pastSeasons(household, { climate, years: [2024, 2025], seed: seed * 100 + h, truths }).flatMap(
      (row, r) => {
        const plantings = row.plantings.map(({ planting, records }, k) => {
          const found = known(findGoal(planting.goalId));
          const method = known(found.goal.methods.find((m) => m.method === planting.method));
          const id = `${householdId} ${r} ${k}`;
          const { sowOn, plants } = planting;
          const followed = {
            ...found,
            method,
            sowOn,
            plants,
            records: records.map((p, n) => record(p, id, n)),
          };
          return {
            planting: { ...planting, id },
            summary: summaryOf(
              { ...followed, id, bagKindId: row.kindId, shape: findBagKind(row.kindId)?.shape, schools: {} },
              setting.climate,
            ),
          };
        });
        const happened = Object.fromEntries(
          plantings.map(({ planting, summary: { sownOn, endedOn } }) => [
            planting.id,
            { ...(sownOn && { sownOn }), ...(endedOn && { endedOn }) },
          ]),
        );
        const plan = {
          bags: [{ id: "bag", kindId: row.kindId, shape: null, atHand: true, firstSeason: null }],
          rows: [
            { id: "row", bagId: "bag", gapCm: null, plantings: plantings.map(({ planting }) => planting) },
          ],
        };
        const views = assessGarden(plan, { ...setting, happened }).rows[0]?.plantings ?? [];
        return plantings.map(({ planting, summary }): Line => {
          const harvest = views.find((view) => view.planting.id === planting.id)?.harvest;
          const expectedKg = harvest
            ? { low: harvest.low, likely: harvest.likely, high: harvest.high }
            : null;
          return { ...summary, householdId, placeKind: household.survey.kind, expectedKg };
        });
      },
    );
  });
}
