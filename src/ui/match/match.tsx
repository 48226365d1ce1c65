"use client";

import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { type Day, isDay } from "@/core/day";
import { GRADES } from "@/core/fit";
import { type BagThing, type Plan, putPlanting } from "@/core/plan";
import { matchAll, orderLines, passesTaste, placingOf, shortlist } from "@/core/match";
import type { Override } from "@/core/override";
import type { PlainSetting } from "@/core/setting";
import type { Outcome, Problem } from "@/core/problem";
import { Button, buttonClass } from "@/ui/primitives/button";
import { Link } from "@/ui/primitives/link";
import { send } from "@/ui/primitives/send";
import { useJudged } from "@/ui/use-judged";
import { useLatest } from "@/ui/use-same";
import { useWords } from "@/ui/words/use-words";
import { type MatchAsk, MatchControls } from "./match-controls";
import { MatchGrid } from "./match-grid";
import { MatchPanel } from "./match-panel";
import { useMatch } from "./use-match";
import { t } from "./words";

export interface MatchProps {
  readonly householdId: string;
  readonly title: string;
  readonly today: Day;
  readonly saved: { readonly version: number; readonly plan: Plan };
  /** Kinds of bag that are usual at such a place: shown beside those that the household has. */
  readonly usual: readonly string[];
  readonly setting: PlainSetting;
  readonly overrides: readonly Override[];
  readonly save: (readAt: number, plan: Plan) => Promise<Outcome<{ version: number }>>;
}

/** Crops down, bags across, for one sowing day: each cell computed, with the reason at hand. */
export function Match({
  householdId,
  title,
  today,
  saved,
  usual,
  setting: plain,
  overrides,
  save,
}: MatchProps) {
  const words = useWords();
  const { crop } = words;
  const router = useRouter();
  const judged = useJudged(plain, overrides);
  const { reference, setting } = judged;
  const own = saved.plan.bags;
  const kinds = useMemo(
    () =>
      reference.bagKinds.map((kind): BagThing => ({
        id: kind.id,
        kindId: kind.id,
        shape: null,
        atHand: false,
        firstSeason: null,
      })),
    [reference],
  );
  const few = useMemo(
    () => [...own, ...kinds.filter((kind) => usual.includes(kind.id))],
    [own, kinds, usual],
  );
  const [isShort, setShort] = useState(true);
  const [ask, setAsk] = useState<MatchAsk>({
    sowOn: today,
    find: "",
    sort: "fit",
    tastes: "all",
    hideWrong: false,
    toBuy: false,
  });
  const { sowOn, find, sort, tastes, hideWrong, toBuy } = ask;
  const change = (more: Partial<MatchAsk>) => setAsk({ ...ask, ...more });
  const [only, setOnly] = useState<{ goalId?: string; bagId?: string; toBuy: boolean }>();
  const [chosen, setChosen] = useState<{ goalId: string; bagId: string }>();
  const [done, setDone] = useState<{ row: number; goalId: string; cell: string }>();
  const [failure, setFailure] = useState<Problem>();
  const [saving, setSaving] = useState(false);

  const asked = isDay(sowOn) ? sowOn : today;
  const { lines, bags, sowOn: day } = useMatch(judged, toBuy ? kinds : few, asked);
  const found = useMemo(() => {
    const wanted = find.trim().toLowerCase();
    return lines
      .filter((l) => words.namesOf(l.goal.id, l.crop.botanical).includes(wanted))
      .filter((l) => only?.goalId === undefined || l.goal.id === only.goalId);
  }, [lines, find, words, only]);
  const shown = useMemo(() => {
    // Whoever looks for a crop looks among all.
    if (isShort && find.trim() === "" && !only) return shortlist(found, setting);
    const kept = found
      .filter((l) => passesTaste(l, tastes, setting))
      .map((l) =>
        only?.bagId === undefined ? l : { ...l, cells: l.cells.filter((c) => c.bagId === only.bagId) },
      )
      .filter((l) => !hideWrong || l.cells.some((c) => c.fit.grade !== "wrong"));
    return sort === "name"
      ? kept.sort((a, b) => crop(a.goal.id).localeCompare(crop(b.goal.id)))
      : orderLines(kept, sort, setting);
  }, [found, isShort, find, hideWrong, sort, tastes, crop, only, setting]);
  const columns = useMemo(() => {
    const grade = (b: BagThing) =>
      GRADES.indexOf(shown[0]?.cells.find((c) => c.bagId === b.id)?.fit.grade ?? "wrong");
    if (only?.bagId !== undefined) return bags.filter((b) => b.id === only.bagId);
    return only?.goalId === undefined ? bags : [...bags].sort((a, b) => grade(a) - grade(b));
  }, [bags, shown, only]);

  const glance = lines.find((l) => l.goal.id === chosen?.goalId);
  const column = bags.find((b) => b.id === chosen?.bagId);
  // The grid knows verdicts at a glance; the one that is opened is worked out again with its reasoning, and for the day that
  // is asked for, though the grid may still be about another: what is put into the plan is never of a day before.
  const [line] = useMemo(
    () => (glance && column ? matchAll([glance], [column], asked, setting) : []),
    [glance, column, asked, setting],
  );
  const cell = line?.cells[0];

  /** The chosen cell as a planting of the plan. */
  const wanted = useMemo(
    () =>
      line &&
      cell && {
        id: crypto.randomUUID(),
        goalId: line.goal.id,
        surface: cell.where,
        method: cell.choice.method.method,
        plants: cell.fit.plants ?? null,
        sowOn: asked,
        isChosen: true,
      },
    [line, cell, asked],
  );
  const placing = useMemo(
    () =>
      wanted && column && own.includes(column)
        ? placingOf(
            {
              planting: wanted,
              bagId: column.id,
              others: (glance?.cells ?? []).filter((c) => c.fit.grade !== "wrong").map((c) => c.bagId),
            },
            saved.plan,
            setting,
          )
        : undefined,
    [wanted, glance, column, own, saved.plan, setting],
  );
  const cellKey = `${chosen?.goalId} ${chosen?.bagId} ${asked}`;

  const look = useLatest({
    onWhatFits: (bagId: string) => setOnly({ bagId, toBuy }),
    onWhereFits: (goalId: string) => {
      setOnly({ goalId, toBuy });
      change({ toBuy: true });
    },
  });

  const pick = async () => {
    if (!wanted || !column || done?.cell === cellKey) return;
    setSaving(true);
    setFailure(undefined);
    const isOwn = own.includes(column);
    const thing: BagThing = isOwn ? column : { ...column, id: crypto.randomUUID() };
    const base = isOwn ? saved.plan : { ...saved.plan, bags: [...saved.plan.bags, thing] };
    const next = putPlanting(base, thing.id, wanted, crypto.randomUUID());
    const outcome = await send(() => save(saved.version, next));
    setSaving(false);
    if (outcome.ok)
      setDone({
        row: next.rows.findIndex((r) => r.bagId === thing.id) + 1,
        goalId: wanted.goalId,
        cell: cellKey,
      });
    else setFailure(outcome.problem);
    router.refresh();
  };

  return (
    <div className="grid grid-cols-[minmax(0,1fr)] lg:grid-cols-[minmax(0,1fr)_20rem]">
      <div className="min-w-0 px-4 pt-4 pb-8 lg:px-6">
        <h1 className="text-title font-bold">{title}</h1>
        <p className="mb-3 text-muted">
          {t(isShort && find.trim() === "" && !only ? "match.leadShort" : "match.lead", {
            goals: shown.length,
            bags: bags.length,
            day: words.day(day),
          })}{" "}
          <Button look="quiet" onClick={() => setShort(!isShort)}>
            {t(isShort ? "match.showEverything" : "match.showShort", { goals: lines.length })}
          </Button>
        </p>
        <MatchControls
          ask={ask}
          onChange={change}
          today={today}
          day={day}
          isShort={isShort}
          hasOwn={own.length > 0}
        />
        {only && (
          <p className="mb-3 flex flex-wrap items-center gap-3 font-semibold">
            {only.bagId !== undefined ? t("match.whatFits") : t("match.whereFits")}
            <Button
              onClick={() => {
                setOnly(undefined);
                change({ toBuy: only.toBuy });
              }}
            >
              {t("match.showAll")}
            </Button>
          </p>
        )}
        <p
          role="status"
          className={
            done
              ? "mb-3 flex flex-wrap items-center gap-3 border-l-4 border-leaf bg-card py-1.5 pl-3 font-semibold"
              : ""
          }
        >
          {done && (
            <>
              {t("match.picked", { crop: crop(done.goalId), row: done.row })}
              <Link href={`/house/${householdId}/bench`} className={buttonClass("open")}>
                {t("match.toBench")}
              </Link>
            </>
          )}
        </p>
        {shown.length === 0 ? (
          <p className="flex flex-wrap items-center gap-3 border-t border-line py-6">
            {found.length > 0 && (hideWrong || tastes !== "all") ? (
              <>
                {t("match.hidden", {
                  count: found.length,
                  by: [
                    ...(tastes === "all" ? [] : [t(`match.tasteFilters.${tastes}`)]),
                    ...(hideWrong ? [t("match.hideWrong")] : []),
                  ].join(", "),
                })}
                <Button
                  onClick={() => {
                    change({ tastes: "all", hideWrong: false });
                  }}
                >
                  {t("match.showHidden")}
                </Button>
              </>
            ) : (
              t("match.none")
            )}
          </p>
        ) : (
          <MatchGrid
            lines={shown}
            bags={columns}
            setting={setting}
            chosen={chosen}
            onChoose={setChosen}
            {...look}
          />
        )}
      </div>
      {line && cell && column ? (
        <MatchPanel
          line={line}
          cell={cell}
          bag={column}
          sowOn={asked}
          setting={setting}
          saving={saving}
          placing={placing}
          isDone={done?.cell === cellKey}
          bagName={(id) => {
            const thing = bags.find((b) => b.id === id);
            const row = saved.plan.rows.findIndex((r) => r.bagId === id) + 1;
            return thing ? `${row > 0 ? `${row} ` : ""}${words.bag(thing.kindId)}` : "";
          }}
          onBag={(bagId) => setChosen({ goalId: line.goal.id, bagId })}
          failure={failure}
          onSowOn={(next) => change({ sowOn: next })}
          onPick={pick}
          onClose={() => setChosen(undefined)}
        />
      ) : (
        <aside className="hidden border-l-rule border-ink bg-card p-5 text-muted lg:block">
          {t("match.pickHint")}
        </aside>
      )}
    </div>
  );
}
