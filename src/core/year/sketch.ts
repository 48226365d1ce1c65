import * as z from "zod";
import { type Day, DayText } from "../day";
import type { Garden, PlantingView } from "../garden";
import { shareOf, type Span, spanOf } from "./span";

/** A place on the span's time, from 0 at its start to 1 at its end. */
const Share = z.number().min(0).max(1);

/** A garden at a glance: each bag that is planted, with its plantings on one time. Plain and small, so that it can be kept. */
export const Sketch = z.object({
  span: z.object({ from: DayText, to: DayText, months: z.array(DayText) }),
  rows: z.array(
    z.object({
      kindId: z.string(),
      /** When each planting is sown, is up, is first picked, and is out. */
      bars: z.array(z.object({ goalId: z.string(), at: z.tuple([Share, Share, Share, Share]) })),
    }),
  ),
});
export type Sketch = z.infer<typeof Sketch>;

/** A thousandth of a year is a third of a day. */
const rounded = (share: number) => Math.round(share * 1000) / 1000;

function barOf(p: PlantingView, span: Span): Sketch["rows"][number]["bars"][number] {
  const { sow, up, firstPick } = p.season.stages;
  const end = p.stay.to;
  const grows = up?.likely ?? sow;
  const picks = firstPick?.likely ?? end;
  // Out before it is up, or picked: what does not come takes no room.
  const before = (day: Day) => rounded(shareOf(span, day < end ? day : end));
  return { goalId: p.goal.id, at: [before(sow), before(grows), before(picks), before(end)] };
}

/** A garden as it can be drawn small, from a day on. */
export function sketchOf(garden: Garden, today: Day): Sketch {
  const span = spanOf(garden, today);
  const { from, to, months } = span;
  return {
    span: { from, to, months: [...months] },
    rows: garden.rows
      .filter((row) => row.plantings.length > 0)
      .map((row) => ({ kindId: row.bag.kindId, bars: row.plantings.map((p) => barOf(p, span)) })),
  };
}
