"use client";

import { memo } from "react";
import type { Grade, Limit } from "@/core/fit";
import { GradeMark } from "@/ui/primitives/grade-mark";
import { Tip } from "@/ui/primitives/tip";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

interface CellProps {
  /** Line and column, by which arrow keys find the next one. */
  readonly at: string;
  readonly goalId: string;
  readonly bagId: string;
  readonly kindId: string;
  readonly grade: Grade;
  readonly limit: Limit["code"];
  readonly tip: string | undefined;
  /** Undefined where seed is strewn and nobody counts plants. */
  readonly plants: number | undefined;
  readonly topPlants: number;
  readonly isOn: boolean;
  /** The one that the tab key comes to. */
  readonly isFirst: boolean;
  readonly onChoose: (cell: { goalId: string; bagId: string }) => void;
}

/** One crop in one bag: how many, and how that fits. From one week to the next most cells say the same, and are not drawn again. */
export const MatchCell = memo(function MatchCell({
  at,
  goalId,
  bagId,
  kindId,
  grade,
  limit,
  tip,
  plants,
  topPlants,
  isOn,
  isFirst,
  onChoose,
}: CellProps) {
  const { crop, bag } = useWords();
  return (
    <td className="p-0">
      <Tip text={tip}>
        <button
          type="button"
          data-cell={at}
          tabIndex={isOn || isFirst ? 0 : -1}
          aria-pressed={isOn}
          onClick={() => onChoose({ goalId, bagId })}
          className={`block h-full min-h-12 w-full px-2 py-1 text-left hover:bg-card ${isOn ? "bg-card outline-[3px] -outline-offset-3 outline-beet" : ""}`}
        >
          <span className="sr-only">{t("match.cell", { crop: crop(goalId), bag: bag(kindId) })} </span>
          <span className="flex items-center gap-1.5">
            <b
              className={`font-head ${plants === undefined ? "text-note" : "text-lg"} leading-none ${grade === "wrong" ? "text-muted" : ""}`}
            >
              {plants ?? t("match.strewn")}
            </b>
            <span className="sr-only">
              {plants === undefined ? "" : t("match.cellPlants", { count: plants })}{" "}
            </span>
            <GradeMark grade={grade} />
          </span>
          <span className="block text-fine leading-tight text-muted">
            {grade === "tight" || grade === "wrong" ? t(`limitShort.${limit}`) : ""}{" "}
            {topPlants ? t("match.andTop", { plants: topPlants }) : ""}
          </span>
        </button>
      </Tip>
    </td>
  );
});
