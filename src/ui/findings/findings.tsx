"use client";

import { useState } from "react";
import type { Leading, Odd } from "@/core/findings";
import { DotRange } from "@/ui/draw/dot-range";
import { buttonClass } from "@/ui/primitives/button";
import { JudgingSince } from "@/ui/primitives/judging-since";
import { Link } from "@/ui/primitives/link";
import { useWords } from "@/ui/words/use-words";
import { Calibration, type CalibrationProps } from "./calibration";
import { type FindingActs, GoalDetail, type GoalFinding } from "./goal-detail";
import { leadingBasis, leadingWords } from "./leading-words";
import { addressOf, Narrow, type NarrowProps } from "./narrow";
import { OddOnes } from "./odd-ones";
import { daysText } from "./timing";
import { t } from "./words";

export interface FindingsProps extends FindingActs, CalibrationProps, NarrowProps {
  readonly plantings: number;
  readonly households: number;
  readonly leading: readonly Leading[];
  readonly goals: readonly GoalFinding[];
  readonly odd: readonly Odd[];
  readonly moreOdd: number;
  /** Households that have gone quiet. */
  readonly quiet: number;
  readonly names: Readonly<Record<string, { readonly code: string; readonly name: string }>>;
  /** When it was worked out (ISO 8601), where it is kept; left out where it is of this moment. */
  readonly madeAt?: string;
  readonly judgingSince?: string;
}

/** Fewer plantings than this say little: they stand apart. */
const SELDOM = 3;

/** What this town's records say, how sure that is, and what plans should make of it. */
export function Findings({ preview, take, ...props }: FindingsProps) {
  const words = useWords();
  const { clock } = words;
  const { ask, parts, plantings, households, leading, goals } = props;
  const [open, setOpen] = useState<string>();
  const acts = { preview, take };
  const show = (goalId: string) => {
    setOpen(goalId);
    requestAnimationFrame(() => document.getElementById(goalId)?.scrollIntoView({ block: "start" }));
  };
  const grown = goals.filter(({ plantings: n }) => n >= SELDOM);
  const seldom = goals.filter(({ plantings: n }) => n < SELDOM);
  const lineProps = (finding: GoalFinding) => ({
    finding,
    most,
    acts,
    isOpen: open === finding.goalId,
    onOpen: () => setOpen(open === finding.goalId ? undefined : finding.goalId),
  });
  const most = Math.max(
    1,
    ...(grown.length > 0 ? grown : goals).map(({ pick }) =>
      Math.max(pick?.expected.high ?? 0, pick?.half.high ?? 0),
    ),
  );
  return (
    <div className="px-4 py-4 lg:px-6">
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        <div>
          <h1 className="text-title font-bold">{t("findings.title")}</h1>
          <p className="text-muted">{t("findings.lead", { plantings, households })}</p>
          {props.madeAt && <p className="text-sm">{t("findings.madeAt", { time: clock(props.madeAt) })}</p>}
          <JudgingSince since={props.judgingSince} />
        </div>
        <div className="flex flex-wrap items-end gap-2 print:hidden">
          <Narrow ask={ask} parts={parts} />
          <a href={`/findings.csv${addressOf(ask)}`} download className={buttonClass("open")}>
            {t("findings.csv")}
          </a>
        </div>
      </div>
      {leading.length > 0 && (
        <ul className="my-4 grid gap-x-8 gap-y-3 lg:grid-cols-3">
          {leading.map((one) => (
            <li key={`${one.code}/${one.goalId}`} className="border-t-rule border-ink pt-2">
              <button type="button" onClick={() => show(one.goalId)} className="text-left hover:underline">
                <span className="block text-lg leading-snug font-bold first-letter:uppercase">
                  {one.isPerhaps && `${t("findings.perhaps")} `}
                  {leadingWords(one, words)}
                </span>
              </button>
              <p className="text-fine text-muted">{leadingBasis(one, words)}</p>
            </li>
          ))}
        </ul>
      )}
      {goals.length === 0 ? (
        <p className="border-t border-line py-6">{t("findings.none")}</p>
      ) : (
        <>
          {leading.length === 0 && <p className="my-3 font-semibold">{t("findings.nothingStands")}</p>}
          <section aria-label={t("findings.byGoal")} className="print:break-inside-auto">
            <h2 className="border-t-rule border-ink pt-1.5 text-lg font-bold">{t("findings.byGoal")}</h2>
            <p className="text-fine text-muted">{t("findings.byGoalLead")}</p>
            <ul>
              {grown.map((g) => (
                <GoalLine key={g.goalId} {...lineProps(g)} />
              ))}
            </ul>
            {seldom.length > 0 && (
              <details open={seldom.some(({ goalId }) => goalId === open)}>
                <summary className="cursor-pointer border-t border-line py-2 font-semibold">
                  {t("findings.seldom", { count: seldom.length })}
                </summary>
                <ul>
                  {seldom.map((g) => (
                    <GoalLine key={g.goalId} {...lineProps(g)} />
                  ))}
                </ul>
              </details>
            )}
          </section>
          <div className="mt-8 grid gap-x-10 gap-y-8 lg:grid-cols-2">
            <Calibration calibration={props.calibration} />
            <OddOnes odd={props.odd} more={props.moreOdd} names={props.names} quiet={props.quiet} />
          </div>
          <p className="mt-4 text-note text-muted">
            <Link href="/season" className="underline">
              {t("season.title")}
            </Link>
          </p>
        </>
      )}
    </div>
  );
}

/** One crop in a line, opened up where it is asked for. */
function GoalLine({
  finding: g,
  most,
  acts,
  isOpen,
  onOpen,
}: {
  finding: GoalFinding;
  most: number;
  acts: FindingActs;
  isOpen: boolean;
  onOpen: () => void;
}) {
  const words = useWords();
  const { crop, percent, quantity } = words;
  return (
    <li
      id={g.goalId}
      className={`scroll-mt-2 border-t border-line ${isOpen ? "print:break-inside-auto" : ""}`}
    >
      <button
        type="button"
        aria-expanded={isOpen}
        onClick={onOpen}
        className="grid w-full grid-cols-[1fr_auto] items-center gap-x-5 gap-y-0.5 py-2 text-left hover:bg-card md:grid-cols-[12.5rem_11rem_13.5rem_7.5rem_1fr]"
      >
        <span>
          <b>{crop(g.goalId)}</b>
          <span className="block text-fine text-muted">
            {t("findings.basis", { plantings: g.plantings, households: g.households })}
          </span>
        </span>
        <span className="text-note max-md:order-3 max-md:col-span-2">
          <span className="text-muted">{t("findings.upIn")}</span> {g.up ? daysText(g.up, words) : "–"}
        </span>
        <span className="text-note max-md:order-4 max-md:col-span-2">
          <span className="text-muted">{t("findings.pickIn")}</span> {g.pick ? daysText(g.pick, words) : "–"}
        </span>
        <span className="max-md:order-2">
          {g.pick && (
            <DotRange
              real={{ low: g.pick.half.low, value: g.pick.half.day, high: g.pick.half.high }}
              expected={{
                ...{ low: g.pick.expected.low, high: g.pick.expected.high },
                value: g.pick.expected.likely,
              }}
              most={most}
              label={t("findings.dotLabel")}
            />
          )}
        </span>
        <span className="text-note max-md:order-5 max-md:col-span-2">
          {[
            g.cameUp && t("findings.shortUp", { share: percent(g.cameUp.value) }),
            g.losses &&
              g.losses.lost > 0 &&
              t("findings.shortLost", { share: percent(g.losses.share.value) }),
            g.gave && t("findings.shortGave", { weight: quantity(g.gave.middle, "mass") }),
            g.gave?.belief &&
              t("findings.shortRatio", {
                ratio: percent(g.gave.belief.seen.value),
              }),
          ]
            .filter(Boolean)
            .join(" · ")}
          {g.proposals.length > 0 && <b className="text-leaf"> ● {t("findings.proposes")}</b>}
        </span>
      </button>
      {isOpen && <GoalDetail finding={g} acts={acts} />}
    </li>
  );
}
