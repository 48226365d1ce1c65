"use client";

import { useState } from "react";
import type { GoalReport, Proposal } from "@/core/findings";
import type { Outcome, Problem } from "@/core/problem";
import { type PlanDifference, PlanDifferences } from "@/ui/library/plan-changes";
import { Button } from "@/ui/primitives/button";
import { OutcomeLines } from "@/ui/primitives/outcome-lines";
import { send } from "@/ui/primitives/send";
import { useWords } from "@/ui/words/use-words";
import { Became } from "./became";
import { Beside, kindText, wayText } from "./beside";
import { Timing } from "./timing";
import { t } from "./words";

/** What makes records count in plans. */
export interface FindingActs {
  readonly preview: (goalId: string, about: string) => Promise<Outcome<readonly PlanDifference[]>>;
  readonly take: (goalId: string, about: string) => Promise<Outcome<null>>;
}

export type GoalFinding = GoalReport & { readonly proposals: readonly Proposal[] };

/** One goal's findings opened up: how long it takes, what came up, what was lost, what it gave, and what plans should make of it. */
export function GoalDetail({ finding, acts }: { finding: GoalFinding; acts: FindingActs }) {
  const words = useWords();
  const { percent, quantity } = words;
  const { up, pick, end, cameUp, became, losses, gave, drives, beside, proposals } = finding;
  return (
    <div className="border-b border-line pb-5">
      <div className="grid gap-x-8 gap-y-5 pt-2 lg:grid-cols-2">
        {up && <Timing what="up" timing={up} />}
        {pick && <Timing what="pick" timing={pick} />}
        {end && <Timing what="end" timing={end} />}
        {became && <Became became={became} />}
      </div>
      <ul className="mt-3 text-note">
        {cameUp && (
          <li className="border-t border-line py-1.5">
            <b>{t("findings.cameUp")}</b>{" "}
            {t("findings.cameUpSays", {
              share: percent(cameUp.value),
              low: percent(cameUp.low),
              high: percent(cameUp.high),
              seeds: cameUp.seeds,
            })}
          </li>
        )}
        {losses && (
          <li className="border-t border-line py-1.5">
            <b>{t("findings.losses")}</b>{" "}
            {t("findings.lossesSays", {
              ...{ share: percent(losses.share.value), low: percent(losses.share.low) },
              ...{ high: percent(losses.share.high), lost: losses.lost, of: losses.of, young: losses.young },
            })}{" "}
            {losses.reasons.length > 0 &&
              t("findings.takenBy", {
                reasons: losses.reasons
                  .map(({ reason, plants }) => `${t(`detail.reasons.${reason}`)} ${plants}`)
                  .join(", "),
              })}
          </li>
        )}
        {gave && (
          <li className="border-t border-line py-1.5">
            <b>{t("findings.gave")}</b>{" "}
            {t("findings.gaveSays", {
              middle: quantity(gave.middle, "mass"),
              low: quantity(gave.quarters[0], "mass"),
              high: quantity(gave.quarters[1], "mass"),
              plantings: gave.plantings,
            })}{" "}
            {gave.plantG !== undefined &&
              t("findings.aPlant", { weight: quantity(gave.plantG / 1000, "mass") })}{" "}
            {ratesText(gave.rates, words)}{" "}
            {gave.belief &&
              t("findings.overExpected", {
                ratio: percent(gave.belief.seen.value),
                low: percent(gave.belief.seen.low),
                high: percent(gave.belief.seen.high),
              })}{" "}
            {gave.nothing > 0 && t("findings.nothing", { count: gave.nothing })}{" "}
            {gave.unknown > 0 && t("findings.unknown", { count: gave.unknown })}{" "}
            {gave.doubtful > 0 && t("findings.doubtful", { count: gave.doubtful })}
          </li>
        )}
      </ul>
      <Beside beside={beside} />
      {drives.length > 0 && (
        <section aria-label={t("findings.drives")} className="mt-3">
          <h3 className="font-bold">{t("findings.drives")}</h3>
          <p className="text-fine text-muted">{t("findings.drivesLead")}</p>
          <ul className="text-note">
            {drives.map((drive) => (
              <li key={drive.driver} className="border-t border-line py-1.5">
                {driveText(drive, words)}
              </li>
            ))}
          </ul>
        </section>
      )}
      {proposals.map((proposal) => (
        <ProposalLine key={proposal.about} goalId={finding.goalId} proposal={proposal} acts={acts} />
      ))}
    </div>
  );
}

/** What it gave by other measures, as far as they are known. */
function ratesText(
  { litreG, m2Kg, weekG, householdKg }: NonNullable<GoalReport["gave"]>["rates"],
  { quantity }: ReturnType<typeof useWords>,
): string {
  const told = [
    litreG !== undefined && t("findings.rates.litre", { weight: quantity(litreG / 1000, "mass") }),
    m2Kg !== undefined && t("findings.rates.m2", { weight: quantity(m2Kg, "mass") }),
    weekG !== undefined && t("findings.rates.week", { weight: quantity(weekG / 1000, "mass") }),
    householdKg !== undefined && t("findings.rates.household", { weight: quantity(householdKg, "mass") }),
  ].filter(Boolean);
  return told.length > 0 ? `${told.join(", ")}.` : "";
}

/** What one thing does to the harvest, in plain bounds. */
function driveText(drive: GoalReport["drives"][number], words: ReturnType<typeof useWords>): string {
  const { number } = words;
  const way = (name: string) => wayText(drive.driver, name, words);
  const about = kindText(drive.driver);
  const ways = drive.ways.map(way).join(", ");
  if (drive.code === "tangled") return t("findings.tangled", { about, ways });
  return drive.ratio
    ? t("findings.driveTwo", {
        ...{ about, second: way(drive.ways[1] ?? ""), first: way(drive.ways[0] ?? ""), n: drive.n },
        ...{ ratio: number(drive.ratio.value), low: number(drive.ratio.low), high: number(drive.ratio.high) },
      })
    : t(drive.differ ? "findings.driveMany" : "findings.driveNone", { about, ways, n: drive.n });
}

function ProposalLine({
  goalId,
  proposal: { about, values, weight, households, plantings },
  acts,
}: {
  goalId: string;
  proposal: Proposal;
  acts: FindingActs;
}) {
  const { number, percent } = useWords();
  const [changes, setChanges] = useState<readonly PlanDifference[]>();
  const [failure, setFailure] = useState<Problem>();
  const [taken, setTaken] = useState(false);
  const show = (of: (value: Proposal["values"][number]) => number) =>
    values
      .filter(({ name }) => !name.includes("closedKgM2"))
      .map((value) => number(of(value)))
      .join(" – ");
  const look = async () => {
    const outcome = await send(() => acts.preview(goalId, about));
    setFailure(outcome.ok ? undefined : outcome.problem);
    setChanges(outcome.ok ? outcome.value : undefined);
  };
  const take = async () => {
    const outcome = await send(() => acts.take(goalId, about));
    setFailure(outcome.ok ? undefined : outcome.problem);
    setTaken(outcome.ok);
  };
  return (
    <div className="mt-2 border-l-4 border-leaf bg-card p-3 text-note">
      <p>
        <b>{t(`findings.propose.${about}`)}</b> {show((v) => v.now)} → <b>{show((v) => v.next)}</b>{" "}
        {t(`findings.units.${about}`)}.{" "}
        {t("findings.proposeBasis", { weight: percent(weight), plantings, households })}
      </p>
      <OutcomeLines done={taken && t("findings.taken")} failure={failure}>
        <Button onClick={() => void look()}>{t("findings.look")}</Button>
        <Button look="solid" onClick={() => void take()}>
          {t("findings.take")}
        </Button>
      </OutcomeLines>
      {changes && <PlanDifferences changes={changes} />}
    </div>
  );
}
