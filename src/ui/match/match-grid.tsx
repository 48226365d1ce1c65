"use client";

import { useVirtualizer } from "@tanstack/react-virtual";
import { type KeyboardEvent, memo, useRef } from "react";
import { soilVolumeL } from "@/core/bag";
import { known } from "@/core/known";
import type { BagThing } from "@/core/plan";
import { bestWorth, type LineGlance } from "@/core/match";
import { type Setting, shapeOf } from "@/core/setting";
import { Tip } from "@/ui/primitives/tip";
import { useWords } from "@/ui/words/use-words";
import { MatchCell } from "./match-cell";
import { t } from "./words";

interface GridProps {
  readonly lines: readonly LineGlance[];
  readonly bags: readonly BagThing[];
  readonly setting: Setting;
  readonly chosen: { goalId: string; bagId: string } | undefined;
  readonly onChoose: (cell: { goalId: string; bagId: string }) => void;
  /** From a bag: which crops; from a crop: which bags. */
  readonly onWhatFits: (bagId: string) => void;
  readonly onWhereFits: (goalId: string) => void;
}

const STEPS: Record<string, readonly [down: number, across: number]> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
};

/** Moves the focus to the next cell in the arrow's direction, past bags that have no surface for the crop. */
function walk(event: KeyboardEvent<HTMLTableElement>) {
  const step = STEPS[event.key];
  const at = (event.target as HTMLElement).dataset.cell?.split(":").map(Number);
  if (!step || !at) return;
  event.preventDefault();
  let [line = 0, column = 0] = at;
  for (let tries = 0; tries < 40; tries++) {
    line += step[0];
    column += step[1];
    const next = event.currentTarget.querySelector<HTMLElement>(`[data-cell="${line}:${column}"]`);
    if (next) return next.focus();
  }
}

/** Height of a line before it is measured, and how many stand ready beyond what is seen, so that arrow keys find the next. */
const LINE_PX = 53;
const BEYOND = 4;
/** Widths of a bag's column, and of the two columns before them that stay in sight. */
const COLUMN_PX = 104;
const LEAD_PX = 320;

/** Crops down, bags across; of a long list only the lines and columns in view are drawn, and none while only the slider moves. */
export const MatchGrid = memo(function MatchGrid({
  lines,
  bags,
  setting,
  chosen,
  onChoose,
  onWhatFits,
  onWhereFits,
}: GridProps) {
  const { crop, bag, day, quantity, money, season } = useWords();
  const nameOf = (id: string) => bag(bags.find((b) => b.id === id)?.kindId ?? "");
  const first = lines[0]?.cells[0];
  const box = useRef<HTMLDivElement>(null);

  const inView = useVirtualizer({
    count: lines.length,
    getScrollElement: () => box.current,
    getItemKey: (i) => lines[i]?.goal.id ?? i,
    estimateSize: () => LINE_PX,
    overscan: BEYOND,
    initialRect: { width: 900, height: 700 },
  });
  const across = useVirtualizer({
    horizontal: true,
    count: bags.length,
    getScrollElement: () => box.current,
    getItemKey: (i) => bags[i]?.id ?? i,
    estimateSize: () => COLUMN_PX,
    paddingStart: LEAD_PX,
    overscan: 2,
    initialRect: { width: 900, height: 700 },
  });
  const columns = across.getVirtualItems().flatMap(({ index }) => {
    const b = bags[index];
    return b ? [{ b, column: index }] : [];
  });
  const left = columns[0]?.column ?? 0;
  const right = bags.length - 1 - (columns.at(-1)?.column ?? -1);
  const drawn = inView.getVirtualItems();
  const above = drawn[0]?.start ?? 0;
  const below = inView.getTotalSize() - (drawn.at(-1)?.end ?? 0);
  return (
    <div ref={box} className="relative max-h-[75vh] overflow-auto lg:max-h-[calc(100vh-18rem)]">
      <table
        onKeyDown={walk}
        aria-rowcount={lines.length + 1}
        aria-colcount={bags.length + 2}
        className="w-px table-fixed border-collapse text-note"
      >
        <colgroup>
          <col className="w-30 lg:w-48" />
          <col className="w-24 lg:w-32" />
          {bags.map((b) => (
            <col key={b.id} className="w-26" />
          ))}
        </colgroup>
        <thead>
          <tr className="sticky top-0 z-2 bg-paper align-bottom shadow-[inset_0_-1.5px_0_var(--ink)]">
            <th
              scope="col"
              className="sticky left-0 z-3 bg-paper py-1.5 pr-3 text-left shadow-[inset_0_-1.5px_0_var(--ink)]"
            >
              {t("match.crop")}
            </th>
            <th scope="col" className="px-2 py-1.5 text-left leading-tight">
              {t("match.meal")}
              <span className="block text-fine font-normal text-muted">{t("match.mealWorth")}</span>
            </th>
            {left > 0 && <td colSpan={left} aria-hidden="true" />}
            {columns.map(({ b, column }) => {
              const shape = shapeOf(b, setting);
              return (
                <th
                  key={b.id}
                  scope="col"
                  aria-colindex={column + 3}
                  className="px-2 py-1.5 text-left leading-tight font-semibold"
                >
                  <Tip text={t("match.whatFits")}>
                    <button
                      type="button"
                      onClick={() => onWhatFits(b.id)}
                      className="min-h-6 text-left underline decoration-line decoration-2 underline-offset-3 hover:decoration-beet"
                    >
                      {bag(b.kindId)}
                    </button>
                  </Tip>
                  <span className="block text-fine font-normal text-muted">
                    {shape && quantity(soilVolumeL(shape), "volume")}
                  </span>
                </th>
              );
            })}
            {right > 0 && <td colSpan={right} aria-hidden="true" />}
          </tr>
        </thead>
        <tbody>
          {above > 0 && <tr aria-hidden="true" style={{ height: above }} />}
          {drawn.map(({ index: row, key }) => {
            const line = known(lines[row]);
            const best = bestWorth(line, setting);
            return (
              <tr
                key={key}
                ref={inView.measureElement}
                data-index={row}
                aria-rowindex={row + 2}
                className="border-b border-line"
              >
                <th scope="row" className="sticky left-0 z-1 bg-paper py-1.5 pr-3 text-left font-semibold">
                  <Tip text={t("match.whereFits")}>
                    <button
                      type="button"
                      onClick={() => onWhereFits(line.goal.id)}
                      className="min-h-6 text-left underline decoration-line decoration-2 underline-offset-3 hover:decoration-beet"
                    >
                      {crop(line.goal.id)}
                    </button>
                  </Tip>
                  <span className="block text-fine font-normal text-muted">
                    {t(`methods.${line.choice.method.method}`)}
                  </span>
                </th>
                <td className="px-2 align-top">
                  <span className="block py-1.5 pb-0">
                    {line.season.stages.firstPick
                      ? day(line.season.stages.firstPick.likely)
                      : t("match.never")}
                  </span>
                  {best && (
                    <span className="block text-fine text-muted">
                      {t("match.worthIn", { money: money(best.minor), bag: nameOf(best.bagId) })}
                    </span>
                  )}
                </td>
                {left > 0 && <td colSpan={left} aria-hidden="true" />}
                {columns.map(({ b, column }) => {
                  const cell = line.cells.find((c) => c.bagId === b.id);
                  if (!cell) {
                    return (
                      <td key={b.id} className="px-2 text-muted">
                        {t("match.noSurface")}
                      </td>
                    );
                  }
                  const { fit } = cell;
                  const isOn = chosen?.goalId === line.goal.id && chosen.bagId === b.id;
                  return (
                    <MatchCell
                      key={b.id}
                      at={`${row}:${column}`}
                      goalId={line.goal.id}
                      bagId={b.id}
                      kindId={b.kindId}
                      grade={fit.grade}
                      limit={fit.limit.code}
                      tip={fit.limit.code === "season" ? season(cell.season.reason) : undefined}
                      plants={fit.sown ? undefined : (fit.plants ?? undefined)}
                      topPlants={cell.top?.plants ?? 0}
                      isOn={isOn}
                      isFirst={!chosen && cell === first}
                      onChoose={onChoose}
                    />
                  );
                })}
                {right > 0 && <td colSpan={right} aria-hidden="true" />}
              </tr>
            );
          })}
          {below > 0 && <tr aria-hidden="true" style={{ height: below }} />}
        </tbody>
      </table>
    </div>
  );
});
