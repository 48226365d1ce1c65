"use client";

import Link from "next/link";
import { lazy, useDeferredValue, useMemo, useState } from "react";
import type { Day } from "@/core/day";
import { findSpots } from "@/core/floor";
import { assessGarden } from "@/core/garden";
import type { Override } from "@/core/override";
import { changeBag, changePlanting, type KeptPlan, movePlanting, nudgeBag } from "@/core/plan";
import type { Outcome } from "@/core/problem";
import type { PlainSetting } from "@/core/setting";
import { spanOf } from "@/core/year";
import { Button, buttonClass } from "@/ui/primitives/button";
import { WhenAsked } from "@/ui/primitives/when-asked";
import { useJudged } from "@/ui/use-judged";
import { useWords } from "@/ui/words/use-words";
import { Dragging } from "./dragging";
import { GroundPlan } from "./ground";
import { handsOf, rowActs } from "./hands";
import { LoadCautions, SavingNotices } from "./notices";
import type { Act } from "./palette";
import { PaletteButton } from "./palette-button";
import type { Means } from "./propose/propose";
import { BenchRow, type RowHands } from "./row";
import type { Selection } from "./row-frame";
import { SidePanel } from "./side-panel";
import { useBench } from "./store";
import { Totals } from "./totals";
import { useKeys } from "./use-keys";
import { type PlanActions, type Saved, useSaving } from "./use-saving";
import { useSums } from "./use-sums";
import { Year } from "./year";

const Propose = lazy(async () => ({ default: (await import("./propose/propose")).Propose }));
const Versions = lazy(async () => ({ default: (await import("./versions")).Versions }));

export interface BenchProps extends PlanActions {
  readonly household: { readonly id: string; readonly title: string; readonly sub: string };
  readonly today: Day;
  readonly saved: Saved;
  readonly earlier: readonly KeptPlan[];
  readonly setting: PlainSetting;
  readonly means: Means;
  readonly overrides: readonly Override[];
  readonly nameVersion: (id: string, name: string) => Promise<Outcome<null>>;
}

/** The plan: one row is one bag, everything is computed anew with each change, and the totals stay in sight. */
export function Bench({
  household,
  today,
  saved,
  earlier,
  setting: plain,
  means,
  overrides,
  nameVersion,
  ...actions
}: BenchProps) {
  const words = useWords();
  const { t, quantity } = words;
  const judged = useJudged(plain, overrides);
  const { reference, setting } = judged;
  const { plan, change, undo, redo, canUndo, canRedo } = useBench(saved.plan);
  const [selection, setSelection] = useState<Selection>();
  const saving = useSaving({ householdId: household.id, saved, plan, change, actions });
  const { save, say, version } = saving;
  useKeys({ save, undo, redo });

  const garden = useMemo(() => assessGarden(plan, setting), [plan, setting]);
  // The rows follow at once; the floor a moment later, and the sums as soon as the worker has them, so that typing never waits.
  const calm = useDeferredValue(garden);
  const sums = useSums(plan, judged, today);
  const span = useMemo(() => spanOf(garden, today), [garden, today]);

  const atHand = {
    garden,
    setting,
    reference,
    today,
    change,
    select: setSelection,
    refuse: () => say(t("bench.growsNot")),
  };
  const { plant, addRow, plantBest } = handsOf(atHand);
  const acts: Act[] = [
    { name: t("bench.save"), keys: "Ctrl S", run: save },
    { name: t("bench.undo"), keys: "Ctrl Z", run: undo },
    { name: t("bench.redo"), keys: "Ctrl Y", run: redo },
    { name: t("bench.addBag"), run: addRow },
    ...(selection ? [{ name: t("palette.away"), run: () => setSelection(undefined) }] : []),
    ...rowActs(atHand, words),
  ];
  const byHand: RowHands = {
    onPlant: plant,
    onMove: (id, days) => change((p) => movePlanting(p, id, days)),
    onOutBy: (id, day) => change((p) => changePlanting(p, id, { outBy: day })),
  };
  const versions = <Button>{t("bench.versions")}</Button>;
  const propose = <Button look="solid">{t("propose.open")}</Button>;
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
      <div className="z-4 flex flex-wrap items-center gap-2 border-y border-line bg-paper px-4 py-1.5 lg:sticky lg:top-0 lg:px-6">
        <Button look="solid" disabled={!saving.isDirty || saving.isBusy} onClick={save}>
          {t("bench.save")}
        </Button>
        <Button disabled={!canUndo} onClick={undo}>
          {t("bench.undo")}
        </Button>
        <Button disabled={!canRedo} onClick={redo}>
          {t("bench.redo")}
        </Button>
        <p role="status" className="px-1 text-note text-muted">
          {saving.isDirty ? (
            <b className="text-beet">▲ {t("bench.unsaved")}</b>
          ) : (
            saving.said || (version > 0 ? t("bench.savedState", { version }) : t("bench.never"))
          )}
        </p>
        <div className="ml-auto flex flex-wrap gap-2">
          <PaletteButton acts={acts} />
          <Link href={`/house/${household.id}/garden`} className={buttonClass("quiet")}>
            {t("own.view")}
          </Link>
          <WhenAsked trigger={versions}>
            <Versions
              trigger={versions}
              earlier={earlier}
              plan={plan}
              setting={setting}
              today={today}
              onName={nameVersion}
              onOpen={(v) => {
                change(() => v.plan);
                say(t("bench.openedVersion", { version: v.version }));
              }}
            />
          </WhenAsked>
          <Button onClick={addRow}>{t("bench.addBag")}</Button>
          <WhenAsked trigger={propose}>
            <Propose
              trigger={propose}
              plan={plan}
              judged={judged}
              today={today}
              means={means}
              onTake={(taken) => {
                change(() => findSpots(taken, assessGarden(taken, setting), setting));
                setSelection(undefined);
                say(t("bench.proposed"));
              }}
            />
          </WhenAsked>
        </div>
      </div>
      <SavingNotices saving={saving} />
      <LoadCautions garden={garden} limitKgM2={plain.limitKgM2} />
      <Dragging>
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
                hands={byHand}
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
          <SidePanel
            garden={garden}
            judged={judged}
            today={today}
            selection={selection}
            onSelect={setSelection}
            change={change}
            onPlant={plant}
            onAdd={plantBest}
          />
        </div>
      </Dragging>
    </div>
  );
}
