"use client";

import { useState } from "react";
import type { Day } from "@/core/day";
import type { Answer } from "@/core/findings";
import type { Outcome, Problem } from "@/core/problem";
import { AskFirst } from "@/ui/primitives/ask-first";
import { Link } from "@/ui/primitives/link";
import { OutcomeLines } from "@/ui/primitives/outcome-lines";
import { send } from "@/ui/primitives/send";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

interface Pair {
  readonly householdId: string;
  readonly code: string;
  readonly name: string;
  readonly secondHouseholdId: string;
  readonly secondCode: string;
  readonly secondName: string;
  readonly firstRow: number;
  readonly secondRow: number;
  readonly position: number;
  readonly dropped: string | null;
  readonly droppedBy: string | null;
  readonly isIn: boolean;
  readonly isDoubtful: boolean;
}

export interface TrialFacts {
  readonly id: string;
  readonly goalId: string;
  readonly question: string;
  readonly firstWay: string;
  readonly secondWay: string;
  readonly ratio: number;
  readonly planned: number;
  readonly seed: number;
  readonly author: string;
  readonly pairs: readonly Pair[];
  readonly standing: number;
  readonly pairsIn: number;
  readonly needed: number | null;
  readonly looks: readonly { readonly pairs: number; readonly verdict: string; readonly lookedOn: Day }[];
  readonly answer?: Answer;
  readonly ratios: readonly number[];
}

export interface TrialActs {
  readonly look: (id: string) => Promise<Outcome<null>>;
  readonly leaveOut: (pair: { id: string; position: number; reason: string }) => Promise<Outcome<null>>;
}

type Words = ReturnType<typeof useWords>;

/** What a side-by-side says, in plain bounds. */
function answerText(
  answer: Answer,
  { secondWay }: Pick<TrialFacts, "secondWay">,
  { percent, number }: Words,
): string {
  const { verdict, ratio, morePairs } = answer;
  const off = (value: number) => percent(Math.abs(value - 1));
  if (ratio && verdict === "more" && Number.isFinite(ratio.high))
    return t("sideBySides.answers.more", { way: secondWay, low: off(ratio.low), high: off(ratio.high) });
  if (ratio && verdict === "less" && ratio.low > 0)
    return t("sideBySides.answers.less", { way: secondWay, low: off(ratio.high), high: off(ratio.low) });
  if (verdict === "more" || verdict === "less")
    return t(`sideBySides.answers.${verdict}Only`, { way: secondWay });
  if (verdict === "no-difference") return t("sideBySides.answers.no-difference");
  return morePairs === undefined
    ? t("sideBySides.answers.never")
    : t("sideBySides.answers.cannot-tell", { pairs: number(morePairs) });
}

/** One side-by-side: what is asked, who takes which, how far it is, and what it says. */
export function Trial({ trial, acts }: { trial: TrialFacts; acts?: TrialActs }) {
  const words = useWords();
  const { crop, percent, day } = words;
  const { id, goalId, question, firstWay, secondWay, pairs, pairsIn, planned, needed, looks, answer } = trial;
  const [failure, setFailure] = useState<Problem>();
  const [done, setDone] = useState<string>();
  const act = async (work: () => Promise<Outcome<null>>, said: string) => {
    const outcome = await send(work);
    setFailure(outcome.ok ? undefined : (outcome.fields?.reason ?? outcome.problem));
    setDone(outcome.ok ? said : undefined);
  };
  return (
    <article className="mb-8 border-t-rule border-ink pt-2">
      <h2 className="text-lg font-bold">{question}</h2>
      <p className="text-note text-muted">
        {crop(goalId)}: {firstWay} / {secondWay}.{" "}
        {needed === null
          ? t("sideBySides.plannedNever", { planned, more: percent(trial.ratio - 1) })
          : t("sideBySides.planned", {
              ...{ planned, needed, more: percent(trial.ratio - 1) },
              enough: String(needed <= planned),
            })}
      </p>
      <p className="my-2 text-lg">
        {answer ? (
          <b>{answerText(answer, trial, words)}</b>
        ) : (
          t("sideBySides.notLooked", { in: pairsIn, planned: trial.standing })
        )}
      </p>
      {answer && trial.ratios.length > 0 && (
        <RatioDots
          ratios={trial.ratios}
          answer={answer}
          label={t("sideBySides.dots", { count: trial.ratios.length })}
        />
      )}
      {acts && !answer && pairsIn > 0 && (
        <OutcomeLines done={done ?? false} failure={failure}>
          <AskFirst
            name={t("sideBySides.look")}
            of={question}
            question={t("sideBySides.lookAsk")}
            yes={t("sideBySides.lookYes")}
            onYes={() => void act(() => acts.look(id), t("sideBySides.looked"))}
          />
        </OutcomeLines>
      )}
      {looks.length > 0 && (
        <p className="text-fine text-muted">
          {t("sideBySides.looks", {
            list: looks.map((l) => `${day(l.lookedOn)} (${l.pairs})`).join(", "),
          })}
        </p>
      )}
      <details className="mt-2">
        <summary className="cursor-pointer py-1 font-semibold">{t("sideBySides.who")}</summary>
        <p className="text-fine text-muted">{t("sideBySides.chance", { seed: trial.seed })}</p>
        <table className="w-full text-note">
          <thead className="text-left text-fine text-muted">
            <tr>
              <th scope="col">{t("sideBySides.household")}</th>
              <th scope="col">{firstWay}</th>
              <th scope="col">{secondWay}</th>
              <th scope="col">{t("sideBySides.state")}</th>
            </tr>
          </thead>
          <tbody>
            {pairs.map((p) => (
              <tr key={p.position} className="border-t border-line">
                <th scope="row" className="py-1 text-left font-semibold">
                  <Link href={`/house/${p.householdId}/bench`} className="underline">
                    {p.code} {p.name}
                  </Link>
                  {p.secondHouseholdId !== p.householdId && (
                    <>
                      {" / "}
                      <Link href={`/house/${p.secondHouseholdId}/bench`} className="underline">
                        {p.secondCode} {p.secondName}
                      </Link>
                    </>
                  )}
                </th>
                <td>{t("shared.row", { n: p.firstRow })}</td>
                <td>{t("shared.row", { n: p.secondRow })}</td>
                <td>
                  {p.dropped
                    ? t("sideBySides.dropped", { reason: p.dropped, by: p.droppedBy ?? "" })
                    : p.isIn
                      ? `✓ ${t("sideBySides.in")}`
                      : t(p.isDoubtful ? "sideBySides.doubtful" : "sideBySides.growing")}
                  {acts && !p.dropped && looks.length === 0 && (
                    <LeaveOut
                      of={`${p.code} ${p.name}`}
                      onReason={(reason) =>
                        act(
                          () => acts.leaveOut({ id, position: p.position, reason }),
                          t("sideBySides.leftOut"),
                        )
                      }
                    />
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        {answer && failure === undefined && done && <p role="status">{done}</p>}
      </details>
    </article>
  );
}

/** Leaves a pair out, once a reason is typed. */
function LeaveOut({ of, onReason }: { of: string; onReason: (reason: string) => Promise<void> }) {
  const [reason, setReason] = useState<string>();
  if (reason === undefined)
    return (
      <button
        type="button"
        className="ml-2 min-h-9 text-fine underline"
        aria-label={`${t("sideBySides.leaveOut")}: ${of}`}
        onClick={() => setReason("")}
      >
        {t("sideBySides.leaveOut")}
      </button>
    );
  return (
    <span className="flex flex-wrap items-center gap-2 py-1">
      <input
        aria-label={`${t("sideBySides.why")}: ${of}`}
        placeholder={t("sideBySides.why")}
        className="min-h-9 border-rule border-line bg-card px-1.5"
        value={reason}
        onChange={(e) => setReason(e.target.value)}
      />
      <button type="button" className="min-h-9 underline" onClick={() => void onReason(reason)}>
        {t("sideBySides.leaveOut")}
      </button>
    </span>
  );
}

/** px */
const [WIDE, HIGH] = [420, 54];
/** The scale runs from a third to three times. */
const ENDS = Math.log(3);

/** Each pair's ratio as a dot on a line that has "alike" in its middle, and the middle ratio with its range. */
function RatioDots({ ratios, answer, label }: { ratios: readonly number[]; answer: Answer; label: string }) {
  const x = (ratio: number) =>
    WIDE / 2 + (Math.max(-1, Math.min(1, Math.log(Math.max(ratio, 1e-6)) / ENDS)) * (WIDE - 20)) / 2;
  const { ratio } = answer;
  return (
    <svg role="img" aria-label={label} viewBox={`0 0 ${WIDE} ${HIGH}`} className="block w-full max-w-[30rem]">
      <line
        x1={WIDE / 2}
        x2={WIDE / 2}
        y1={2}
        y2={HIGH - 14}
        className="stroke-muted"
        strokeDasharray="3 3"
      />
      {ratios.map((r, i) => (
        <circle key={i} cx={x(r)} cy={12} r={3.5} className="fill-none stroke-ink" strokeWidth={1.2} />
      ))}
      {ratio && (
        <>
          <line
            x1={x(ratio.low)}
            x2={x(ratio.high)}
            y1={28}
            y2={28}
            className="stroke-beet"
            strokeWidth={2}
          />
          <circle cx={x(ratio.value)} cy={28} r={5} className="fill-beet" />
        </>
      )}
      <text x={10} y={HIGH - 2} className="fill-muted text-[11px]">
        {t("sideBySides.lessEnd")}
      </text>
      <text x={WIDE / 2} y={HIGH - 2} textAnchor="middle" className="fill-muted text-[11px]">
        {t("sideBySides.alike")}
      </text>
      <text x={WIDE - 10} y={HIGH - 2} textAnchor="end" className="fill-muted text-[11px]">
        {t("sideBySides.moreEnd")}
      </text>
    </svg>
  );
}
