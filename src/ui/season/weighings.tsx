"use client";

import { useRouter } from "next/navigation";
import { useId, useState } from "react";
import {
  type Counted,
  COUNTED,
  type PickedAmounts,
  type Weighing,
  weighedBy,
  WeighingsTyped,
} from "@/core/record";
import { type Outcome, type Problem, readProblem } from "@/core/problem";
import { send } from "@/ui/primitives/send";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

/** Keeps what some bunches or pieces weighed. */
export type Weigh = (weighing: Weighing) => Promise<Outcome<null>>;

interface WeighingsProps {
  readonly crops: readonly (PickedAmounts & { readonly goalId: string })[];
  readonly weighings: readonly Weighing[];
  readonly weigh: Weigh;
}

/** For what was counted when it was picked: what one of it weighs here, and what all of it comes to by that. */
export function Weighings({ crops, weighings, weigh }: WeighingsProps) {
  const counted = crops.flatMap((crop) =>
    COUNTED.filter((measure) => crop[measure] > 0).map((measure) => ({
      goalId: crop.goalId,
      measure,
      count: crop[measure],
    })),
  );
  return (
    <>
      <p className="text-note text-muted">{t("season.weighingsLead")}</p>
      <ul>
        {counted.map((line) => (
          <WeighingLine
            key={`${line.goalId}/${line.measure}`}
            {...line}
            known={weighings.find((w) => w.goalId === line.goalId && w.measure === line.measure)}
            weigh={weigh}
          />
        ))}
      </ul>
    </>
  );
}

interface LineProps {
  readonly goalId: string;
  readonly measure: Counted;
  readonly count: number;
  readonly known: Weighing | undefined;
  readonly weigh: Weigh;
}

function WeighingLine({ goalId, measure, count, known, weigh }: LineProps) {
  const { crop, quantity, problem: say, units } = useWords();
  const router = useRouter();
  const id = useId();
  const shown = known?.grams.map((g) => quantity(g / 1000, "mass")).join(", ") ?? "";
  const [typed, setTyped] = useState(shown);
  const [problem, setProblem] = useState<Problem>();
  const [said, setSaid] = useState(false);
  const sum = known && weighedBy(known, count);
  const store = async () => {
    setSaid(false);
    if (typed.trim() === shown) return setProblem(undefined);
    const read = WeighingsTyped.safeParse(typed);
    if (!read.success) return setProblem(readProblem(read.error.issues[0]?.message ?? ""));
    const outcome = await send(() => weigh({ goalId, measure, grams: read.data }));
    setProblem(outcome.ok ? undefined : outcome.problem);
    setSaid(outcome.ok);
    if (outcome.ok) router.refresh();
  };
  return (
    <li className="border-t border-line py-1.5 text-note">
      <label htmlFor={id}>
        <b>{crop(goalId)}</b>: {t(`amounts.${measure}`, { n: count })}
      </label>
      <span className="ml-2" aria-live="polite">
        {sum &&
          t(sum.lowG === undefined ? "season.comesToOnce" : "season.comesTo", {
            low: quantity((sum.lowG ?? 0) / 1000, "mass"),
            likely: quantity(sum.g / 1000, "mass"),
            high: quantity((sum.highG ?? 0) / 1000, "mass"),
          })}
      </span>
      <span className="flex flex-wrap items-center gap-2">
        <input
          id={id}
          className="min-h-9 w-60 border-rule border-line bg-card px-1.5 focus:border-ink aria-invalid:border-beet"
          value={typed}
          placeholder={t("season.weighingHint", { units })}
          aria-invalid={problem !== undefined}
          onChange={(e) => setTyped(e.target.value)}
          onBlur={() => void store()}
        />
        <span role="status">{said && t("shared.saved")}</span>
      </span>
      {problem && (
        <span role="alert" className="block font-semibold text-beet">
          ✕ {say(problem)}
        </span>
      )}
    </li>
  );
}
