"use client";

import Link from "next/link";
import { useRouter } from "next/navigation";
import { useCallback, useDeferredValue, useEffect, useMemo, useState } from "react";
import type { Day } from "@/core/day";
import {
  addBag,
  changeBag,
  changePlanting,
  changeRow,
  copyRow,
  type KeptPlan,
  movePlanting,
  nudgeBag,
  type Plan,
  type Planting,
  putPlanting,
  rehouse,
  removePlanting,
  removeRow,
  sowAgain,
  swapBags,
} from "@/core/plan";
import { assessGarden } from "@/core/garden";
import { findSpots } from "@/core/floor";
import type { Override } from "@/core/override";
import type { PlainSetting } from "@/core/setting";
import { plantingOf, suggestGoal } from "@/core/match";
import { spanOf } from "@/core/year";
import type { Outcome, Problem } from "@/core/problem";
import { Button, buttonClass } from "@/ui/primitives/button";
import { Caution } from "@/ui/primitives/caution";
import { send } from "@/ui/primitives/send";
import type { StripHands } from "@/ui/draw/strip";
import { useJudged } from "@/ui/use-judged";
import { useWords } from "@/ui/words/use-words";
import { Better } from "./better";
import { GroundPlan } from "./ground";
import { type Act, Palette } from "./palette";
import { PlantingPanel } from "./planting-panel";
import { type Means, Propose } from "./propose/propose";
import { BenchRow, type Selection } from "./row";
import { RowPanel } from "./row-panel";
import { useBench } from "./store";
import { Totals } from "./totals";
import { useSums } from "./use-sums";
import { useDraft } from "./use-draft";
import { Versions } from "./versions";
import { Year } from "./year";

interface Saved {
  readonly version: number;
  readonly savedBy: string | null;
  readonly plan: Plan;
}

export interface BenchProps {
  readonly household: { readonly id: string; readonly title: string; readonly sub: string };
  readonly today: Day;
  readonly saved: Saved;
  readonly earlier: readonly KeptPlan[];
  readonly setting: PlainSetting;
  readonly means: Means;
  readonly overrides: readonly Override[];
  readonly save: (readAt: number, plan: Plan) => Promise<Outcome<Saved>>;
  readonly nameVersion: (id: string, name: string) => Promise<Outcome<null>>;
  readonly setAside: (readAt: number, plan: Plan) => Promise<Outcome<null>>;
  readonly reread: () => Promise<Outcome<Saved>>;
}

/** A plan that nobody has touched for so long is saved by itself. */
const SAVED_AFTER_MS = 12_000;

const same = (a: Plan, b: Plan) => a === b || JSON.stringify(a) === JSON.stringify(b);

/** The plan: one row is one bag, everything is computed anew with each change, and the totals stay in sight. */
export function Bench({
  household,
  today,
  saved,
  earlier,
  setting: plain,
  means,
  overrides,
  save,
  nameVersion,
  setAside,
  reread,
}: BenchProps) {
  const words = useWords();
  const { t, quantity, problem } = words;
  const router = useRouter();
  const judged = useJudged(plain, overrides);
  const { reference, setting } = judged;
  const { plan, change, undo, redo, canUndo, canRedo } = useBench(saved.plan);
  const [base, setBase] = useState<Saved>(saved);
  const [selection, setSelection] = useState<Selection>();
  const [failure, setFailure] = useState<Problem>();
  const [conflict, setConflict] = useState<Saved>();
  const [said, setSaid] = useState("");
  const [busy, setBusy] = useState(false);
  const dirty = !same(plan, base.plan);
  const restore = useCallback((kept: Plan) => change(() => kept), [change]);
  useDraft({ householdId: household.id, version: base.version, plan, dirty, restore });

  const garden = useMemo(() => assessGarden(plan, setting), [plan, setting]);
  // The rows follow at once; the floor a moment later, and the sums as soon as the worker has them, so that typing never waits.
  const calm = useDeferredValue(garden);
  const sums = useSums(plan, judged, today);
  const span = useMemo(() => spanOf(garden, today), [garden, today]);
  const index = garden.rows.findIndex((r) => r.row.id === selection?.rowId);
  const row = garden.rows[index];
  const planting = row?.plantings.find((p) => p.planting.id === selection?.plantingId);

  const store = async (readAt: number, byItself = false) => {
    setBusy(true);
    setFailure(undefined);
    const sent = plan;
    const outcome = await send(() => save(readAt, sent));
    if (outcome.ok) {
      setBase({ ...outcome.value, plan: sent });
      setConflict(undefined);
      setSaid(t(byItself ? "bench.savedItself" : "bench.saved", { version: outcome.value.version }));
      router.refresh();
    } else if (outcome.problem.code === "plan-changed") {
      const theirs = await send(reread);
      if (theirs.ok) setConflict(theirs.value);
      else setFailure(theirs.problem);
    } else setFailure(outcome.problem);
    setBusy(false);
  };
  const takeTheirs = async (theirs: Saved) => {
    setBusy(true);
    const kept = await send(() => setAside(base.version, plan));
    setBusy(false);
    if (!kept.ok) return setFailure(kept.problem);
    change(() => theirs.plan);
    setBase(theirs);
    setConflict(undefined);
    router.refresh();
  };

  useEffect(() => {
    if (!dirty || busy || conflict || failure) return;
    const timer = setTimeout(() => void store(base.version, true), SAVED_AFTER_MS);
    return () => clearTimeout(timer);
    // Every change of the plan starts the wait anew; what `store` closes over is only read when it is over.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [plan, dirty, busy, conflict, failure, base.version]);

  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const typing =
        e.target instanceof HTMLElement && e.target.matches("input:not([type=checkbox]), textarea");
      if (!(e.ctrlKey || e.metaKey) || typing) return;
      const key = e.key.toLowerCase();
      const action =
        key === "z"
          ? e.shiftKey
            ? redo
            : undo
          : key === "y"
            ? redo
            : key === "s"
              ? () => void store(base.version)
              : undefined;
      if (!action) return;
      e.preventDefault();
      action();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  });

  const addRow = () => {
    const [rowId, bagId] = [crypto.randomUUID(), crypto.randomUUID()];
    change((p) =>
      addBag(p, { id: bagId, kindId: "round-10-gal", shape: null, atHand: false, firstSeason: null }, rowId),
    );
    setSelection({ rowId });
  };
  const plant = (rowId: string, goalId: string, sowOn: Day, surface?: Planting["surface"]) => {
    const into = garden.rows.find((r) => r.row.id === rowId);
    const found = setting.findGoal(goalId);
    const planting = into && found && plantingOf({ ...found, on: surface }, into, sowOn, setting);
    if (!planting) return setSaid(t("bench.growsNot"));
    const id = crypto.randomUUID();
    change((p) => putPlanting(p, into.bag.id, { id, ...planting }, rowId));
    setSelection({ rowId, plantingId: id });
  };
  const addPlanting = () => {
    if (!row) return;
    const goals = reference.crops.flatMap((crop) => crop.goals.map((goal) => ({ crop, goal })));
    const best = suggestGoal(goals, row.bag, today, setting);
    if (best) plant(row.row.id, best.goal.id, today);
  };

  const acts: Act[] = [
    { name: t("bench.save"), keys: "Ctrl S", run: () => void store(base.version) },
    { name: t("bench.undo"), keys: "Ctrl Z", run: undo },
    { name: t("bench.redo"), keys: "Ctrl Y", run: redo },
    { name: t("bench.addBag"), run: addRow },
    ...(selection ? [{ name: t("palette.away"), run: () => setSelection(undefined) }] : []),
    ...garden.rows.flatMap((r, i): Act[] => {
      const n = i + 1;
      return [
        {
          name: t("palette.select", { n, bag: words.bag(r.bag.kindId) }),
          run: () => setSelection({ rowId: r.row.id }),
        },
        {
          name: t("palette.pin", { n }),
          run: () => change((p) => changeRow(p, r.row.id, { pinned: r.row.pinned ? undefined : true })),
        },
        ...r.plantings.map((p): Act => ({
          name: t("palette.plant", { n, crop: `${words.crop(p.goal.id)}, ${words.day(p.planting.sowOn)}` }),
          run: () => setSelection({ rowId: r.row.id, plantingId: p.planting.id }),
        })),
      ];
    }),
    {
      name: t("ground.findSpots", { count: garden.rows.filter((r) => r.load && !r.bag.spot).length }),
      run: () => change((p) => findSpots(p, garden, setting)),
    },
  ];
  const hands: StripHands = {
    onMove: (id, days) => change((p) => movePlanting(p, id, days)),
    onOutBy: (id, day) => change((p) => changePlanting(p, id, { outBy: day })),
  };

  const spotsOver = garden.rows.filter((r) => r.load?.grade === "over").length;
  const hooksOver = garden.rows.filter((r) => r.hook?.grade === "over");
  const { load, hanging } = garden;
  return (
    <div>
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2 px-4 pt-3 pb-2 lg:flex-nowrap lg:px-6">
        <div className="min-w-0">
          <h1 className="text-title font-bold">{household.title}</h1>
          <p className="text-note text-muted">
            {household.sub} ·{" "}
            {plain.limitKgM2 === undefined
              ? t("bench.limitNone")
              : t("bench.limitTheirs", { limit: quantity(plain.limitKgM2, "load") })}
          </p>
        </div>
        <Totals garden={garden} sums={sums} />
      </div>
      <div className="flex flex-wrap items-center gap-2 border-y border-line px-4 py-1.5 lg:px-6">
        <Button look="solid" disabled={!dirty || busy} onClick={() => void store(base.version)}>
          {t("bench.save")}
        </Button>
        <Button disabled={!canUndo} onClick={undo}>
          {t("bench.undo")}
        </Button>
        <Button disabled={!canRedo} onClick={redo}>
          {t("bench.redo")}
        </Button>
        <p role="status" className="px-1 text-note text-muted">
          {dirty ? (
            <b className="text-beet">▲ {t("bench.unsaved")}</b>
          ) : (
            said || (base.version > 0 ? t("bench.savedState", { version: base.version }) : t("bench.never"))
          )}
        </p>
        <div className="ml-auto flex flex-wrap gap-2">
          <Palette acts={acts} />
          <Link href={`/house/${household.id}/garden`} className={buttonClass("quiet")}>
            {t("own.view")}
          </Link>
          <Versions
            earlier={earlier}
            plan={plan}
            setting={setting}
            today={today}
            onName={nameVersion}
            onOpen={(v) => {
              change(() => v.plan);
              setSaid(t("bench.openedVersion", { version: v.version }));
            }}
          />
          <Button onClick={addRow}>{t("bench.addBag")}</Button>
          <Propose
            plan={plan}
            judged={judged}
            today={today}
            means={means}
            onTake={(taken) => {
              change(() => findSpots(taken, assessGarden(taken, setting), setting));
              setSelection(undefined);
              setSaid(t("bench.proposed"));
            }}
          />
        </div>
      </div>
      {failure && (
        <p role="alert" className="px-4 py-2 font-semibold text-beet lg:px-6">
          ✕ {problem(failure)}
        </p>
      )}
      {conflict && (
        <section
          role="alert"
          aria-label={t("bench.conflictTitle")}
          className="border-b-rule border-beet bg-card px-4 py-3 lg:px-6"
        >
          <h2 className="text-lg font-bold text-beet">▲ {t("bench.conflictTitle")}</h2>
          <p className="my-1">
            {t("bench.conflict", {
              by: conflict.savedBy ?? "",
              version: conflict.version,
              mine: base.version,
            })}
          </p>
          <div className="flex flex-wrap gap-2">
            <Button look="solid" disabled={busy} onClick={() => void store(conflict.version)}>
              {t("bench.keepMine")}
            </Button>
            <Button disabled={busy} onClick={() => void takeTheirs(conflict)}>
              {t("bench.takeTheirs")}
            </Button>
          </div>
        </section>
      )}
      {(load.grade === "over" || load.grade === "near" || spotsOver > 0) && plain.limitKgM2 !== undefined && (
        <div className="grid gap-1 border-b border-line px-4 py-2 lg:px-6">
          {load.grade === "over" && (
            <Caution grave>
              {t("bench.totalOver", {
                load: quantity(load.kgM2, "load"),
                limit: quantity(plain.limitKgM2, "load"),
              })}
            </Caution>
          )}
          {load.grade === "near" && (
            <Caution grave>{t("bench.totalNear", { share: words.percent(load.share ?? 0) })}</Caution>
          )}
          {spotsOver > 0 && (
            <Caution grave>
              {t("bench.spotsOver", { count: spotsOver })} {t("cautions.floor")}
            </Caution>
          )}
        </div>
      )}
      {(hanging.unhooked > 0 || hooksOver.length > 0) && (
        <div className="grid gap-1 border-b border-line px-4 py-2 lg:px-6">
          <Caution grave>
            {hanging.unhooked > 0 && `${t("bench.unhooked", { count: hanging.unhooked })} `}
            {hooksOver.map(
              (r) =>
                `${t("bench.hookOver", { wet: quantity(r.wetKg, "mass"), limit: quantity(r.hook?.limitKg ?? 0, "mass") })} `,
            )}
            {t("cautions.floor")}
          </Caution>
        </div>
      )}
      <div className="grid grid-cols-[minmax(0,1fr)] lg:grid-cols-[minmax(0,1fr)_20rem]">
        <div role="group" aria-label={t("bench.rows")}>
          {garden.rows.length === 0 && (
            <div className="grid justify-items-start gap-3 px-4 py-6 lg:px-6">
              <p>{t("bench.empty")}</p>
              <Link href={`/house/${household.id}/match`} className={buttonClass("solid")}>
                {t("bench.toMatch")}
              </Link>
            </div>
          )}
          {garden.rows.map((view, i) => (
            <BenchRow
              key={view.row.id}
              view={view}
              number={i + 1}
              span={span}
              today={today}
              selection={selection}
              onSelect={setSelection}
              hands={hands}
              onPlant={plant}
            />
          ))}
          {garden.rows.length > 0 && (
            <GroundPlan
              garden={calm}
              setting={setting}
              today={today}
              selection={selection}
              onSelect={setSelection}
              onBag={(id, edit) => change((p) => changeBag(p, id, edit))}
              onNudge={(id, by) => change((p) => nudgeBag(p, id, by))}
              onFindSpots={() => change((p) => findSpots(p, garden, setting))}
            />
          )}
          {garden.rows.length > 0 && <Year sums={sums} setting={setting} waterLDay={means.waterLDay} />}
        </div>
        <aside
          aria-label={t("bench.panel")}
          className={`border-l-rule border-ink bg-card p-4 ${row ? "fixed inset-x-0 bottom-0 z-5 max-h-[60vh] overflow-y-auto border-t-rule lg:sticky lg:top-0 lg:h-fit lg:max-h-screen lg:min-h-full lg:border-t-0" : "hidden lg:block"}`}
        >
          {row && (
            <Button look="quiet" className="absolute top-2 right-2" onClick={() => setSelection(undefined)}>
              {t("bench.close")}
            </Button>
          )}
          {!row && <Better garden={garden} today={today} onSelect={setSelection} />}
          {row && planting && (
            <PlantingPanel
              key={planting.planting.id}
              view={planting}
              row={row}
              crops={reference.crops}
              setting={setting}
              onChange={(edit) => change((p) => changePlanting(p, planting.planting.id, edit))}
              rows={garden.rows.map((r, i) => ({ id: r.row.id, number: i + 1, kindId: r.bag.kindId }))}
              onRehouse={(rowId) => {
                change((p) => rehouse(p, planting.planting.id, rowId));
                setSelection({ rowId, plantingId: planting.planting.id });
              }}
              onSowAgain={(everyDays, times) =>
                change((p) =>
                  sowAgain(p, planting.planting.id, { everyDays, times }, () => crypto.randomUUID()),
                )
              }
              onOther={(id, edit) => change((p) => changePlanting(p, id, edit))}
              onRemove={() => {
                change((p) => removePlanting(p, planting.planting.id));
                setSelection({ rowId: row.row.id });
              }}
            />
          )}
          {row && !planting && (
            <RowPanel
              key={row.row.id}
              view={row}
              number={index + 1}
              reference={reference}
              today={today}
              setting={setting}
              onBag={(edit) => change((p) => changeBag(p, row.bag.id, edit))}
              onRow={(edit) => change((p) => changeRow(p, row.row.id, edit))}
              rows={garden.rows.map((r, i) => ({ id: r.row.id, number: i + 1, kindId: r.bag.kindId }))}
              onCopy={() => change((p) => copyRow(p, row.row.id, () => crypto.randomUUID()))}
              onSwap={(rowId) => change((p) => swapBags(p, row.row.id, rowId))}
              onAdd={addPlanting}
              onPlant={(goalId, sowOn) => plant(row.row.id, goalId, sowOn)}
              onRemove={() => {
                change((p) => removeRow(p, row.row.id));
                setSelection(undefined);
              }}
            />
          )}
        </aside>
      </div>
    </div>
  );
}
