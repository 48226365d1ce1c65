"use client";

import { useMemo, useState } from "react";
import * as z from "zod";
import { sideHoles, topOutline } from "@/core/bag";
import { lastSowing } from "@/core/calendar";
import type { Crop } from "@/core/crop";
import { addDays, type Day, DayText } from "@/core/day";
import { type Fix, methodsFor } from "@/core/fit";
import { type Planting } from "@/core/plan";
import { plantingOf } from "@/core/match";
import { heardOf, type PlantingView, type RowView } from "@/core/garden";
import type { Setting } from "@/core/setting";
import { HALVES, whereOf } from "@/core/placement";
import { wholeField } from "@/core/quantity";
import { Button } from "@/ui/primitives/button";
import { Caution } from "@/ui/primitives/caution";
import { CheckField, ChooseField, SelectField } from "@/ui/primitives/field";
import { TypedField } from "@/ui/primitives/typed-field";
import { Bill } from "@/ui/verdict/bill";
import { Clashes } from "@/ui/verdict/clashes";
import { Dates } from "@/ui/verdict/dates";
import { Feeds } from "@/ui/verdict/feeds";
import { RipenessLine } from "@/ui/verdict/ripeness";
import { Food } from "@/ui/verdict/food";
import { MethodLine } from "@/ui/verdict/method-line";
import { Verdict } from "@/ui/verdict/verdict";
import { useWords } from "@/ui/words/use-words";
import { PacketFields } from "./packet-fields";
import type { RowName } from "./row-frame";
import { TooLate } from "./too-late";
import { t } from "./words";

interface PanelProps {
  readonly view: PlantingView;
  readonly row: RowView;
  readonly crops: readonly Crop[];
  readonly setting: Setting;
  readonly today: Day;
  readonly onChange: (change: Partial<Planting>) => void;
  /** Pulls it today, and has something else sown in its place where one is named. */
  readonly onPull: (nextGoalId?: string) => void;
  /** A change to another planting of the row, where that cures a clash. */
  readonly onOther: (plantingId: string, change: Partial<Planting>) => void;
  readonly rows: readonly RowName[];
  readonly onRehouse: (rowId: string) => void;
  readonly onSowAgain: (everyDays: number, times: number) => void;
  readonly onRemove: () => void;
}

const WEEK = 7;
const PLANTS = wholeField(0, 5000);
const EVERY = wholeField(1, 365);
/** A steady supply of quick leaf is sown about so often, days. Common practice. */
const USUAL_EVERY = 21;
const OUT_BY = z.union([z.literal("").transform(() => undefined), DayText]);

/** A planting opened up: its verdict with every number, and each of its choices, which take effect at once. */
export function PlantingPanel({
  view,
  row,
  crops,
  setting,
  today,
  rows,
  onChange,
  onPull,
  onOther,
  onRehouse,
  onSowAgain,
  onRemove,
}: PanelProps) {
  const { crop, namesOf, bag, day, longDay, quantity } = useWords();
  const [every, setEvery] = useState(USUAL_EVERY);
  const { planting, goal, method } = view;
  const where = whereOf(planting.surface);
  // What is asked and shown is what stands; the plan keeps those that were lost.
  const lost = view.real?.lost ?? 0;
  const plants = (planting.plants ?? 0) - lost;
  const toStanding = (standing: number) => onChange({ plants: standing + lost });
  const last = useMemo(
    () => lastSowing({ crop: view.crop, goal, method }, planting.sowOn, row.setting.climate),
    [view.crop, goal, method, planting.sowOn, row.setting.climate],
  );
  const clashes = row.clashes.filter((c) => c.plantingId === planting.id || c.otherId === planting.id);
  const tooLate = heardOf(row, today).find((h) => h.code === "too-late" && h.plantingId === planting.id);
  const holed = sideHoles(row.shape) > 0;
  const surfaces = [
    ...(goal.where.includes("top")
      ? (["top", ...(goal.stand.type === "plants" ? (["edge"] as const) : []), ...HALVES] as const)
      : []),
    ...(goal.where.includes("side") && holed ? (["side"] as const) : []),
  ];

  const outline = topOutline(row.shape).type === "rectangle" ? "long" : "round";
  const surfaceName = (surface: Planting["surface"]) =>
    surface === "first-half" || surface === "second-half"
      ? t(`surfaces.${surface}.${outline}`)
      : t(`surfaces.${surface}`);

  const toGoal = (goalId: string) => {
    const next = setting.findGoal(goalId);
    const planted = next && plantingOf(next, row, planting.sowOn, row.setting);
    // Another crop is of another packet.
    if (planted) onChange({ ...planted, packet: undefined });
  };
  const onFix = (fix: Fix) => {
    if (fix.code === "plants") toStanding(fix.plants);
    if (fix.code === "sow-on") onChange({ sowOn: fix.day });
  };

  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-3">
      <div>
        <p className="text-sm text-muted">{surfaceName(planting.surface)}</p>
        <h2 className="text-xl font-bold">{crop(goal.id)}</h2>
      </div>
      {tooLate && (
        <TooLate
          heard={tooLate}
          view={view}
          row={row}
          crops={crops}
          today={today}
          onKeepFor={toGoal}
          onPull={onPull}
        />
      )}
      <Verdict fit={view.fit} onFix={onFix} />
      {clashes.length > 0 && <Clashes row={row} clashes={clashes} setting={setting} onChange={onOther} />}
      {view.neighbours.map((n) => (
        <div key={n.plantingId} className="border-t border-line pt-2 text-note">
          <p>{t("bench.shares", { crop: crop(n.goalId), from: day(n.from), to: day(n.to) })}</p>
          {n.apartCm !== undefined && (
            <p className="text-muted">{t("bench.sharesNear", { apart: quantity(n.apartCm, "length") })}</p>
          )}
        </div>
      ))}
      <div className="grid grid-cols-2 gap-2.5 border-t border-line pt-2">
        <ChooseField
          label={t("bench.goal")}
          className="col-span-2"
          shown={crop(goal.id)}
          items={crops.flatMap((c) =>
            c.goals.map((g) => ({
              value: g.id,
              name: crop(g.id),
              also: namesOf(g.id, c.botanical),
              isChosen: g.id === goal.id,
            })),
          )}
          onChoose={toGoal}
        />
        {goal.stand.type === "plants" && (
          <div className="col-span-2 flex items-end gap-2">
            <TypedField
              key={`${planting.id}-plants`}
              label={t("bench.plants")}
              inputMode="numeric"
              className="min-w-0 flex-1"
              text={String(plants)}
              schema={PLANTS}
              hint={lost > 0 ? t("bench.plantsLost", { lost }) : undefined}
              onValue={toStanding}
            />
            <Button
              aria-label={t("bench.fewer")}
              className="min-h-10 w-11"
              disabled={plants === 0}
              onClick={() => toStanding(plants - 1)}
            >
              −
            </Button>
            <Button
              aria-label={t("bench.more")}
              className="min-h-10 w-11"
              onClick={() => toStanding(plants + 1)}
            >
              +
            </Button>
          </div>
        )}
        <div className="col-span-2 flex items-end gap-2">
          <TypedField
            key={`${planting.id}-sow`}
            type="date"
            label={t("bench.sowOn")}
            className="min-w-0 flex-1"
            text={planting.sowOn}
            schema={DayText}
            onValue={(sowOn) => onChange({ sowOn })}
          />
          <Button
            aria-label={t("bench.earlier")}
            className="min-h-10 w-11"
            onClick={() => onChange({ sowOn: addDays(planting.sowOn, -WEEK) })}
          >
            ‹
          </Button>
          <Button
            aria-label={t("bench.later")}
            className="min-h-10 w-11"
            onClick={() => onChange({ sowOn: addDays(planting.sowOn, WEEK) })}
          >
            ›
          </Button>
        </div>
        {last && (
          <p className="col-span-2 text-sm text-muted">{t("bench.lastSowing", { day: longDay(last) })}</p>
        )}
        <TypedField
          key={`${planting.id}-out`}
          type="date"
          label={t("bench.outBy")}
          hint={t("bench.outByHint")}
          className="col-span-2"
          text={planting.outBy ?? ""}
          schema={OUT_BY}
          onValue={(outBy) => onChange({ outBy })}
        />
        <SelectField
          label={t("bench.surface")}
          value={planting.surface}
          onChange={(e) => onChange({ surface: e.target.value as Planting["surface"] })}
        >
          {surfaces.map((s) => (
            <option key={s} value={s}>
              {surfaceName(s)}
            </option>
          ))}
        </SelectField>
        <SelectField
          label={t("bench.method")}
          value={method.method}
          onChange={(e) => onChange({ method: e.target.value as Planting["method"] })}
        >
          {methodsFor(goal, where).map((m) => (
            <option key={m.method} value={m.method}>
              {t(`methods.${m.method}`)}
            </option>
          ))}
        </SelectField>
      </div>
      <PacketFields key={planting.id} packet={planting.packet} onPacket={(packet) => onChange({ packet })} />
      <CheckField
        label={t("bench.chosen")}
        checked={planting.isChosen ?? false}
        onChecked={(on) => onChange({ isChosen: on || undefined })}
      />
      <div className="grid grid-cols-2 items-end gap-2.5 border-t border-line pt-2">
        {rows.length > 1 && (
          <SelectField
            label={t("bench.rehouse")}
            className="col-span-2"
            value={row.row.id}
            onChange={(e) => onRehouse(e.target.value)}
          >
            {rows.map((r) => (
              <option key={r.id} value={r.id}>
                {r.number} {bag(r.kindId)}
              </option>
            ))}
          </SelectField>
        )}
        <TypedField
          label={t("bench.every")}
          inputMode="numeric"
          text={String(every)}
          schema={EVERY}
          onValue={setEvery}
        />
        <Button onClick={() => onSowAgain(every, 1)}>{t("bench.sowAgain")}</Button>
      </div>
      <MethodLine method={method} why={view.methodWhy} family={view.crop.family} schools={row.schools} />
      <Bill
        of={{ crop: view.crop, goal, method, stages: view.season.stages }}
        plants={planting.plants ?? undefined}
        areaCm2={view.fit.sown?.areaCm2 ?? 0}
        setting={setting}
      />
      <div className="border-t border-line pt-2">
        <Dates stages={view.season.stages} />
        <RipenessLine goal={goal} />
        <Feeds crop={view.crop} stages={view.season.stages} plants={plants} school={row.schools.feed} />
        <div className="mt-2 border-t border-line pt-2">
          <Food
            crop={view.crop}
            goal={goal}
            picks={view.course.picks}
            harvest={view.harvest}
            prices={setting.prices}
          />
        </div>
      </div>
      {goal.cautions.map((caution) => (
        <Caution key={caution}>{t(`cautions.${caution}`)}</Caution>
      ))}
      {goal.feeds.length > 0 && <Caution>{t("cautions.feed")}</Caution>}
      <Button look="warn" className="justify-self-start" onClick={onRemove}>
        {t("bench.remove")}
      </Button>
    </div>
  );
}
