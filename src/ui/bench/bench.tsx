"use client";

import { Redo2, Undo2 } from "lucide-react";
import { lazy, useDeferredValue, useMemo, useState } from "react";
import type { Day } from "@/core/day";
import { findSpots } from "@/core/floor";
import { assessGarden } from "@/core/garden";
import type { Override } from "@/core/override";
import { changeBag, changePlanting, type KeptPlan, movePlanting, nudgeBag, type Plan } from "@/core/plan";
import type { Outcome } from "@/core/problem";
import type { PlainSetting } from "@/core/setting";
import { spanOf } from "@/core/year";
import { Button, buttonClass } from "@/ui/primitives/button";
import { SeasonAxis, SeasonLegend } from "@/ui/draw/strip";
import { useActs } from "@/ui/palette/acts";
import { Link } from "@/ui/primitives/link";
import { WhenAsked } from "@/ui/primitives/when-asked";
import { Only, useRights } from "@/ui/rights";
import { useJudged } from "@/ui/use-judged";
import { useLatest, useSame } from "@/ui/use-same";
import { useWords } from "@/ui/words/use-words";
import { Dragging } from "./dragging";
import { GroundPlan } from "./ground";
import { handsOf, rowActs } from "./hands";
import { LoadCautions, SavingNotices } from "./notices";
import type { Means } from "./propose/propose";
import { BenchRow, type RowHands } from "./row";
import { ROW_COLUMNS, type Selection } from "./row-frame";
import { SidePanel } from "./side-panel";
import { useBench } from "./store";
import { Totals } from "./totals";
import { useKeys } from "./use-keys";
import { Trial } from "./trial";
import { type PlanActions, type Saved, useSaving } from "./use-saving";
import { useSums } from "./use-sums";
import { Year } from "./year";
import { t } from "./words";

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
  /** A proposal to look at, worked out for the saved plan. */
  readonly trial?: Plan;
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
  trial,
  nameVersion,
  ...actions
}: BenchProps) {
  const words = useWords();
  const { quantity } = words;
  const { changes } = useRights();
  const judged = useJudged(plain, overrides);
  const { reference, setting } = judged;
  const place = (proposed: Plan) => findSpots(proposed, assessGarden(proposed, setting), setting);
  const [start] = useState(() => (trial ? place(trial) : saved.plan));
  const { plan, change, undo, redo, canUndo, canRedo } = useBench(start);
  const [selection, setSelection] = useState<Selection>();
  // The plan that a proposal would take the place of, as long as one is only looked at.
  const [before, setBefore] = useState<Plan | undefined>(trial && saved.plan);
  const saving = useSaving({
    householdId: household.id,
    saved,
    plan,
    change,
    actions,
    isTrial: before !== undefined || !changes,
  });
  const { say, version } = saving;
  const save = () => {
    if (!changes) return;
    setBefore(undefined);
    saving.save();
  };
  const tryOut = (proposed: Plan) => {
    setBefore((kept) => kept ?? plan);
    change(() => place(proposed));
    setSelection(undefined);
  };
  // Undone by hand: nothing is looked at any more.
  if (before === plan) setBefore(undefined);
  useKeys({ save, undo, redo });

  const garden = useMemo(() => assessGarden(plan, setting), [plan, setting]);
  // The rows follow at once; the floor a moment later, and the sums as soon as the worker has them, so that typing never waits.
  const calm = useDeferredValue(garden);
  const sums = useSums(plan, judged, today);
  const span = useSame(spanOf(garden, today), (a, b) => a.from === b.from && a.to === b.to);

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
  useActs([
    ...(changes ? [{ name: t("bench.save"), keys: "Ctrl S", run: save }] : []),
    { name: t("bench.undo"), keys: "Ctrl Z", run: undo },
    { name: t("bench.redo"), keys: "Ctrl Y", run: redo },
    { name: t("bench.addBag"), run: addRow },
    ...(selection ? [{ name: t("palette.away"), run: () => setSelection(undefined) }] : []),
    ...rowActs(atHand, words),
  ]);
  const byHand = useLatest<RowHands>({
    onPlant: plant,
    onMove: (id, days) => change((p) => movePlanting(p, id, days)),
    onOutBy: (id, day) => change((p) => changePlanting(p, id, { outBy: day })),
  });
  const limit =
    plain.limitKgM2 === undefined
      ? t("bench.limitNone")
      : t("bench.limitTheirs", { limit: quantity(plain.limitKgM2, "load") });
  const versions = <Button>{t("bench.versions")}</Button>;
  const propose = <Button look="solid">{t("trial.open")}</Button>;
  return (
    <div>
      <h1 className="sr-only print:not-sr-only print:px-6 print:text-lead print:font-bold">
        {household.title}: {t("bench.title")}
      </h1>
      <div className="z-4 flex flex-wrap items-center gap-x-4 gap-y-1.5 border-b border-line bg-paper px-4 py-1.5 lg:sticky lg:top-0 lg:flex-nowrap lg:px-6 print:static">
        <Totals garden={garden} sums={sums} />
        <div className="flex w-full items-center gap-2 overflow-x-auto lg:w-auto lg:shrink-0 print:hidden [&_button]:shrink-0 [&_button]:whitespace-nowrap">
          <p role="status" className="order-last shrink-0 text-note text-muted lg:order-first lg:max-w-36">
            {!changes ? (
              t("rights.tries")
            ) : saving.isDirty ? (
              <b className="text-beet">▲ {t("bench.unsaved")}</b>
            ) : (
              saving.said || (version > 0 ? t("bench.savedState", { version }) : t("bench.never"))
            )}
          </p>
          <Only may="changes">
            <Button look="solid" disabled={!saving.isDirty || saving.isBusy} onClick={save}>
              {t("bench.save")}
            </Button>
          </Only>
          <Button aria-label={t("bench.undo")} className="px-2" disabled={!canUndo} onClick={undo}>
            <Undo2 aria-hidden="true" className="size-4.5" />
          </Button>
          <Button aria-label={t("bench.redo")} className="px-2" disabled={!canRedo} onClick={redo}>
            <Redo2 aria-hidden="true" className="size-4.5" />
          </Button>
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
          <Only may="changes">
            <WhenAsked trigger={propose}>
              <Propose
                trigger={propose}
                plan={plan}
                judged={judged}
                today={today}
                means={means}
                onTake={tryOut}
              />
            </WhenAsked>
          </Only>
        </div>
      </div>
      <SavingNotices saving={saving} />
      {before && (
        <Trial
          before={before}
          plan={plan}
          setting={setting}
          today={today}
          isBusy={saving.isBusy}
          onSave={save}
          onBack={() => {
            change(() => before);
            setBefore(undefined);
          }}
        />
      )}
      <LoadCautions garden={garden} limitKgM2={plain.limitKgM2} />
      <Dragging>
        <div className="grid grid-cols-[minmax(0,1fr)] lg:grid-cols-[minmax(0,1fr)_20rem] print:block">
          <div className="min-w-0">
            <div role="group" aria-label={t("bench.rows")}>
              {garden.rows.length > 0 && (
                <div
                  className={`z-3 bg-paper px-4 py-0.5 lg:sticky lg:top-[3.35rem] lg:pr-0 lg:pl-6 ${ROW_COLUMNS}`}
                >
                  <SeasonLegend />
                  <SeasonAxis span={span} today={today} />
                </div>
              )}
              {garden.rows.length === 0 && (
                <div className="grid justify-items-start gap-3 px-4 py-6 lg:px-6">
                  <p>{t("bench.empty")}</p>
                  <Link href={`/house/${household.id}/match`} className={buttonClass("solid")}>
                    {t("shared.toMatch")}
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
                  selection={selection?.rowId === view.row.id ? selection : undefined}
                  onSelect={setSelection}
                  hands={byHand}
                />
              ))}
            </div>
            {garden.rows.length > 0 && (
              <Year sums={sums} setting={setting} span={span} today={today} waterLDay={means.waterLDay} />
            )}
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
            {garden.rows.length > 0 && (
              <p className="px-4 py-3 lg:px-6 print:hidden">
                <Link href={`/house/${household.id}/contrast`} className={buttonClass("open")}>
                  {t("shared.contrast")}
                </Link>
              </p>
            )}
          </div>
          <SidePanel
            lead={`${household.sub} · ${limit}`}
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
