import type { Day } from "@/core/day";
import { findSpots } from "@/core/floor";
import type { Garden } from "@/core/garden";
import { plantingOf, suggestGoal } from "@/core/match";
import { addBag, changeRow, type Plan, type Planting, putPlanting } from "@/core/plan";

import type { Reference, Setting } from "@/core/setting";
import type { useWords } from "@/ui/words/use-words";
import type { Act } from "@/ui/palette/acts";
import type { Selection } from "./row-frame";
import { t } from "./words";

interface AtHand {
  readonly garden: Garden;
  readonly setting: Setting;
  readonly reference: Reference;
  readonly today: Day;
  readonly change: (edit: (plan: Plan) => Plan) => void;
  readonly select: (selection: Selection | undefined) => void;
  /** Called where a crop does not grow on the part it was dropped on. */
  readonly refuse: () => void;
}

/** What adds to a plan with one hand: a bag, a crop in a bag, the crop that suits a bag best; what is new is chosen at once. */
export function handsOf({ garden, setting, reference, today, change, select, refuse }: AtHand) {
  const plant = (rowId: string, goalId: string, sowOn: Day, on?: Planting["surface"]) => {
    const into = garden.rows.find((r) => r.row.id === rowId);
    const found = setting.findGoal(goalId);
    const planting = into && found && plantingOf({ ...found, on }, into, sowOn, setting);
    if (!planting) return refuse();
    const id = crypto.randomUUID();
    change((p) => putPlanting(p, into.bag.id, { id, ...planting }, rowId));
    select({ rowId, plantingId: id });
  };
  return {
    plant,
    addRow: () => {
      const [rowId, bagId] = [crypto.randomUUID(), crypto.randomUUID()];
      change((p) =>
        addBag(
          p,
          { id: bagId, kindId: "round-10-gal", shape: null, atHand: false, firstSeason: null },
          rowId,
        ),
      );
      select({ rowId });
    },
    plantBest: (rowId: string) => {
      const goals = reference.crops.flatMap((crop) => crop.goals.map((goal) => ({ crop, goal })));
      const bag = garden.rows.find((r) => r.row.id === rowId)?.bag;
      const best = bag && suggestGoal(goals, bag, today, setting);
      if (best) plant(rowId, best.goal.id, today);
    },
  };
}

/** The acts upon the rows of a garden that can be found by name: choosing a bag or a planting, pinning, finding room on the floor. */
export function rowActs(
  { garden, setting, change, select }: AtHand,
  words: ReturnType<typeof useWords>,
): Act[] {
  return [
    ...garden.rows.flatMap((r, i): Act[] => {
      const n = i + 1;
      return [
        {
          name: t("palette.select", { n, bag: words.bag(r.bag.kindId) }),
          run: () => select({ rowId: r.row.id }),
        },
        {
          name: t("palette.pin", { n }),
          run: () => change((p) => changeRow(p, r.row.id, { pinned: r.row.pinned ? undefined : true })),
        },
        ...r.plantings.map((p): Act => ({
          name: t("palette.plant", { n, crop: `${words.crop(p.goal.id)}, ${words.day(p.planting.sowOn)}` }),
          run: () => select({ rowId: r.row.id, plantingId: p.planting.id }),
        })),
      ];
    }),
    {
      name: t("ground.findSpots", { count: garden.rows.filter((r) => r.load && !r.bag.spot).length }),
      run: () => change((p) => findSpots(p, garden, setting)),
    },
  ];
}
