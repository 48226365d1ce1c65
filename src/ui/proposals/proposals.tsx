"use client";

import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import type { FoodGroup } from "@/core/food";
import { type Aim, AIMS, isAsGood } from "@/core/planner";
import type { Outcome, Problem } from "@/core/problem";
import type { Sketch } from "@/core/year";
import { SmallGarden } from "@/ui/draw/small-garden";
import { Button, buttonClass } from "@/ui/primitives/button";
import { SelectField } from "@/ui/primitives/field";
import { Link } from "@/ui/primitives/link";
import { Pages } from "@/ui/primitives/pages";
import { send } from "@/ui/primitives/send";
import { Progress } from "@/ui/primitives/progress";
import { Only } from "@/ui/rights";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

/** One household in the list: how far its proposal is, and what it comes to. */
export interface Line {
  readonly householdId: string;
  readonly name: string;
  readonly status: "waiting" | "working" | "done" | "failed" | "none" | "unsurveyed";
  readonly aim: Aim | null;
  readonly stale: boolean;
  /** How much of it is worked out, 0 to 1. */
  readonly progress: number;
  readonly figures: {
    readonly plantings: number;
    readonly minor: number;
    readonly gap: number;
    /** What the garden gives in its year, kg. */
    readonly harvest: { readonly low: number; readonly likely: number; readonly high: number };
    /** The garden, to be drawn small. */
    readonly sketch: Sketch;
    readonly covered: readonly { readonly group: FoodGroup; readonly share: number }[];
  } | null;
}

interface Shown {
  readonly lines: readonly Line[];
  readonly page: number;
  readonly pages: number;
  readonly asked: number;
  readonly open: number;
}

interface ProposalsProps {
  readonly start: Shown;
  readonly today: string;
  readonly ask: (aim: Aim) => Promise<Outcome<null>>;
  readonly read: (page: number) => Promise<Outcome<Shown>>;
  readonly take: (householdId: string) => Promise<Outcome<{ version: number }>>;
  readonly takeBack: (householdId: string) => Promise<Outcome<{ version: number }>>;
}

/** What was done with a proposal since the page was opened. */
type Done = "taken" | "tookBack";

const LOOK_AGAIN_MS = 2000;

/** Gardens for every household of the programme, worked out on the server while people do other things. */
export function Proposals({ start, today, ask, read, take, takeBack }: ProposalsProps) {
  const { problem: say } = useWords();
  const queries = useQueryClient();
  const [aim, setAim] = useState<Aim>("value");
  const [failure, setFailure] = useState<Problem>();
  const [done, setDone] = useState<Readonly<Record<string, Done>>>({});
  const key = ["proposals", start.page];
  const { data } = useQuery({
    queryKey: key,
    queryFn: async () => {
      const outcome = await send(() => read(start.page));
      if (!outcome.ok) throw new Error(outcome.problem.code);
      return outcome.value;
    },
    initialData: start,
    // Looked at again only while something is being worked out.
    refetchInterval: ({ state }) => (state.data && state.data.open > 0 ? LOOK_AGAIN_MS : false),
    staleTime: LOOK_AGAIN_MS,
  });
  const { lines, page, pages, asked, open } = data;

  const begin = async () => {
    setFailure(undefined);
    setDone({});
    const outcome = await send(() => ask(aim));
    if (!outcome.ok) return setFailure(outcome.problem);
    await queries.invalidateQueries({ queryKey: key });
  };
  const decide = async (householdId: string, how: Done) => {
    setFailure(undefined);
    const outcome = await send(() => (how === "taken" ? take : takeBack)(householdId));
    if (outcome.ok) setDone((all) => ({ ...all, [householdId]: how }));
    else setFailure(outcome.problem);
  };

  return (
    <div className="max-w-6xl px-4 py-4 lg:px-6">
      <h1 className="text-title font-bold">{t("proposals.title")}</h1>
      <p className="mb-3 text-muted">{t("proposals.lead")}</p>
      <div className="flex flex-wrap items-end gap-3">
        <Only may="changes">
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
        </Only>
        {asked > 0 && (
          <p role="status" className="flex items-center gap-2">
            <Progress label={t("propose.progress")} done={asked - open} of={asked} className="w-40" />
            {t("proposals.progress", { done: asked - open, all: asked })}
          </p>
        )}
      </div>
      {failure && (
        <p role="alert" className="mt-2 font-semibold text-beet">
          ✕ {say(failure)}
        </p>
      )}
      <ul className="mt-4 border-t-rule border-ink">
        {lines.map((line) => (
          <ProposalLine
            key={line.householdId}
            line={line}
            today={today}
            done={done[line.householdId]}
            onDecide={(how) => void decide(line.householdId, how)}
          />
        ))}
      </ul>
      <Pages page={page} pages={pages} hrefOf={(n) => `/proposals?page=${n}`} />
    </div>
  );
}

interface LineProps {
  readonly line: Line;
  readonly today: string;
  readonly done: Done | undefined;
  readonly onDecide: (how: Done) => void;
}

function ProposalLine({ line, today, done, onDecide }: LineProps) {
  const { percent, money, harvest } = useWords();
  const { figures } = line;
  return (
    <li className="grid gap-x-8 gap-y-2 border-b border-line py-2.5 lg:grid-cols-[minmax(0,1fr)_minmax(0,30rem)]">
      <div className="grid content-start gap-1.5">
        <b className="font-head text-lg wrap-anywhere">{line.name}</b>
        <span className="text-note">
          {figures ? (
            <>
              {t("proposals.line", {
                aim: t(`propose.aims.${line.aim ?? "value"}`),
                plantings: figures.plantings,
                food: harvest(figures.harvest),
                cost: money(figures.minor),
                best: String(isAsGood(figures.gap)),
                gap: percent(figures.gap),
              })}{" "}
              <span className="text-muted">
                {figures.covered
                  .filter((c) => c.share >= 0.01)
                  .map((c) => `${t(`foodGroups.${c.group}`)} ${percent(c.share)}`)
                  .join(" · ")}
              </span>
            </>
          ) : (
            <span className="flex items-center gap-2 text-muted">
              {t(`proposals.status.${line.status}`)}
              {line.status === "working" && (
                <Progress
                  label={t("proposals.progressOf", { name: line.name })}
                  done={line.progress}
                  of={1}
                  className="h-2 w-32"
                />
              )}
            </span>
          )}
        </span>
        <span className="flex flex-wrap gap-2">
          {figures && (done ?? line.stale) && (
            <span role="status" className="self-center text-sm text-muted">
              {t(done ? `proposals.${done}` : "proposals.stale")}
            </span>
          )}
          {done === "taken" && (
            <Only may="changes">
              <Button onClick={() => onDecide("tookBack")}>
                {t("proposals.back")}
                <span className="sr-only"> {line.name}</span>
              </Button>
            </Only>
          )}
          {figures && !done && !line.stale && (
            <>
              <Link href={`/house/${line.householdId}/bench?proposal=1`} className={buttonClass("open")}>
                {t("proposals.look")}
                <span className="sr-only"> {line.name}</span>
              </Link>
              <Only may="changes">
                <Button onClick={() => onDecide("taken")}>
                  {t("proposals.take")}
                  <span className="sr-only"> {line.name}</span>
                </Button>
              </Only>
            </>
          )}
          <Link href={`/house/${line.householdId}/bench`} className={buttonClass("quiet")}>
            {t("nav.bench")}
            <span className="sr-only"> {line.name}</span>
          </Link>
        </span>
      </div>
      {figures && <SmallGarden sketch={figures.sketch} today={today} />}
    </li>
  );
}
