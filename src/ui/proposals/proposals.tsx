"use client";

import Link from "next/link";
import { useEffect, useState } from "react";
import { type Aim, AIMS, isAsGood, type Proposal } from "@/core/planner";
import type { Outcome, Problem } from "@/core/problem";
import { Button, buttonClass } from "@/ui/primitives/button";
import { SelectField } from "@/ui/primitives/field";
import { send } from "@/ui/primitives/send";
import { useWords } from "@/ui/words/use-words";

/** One household in the list: how far its proposal is, and what it comes to. */
interface Line {
  readonly householdId: string;
  readonly name: string;
  readonly status: "waiting" | "working" | "done" | "failed" | "none" | "unsurveyed";
  readonly jobId?: string;
  readonly aim?: Aim;
  readonly proposal?: Proposal;
  readonly stale: boolean;
}

interface ProposalsProps {
  readonly start: readonly Line[];
  readonly ask: (aim: Aim) => Promise<Outcome<null>>;
  readonly read: () => Promise<Outcome<readonly Line[]>>;
  readonly take: (jobId: string) => Promise<Outcome<{ version: number }>>;
}

const LOOK_AGAIN_MS = 2000;

const isOpen = ({ status }: Line) => status === "waiting" || status === "working";

/** Gardens for every household of the programme, worked out on the server while people do other things. */
export function Proposals({ start, ask, read, take }: ProposalsProps) {
  const { t, percent, money, problem: say } = useWords();
  const [lines, setLines] = useState(start);
  const [aim, setAim] = useState<Aim>("value");
  const [failure, setFailure] = useState<Problem>();
  const [taken, setTaken] = useState<readonly string[]>([]);
  const asked = lines.filter((l) => l.status !== "none" && l.status !== "unsurveyed");
  const open = lines.filter(isOpen).length;

  useEffect(() => {
    if (open === 0) return;
    const timer = setInterval(
      () => void send(read).then((outcome) => outcome.ok && setLines(outcome.value)),
      LOOK_AGAIN_MS,
    );
    return () => clearInterval(timer);
  }, [open, read]);

  const begin = async () => {
    setFailure(undefined);
    setTaken([]);
    const outcome = await send(() => ask(aim));
    if (!outcome.ok) return setFailure(outcome.problem);
    const now = await send(read);
    if (now.ok) setLines(now.value);
  };
  const accept = async (jobId: string) => {
    setFailure(undefined);
    const outcome = await send(() => take(jobId));
    if (outcome.ok) setTaken([...taken, jobId]);
    else setFailure(outcome.problem);
  };

  return (
    <div className="max-w-5xl px-4 py-4 lg:px-6">
      <h1 className="text-[1.625rem] font-bold">{t("proposals.title")}</h1>
      <p className="mb-3 text-muted">{t("proposals.lead")}</p>
      <div className="flex flex-wrap items-end gap-3">
        <SelectField label={t("proposals.aim")} value={aim} onChange={(e) => setAim(e.target.value as Aim)}>
          {AIMS.map((a) => (
            <option key={a} value={a}>
              {t(`propose.aims.${a}`)}
            </option>
          ))}
        </SelectField>
        <Button look="solid" className="min-h-10" disabled={open > 0} onClick={() => void begin()}>
          {t("proposals.start")}
        </Button>
        {asked.length > 0 && (
          <p role="status" className="flex items-center gap-2">
            <progress
              className="h-3 w-40"
              max={asked.length}
              value={asked.length - open}
              aria-label={t("propose.progress")}
            />
            {t("proposals.progress", { done: asked.length - open, all: asked.length })}
          </p>
        )}
      </div>
      {failure && (
        <p role="alert" className="mt-2 font-semibold text-beet">
          ✕ {say(failure)}
        </p>
      )}
      <ul className="mt-4 border-t-[1.5px] border-ink">
        {lines.map((line) => {
          const { proposal, jobId } = line;
          return (
            <li
              key={line.householdId}
              className="grid items-center gap-x-4 gap-y-1 border-b border-line py-2 sm:grid-cols-[11rem_1fr_auto]"
            >
              <b>{line.name}</b>
              <span className="text-[0.9375rem]">
                {proposal ? (
                  <>
                    {t("proposals.line", {
                      aim: t(`propose.aims.${line.aim ?? "value"}`),
                      plantings: Object.keys(proposal.adds).length,
                      cost: money(proposal.minor),
                      best: String(isAsGood(proposal.gap)),
                      gap: percent(proposal.gap),
                    })}{" "}
                    <span className="text-muted">
                      {proposal.covered
                        .filter((c) => c.share >= 0.01)
                        .map((c) => `${t(`foodGroups.${c.group}`)} ${percent(c.share)}`)
                        .join(" · ")}
                    </span>
                  </>
                ) : (
                  <span className="text-muted">{t(`proposals.status.${line.status}`)}</span>
                )}
              </span>
              <span className="flex gap-2">
                {proposal &&
                  jobId &&
                  (taken.includes(jobId) || line.stale ? (
                    <span className="self-center text-sm text-muted">
                      {t(taken.includes(jobId) ? "proposals.taken" : "proposals.stale")}
                    </span>
                  ) : (
                    <Button onClick={() => void accept(jobId)}>
                      {t("proposals.take")}
                      <span className="sr-only"> {line.name}</span>
                    </Button>
                  ))}
                <Link href={`/house/${line.householdId}/bench`} className={buttonClass("quiet")}>
                  {t("nav.bench")}
                  <span className="sr-only"> {line.name}</span>
                </Link>
              </span>
            </li>
          );
        })}
      </ul>
    </div>
  );
}
