import type { ReactNode } from "react";
import type { Day } from "@/core/day";
import { heardOf, type PlantingView, type RowView, standingOn } from "@/core/garden";
import { sectionPlant, topPlanting } from "@/ui/draw/plantings";
import { BagSection } from "@/ui/draw/section";
import type { StripBar } from "@/ui/draw/strip";
import type { TopPlanting } from "@/ui/draw/top";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

export interface Selection {
  readonly rowId: string;
  readonly plantingId?: string;
}

/** A row as lists name it. */
export interface RowName {
  readonly id: string;
  readonly number: number;
  readonly kindId: string;
}

/** A row, and what is chosen. */
export interface RowShown {
  readonly view: RowView;
  readonly number: number;
  readonly today: Day;
  readonly selection: Selection | undefined;
  readonly onSelect: (selection: Selection) => void;
  /** Drawn large though nobody chose it. */
  readonly isLarge?: boolean;
}

/** The plantings that the drawings show: what stands with the selected one at its first pick, else what stands today or comes next. */
function inView({ view, selection, today }: RowShown): PlantingView[] {
  const chosen = view.plantings.find((p) => p.planting.id === chosenIn(view, selection));
  const next = view.plantings.find((p) => p.stay.to >= today) ?? view.plantings[0];
  const firstPick = (p: PlantingView) => p.season.stages.firstPick?.likely ?? p.stay.from;
  if (chosen) return [...new Set([chosen, ...standingOn(view, firstPick(chosen))])];
  const now = standingOn(view, today);
  return now.length > 0 ? now : next ? standingOn(view, firstPick(next)) : [];
}

const chosenIn = (view: RowView, selection: Selection | undefined) =>
  selection?.rowId === view.row.id ? selection.plantingId : undefined;

/** From when to when a planting is on record. */
function knownPart({ real, season, stay }: PlantingView, today: Day) {
  const from = season.stages.sow < stay.from ? season.stages.sow : stay.from;
  const to = real?.endedOn ?? (today < stay.to ? today : stay.to);
  return from <= to ? { from, to } : undefined;
}

/** The bars of a row's season. */
export const barsOf = ({ view, selection, today }: RowShown): StripBar[] =>
  view.plantings.map((p) => ({
    known: p.real && knownPart(p, today),
    id: p.planting.id,
    goalId: p.goal.id,
    plants: p.planting.plants,
    harvest: p.harvest.high > 0 && !p.real?.endedOn ? p.harvest : undefined,
    stages: p.season.stages,
    outBy: p.planting.outBy,
    selected: chosenIn(view, selection) === p.planting.id,
    wrong: p.fit.grade === "wrong" || view.clashes.some((c) => c.plantingId === p.planting.id),
  }));

/** The plantings that a bag shows from above. */
export const topsOf = (row: RowShown): TopPlanting[] =>
  inView(row).map((p) => topPlanting(p, chosenIn(row.view, row.selection) === p.planting.id));

/** What the records change, in words. */
function HeardLines({ view, today }: RowShown) {
  const { heard } = useWords();
  return heardOf(view, today).map((h) => (
    <p
      key={`${h.code} ${h.plantingId}`}
      className={`text-fine font-semibold ${h.code === "too-late" ? "text-beet" : ""}`}
    >
      {heard(h)}
    </p>
  ));
}

/** Columns of a row, of the axis above and of the year below, so that all share one time. */
export const ROW_COLUMNS = "lg:grid lg:grid-cols-[18.5rem_minmax(0,1fr)] lg:gap-x-3";

/** One row is one bag: its name and weight, its section, its top with the plants, and its season. It is drawn larger once it is chosen. */
export function RowFrame({
  top,
  season,
  ...row
}: RowShown & { top: (isSmall: boolean) => ReactNode; season: ReactNode }) {
  const { bag, quantity } = useWords();
  const { view, number, selection, onSelect } = row;
  const rowId = view.row.id;
  const selected = selection?.rowId === rowId;
  const isSmall = !selected && !row.isLarge;
  const heavy =
    view.load?.grade === "over"
      ? t("bench.loadLine", { load: quantity(view.load.kgM2, "load") })
      : view.hook?.grade === "over"
        ? t("bench.hookLine", {
            wet: quantity(view.wetKg, "mass"),
            limit: quantity(view.hook.limitKg ?? 0, "mass"),
          })
        : undefined;
  return (
    <section
      aria-label={t("shared.row", { n: number })}
      className={`relative border-t border-line px-4 py-1 lg:pr-0 lg:pl-6 ${ROW_COLUMNS} ${
        selected ? "bg-card before:absolute before:inset-y-0 before:left-0 before:w-[5px] before:bg-beet" : ""
      }`}
    >
      <div className={`flex gap-x-2 ${isSmall ? "" : "flex-wrap"}`}>
        <button
          type="button"
          aria-pressed={selected && !selection.plantingId}
          onClick={() => onSelect({ rowId })}
          className={`min-h-9 self-start py-0.5 text-left text-note hover:underline ${isSmall ? "min-w-0 flex-1" : "w-full"}`}
        >
          <b className="mr-2 font-head">{number}</b>
          <span className="font-semibold">{bag(view.bag.kindId)}</span>
          {view.row.pinned && <span className="ml-2 text-fine text-muted">{t("bench.pinned")}</span>}
          <span className="block text-fine text-muted">
            {quantity(view.soilL, "volume")} · {quantity(view.wetKg, "mass")} {t("bench.weight")}
            {heavy && <b className="block text-beet">▲ {heavy}</b>}
          </span>
        </button>
        <BagSection
          shape={view.shape}
          depthCm={view.depthCm}
          isSmall={isSmall}
          plants={inView(row).map((p) => sectionPlant(p, view))}
        />
        {top(isSmall)}
      </div>
      <div className="flex min-w-0 flex-col">
        <div className="relative min-w-0 flex-1">
          {season}
          {view.plantings.length === 0 && (
            <p className="absolute top-2 left-2 text-note text-muted">{t("bench.noPlanting")}</p>
          )}
        </div>
        <HeardLines {...row} />
      </div>
    </section>
  );
}
