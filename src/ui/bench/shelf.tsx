"use client";

import { useMemo, useState } from "react";
import { type Day, isDay, DayText } from "@/core/day";

import { matchAll, type MatchLine, orderLines, passesTaste } from "@/core/match";
import type { Reference, Setting } from "@/core/setting";
import type { Fit } from "@/core/fit";
import type { RowView } from "@/core/garden";
import { TextField } from "@/ui/primitives/field";
import { GradeMark } from "@/ui/primitives/grade-mark";
import { TypedField } from "@/ui/primitives/typed-field";
import { useWords } from "@/ui/words/use-words";
import { useCarried } from "./dragging";
import { t } from "./words";

const SHOWN = 12;

/** What this bag could take, the best first: pressed, it is planted on the day; dragged onto a season, it is planted where it is let go. */
export function Shelf({
  row,
  reference,
  setting,
  today,
  onPlant,
}: {
  row: RowView;
  reference: Reference;
  setting: Setting;
  today: Day;
  onPlant: (goalId: string, sowOn: Day) => void;
}) {
  const { namesOf } = useWords();
  const [sowOn, setSowOn] = useState(today);
  const [name, setName] = useState("");
  const goals = useMemo(
    () => reference.crops.flatMap((c) => c.goals.map((goal) => ({ crop: c, goal }))),
    [reference],
  );
  const { bag } = row;
  const lines = useMemo(() => {
    const sought = name.trim().toLowerCase();
    const isWanted = (l: MatchLine) =>
      sought ? namesOf(l.goal.id, l.crop.botanical).includes(sought) : passesTaste(l, "liked", setting);
    const fitting = matchAll(goals, [bag], isDay(sowOn) ? sowOn : today, setting).filter(
      (l) => isWanted(l) && l.cells.some((c) => c.fit.grade !== "wrong"),
    );
    return orderLines(orderLines(fitting, "tastes", setting), "fit", setting)
      .slice(0, SHOWN)
      .flatMap((line) => line.cells.slice(0, 1).map(({ fit }) => ({ ...line, fit })));
  }, [goals, bag, sowOn, today, setting, name, namesOf]);
  return (
    <details className="border-t border-line pt-2">
      <summary className="cursor-pointer font-head font-bold">{t("shelf.title")}</summary>
      <p className="my-1 text-sm text-muted">{t("shelf.lead")}</p>
      <TypedField type="date" label={t("dates.sowOn")} text={sowOn} schema={DayText} onValue={setSowOn} />
      <TextField
        label={t("shelf.find")}
        className="mt-2"
        value={name}
        onChange={(e) => setName(e.target.value)}
      />
      <ul className="mt-2">
        {lines.map(({ fit, ...line }) => (
          <li key={line.goal.id} className="border-t border-line">
            <Carried line={line} fit={fit} onPlant={() => onPlant(line.goal.id, sowOn)} />
          </li>
        ))}
        {lines.length === 0 && (
          <li className="text-muted">{t(name.trim() ? "shelf.noneNamed" : "shelf.none")}</li>
        )}
      </ul>
    </details>
  );
}

/** A crop of the shelf, with its grade in this bag. */
function Carried({ line, fit, onPlant }: { line: MatchLine; fit: Fit; onPlant: () => void }) {
  const { crop, day } = useWords();
  const { setNode, listeners } = useCarried(`shelf ${line.goal.id}`, line.goal.id);
  return (
    <button
      type="button"
      ref={setNode}
      {...listeners}
      data-crop={line.goal.id}
      onClick={onPlant}
      className="flex min-h-9 w-full cursor-grab touch-manipulation items-center gap-2 text-left text-note select-none hover:underline"
    >
      <GradeMark grade={fit.grade} />
      <span className="flex-1">
        {crop(line.goal.id)} {fit.plants !== undefined && `× ${fit.plants}`}
      </span>
      <span className="text-muted">
        {line.season.stages.firstPick && day(line.season.stages.firstPick.likely)}
      </span>
    </button>
  );
}
