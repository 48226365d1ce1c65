"use client";

import { VENT_FROM_C } from "@/core/climate";
import { coverFor, usualGapCm, widthOf, innerHeightCm } from "@/core/bag";
import type { Day } from "@/core/day";
import type { BagThing, Row } from "@/core/plan";
import { bagAge } from "@/core/advice";
import type { Reference, Setting } from "@/core/setting";
import { rowThirst, wateringDays } from "@/core/year";
import type { RowView } from "@/core/garden";
import { carry, SPOT_CM } from "@/core/load";
import { SchoolSwitches } from "@/ui/schools/switches";
import { optionalQuantityField } from "@/core/quantity";
import { Button } from "@/ui/primitives/button";
import { Caution } from "@/ui/primitives/caution";
import { problemMessage } from "@/core/problem";
import { CheckField, SelectField } from "@/ui/primitives/field";
import { TypedField } from "@/ui/primitives/typed-field";
import { useWords } from "@/ui/words/use-words";
import { Measures } from "./measures";
import type { RowName } from "./row-frame";
import { Shelf } from "./shelf";
import { t } from "./words";

interface PanelProps {
  readonly view: RowView;
  readonly number: number;
  readonly reference: Reference;
  readonly today: Day;
  readonly setting: Setting;
  readonly onBag: (change: Partial<BagThing>) => void;
  readonly onRow: (change: Partial<Row>) => void;
  readonly rows: readonly RowName[];
  readonly onCopy: () => void;
  /** Gives this row the bag of another, and that the bag of this. */
  readonly onSwap: (rowId: string) => void;
  readonly onAdd: () => void;
  readonly onPlant: (goalId: string, sowOn: Day) => void;
  readonly onRemove: () => void;
}

/** A bag opened up: what it holds and weighs, whether its spot of floor bears it, and its measures. */
export function RowPanel({
  view,
  number,
  reference,
  today,
  setting,
  rows,
  onBag,
  onRow,
  onCopy,
  onSwap,
  onAdd,
  onPlant,
  onRemove,
}: PanelProps) {
  const { bag, mix, quantity, units } = useWords();
  const { limitKgM2, schools } = setting;
  const { shape, load, label, make } = view;
  const age = bagAge(view, today);
  const daily = rowThirst(view, today, setting);
  const every = wateringDays(view, today, setting);
  const cover = coverFor(shape);
  const lift = carry(view.wetKg, widthOf(shape));
  const usual = quantity(usualGapCm(shape), "length");
  const wallCm = innerHeightCm(shape);
  const whole = view.bag.shape ?? setting.findShape(view.bag.kindId) ?? shape;
  const wholeCm = innerHeightCm(whole);
  const aboveWall = { error: problemMessage({ code: "above-wall", wall: quantity(wholeCm, "length") }) };
  return (
    <div className="grid gap-3">
      <div>
        <p className="text-sm text-muted">{t("shared.row", { n: number })}</p>
        <h2 className="text-xl font-bold">{bag(view.bag.kindId)}</h2>
        <p className="mt-1 text-note">
          {t("bench.mix", { soil: quantity(view.soilL, "volume") })},{" "}
          {t("bench.soilDepth", { depth: quantity(view.depthCm, "length") })}
          <br />
          {t("bench.wetDry", { wet: quantity(view.wetKg, "mass"), dry: quantity(view.dryKg, "mass") })}
        </p>
        {make && (
          <p className="text-sm text-muted">
            {t("bench.make", {
              material: t(`materials.${make.material}`),
              colour: t(`colours.${make.material === "fabric" ? view.schools.colour : make.colour}`),
              low: make.lifeSeasons.low,
              high: make.lifeSeasons.high,
            })}
            {age &&
              !age.worn &&
              `; ${t("bench.age", { season: age.season, likely: make.lifeSeasons.likely })}`}
          </p>
        )}
        {make && age?.worn && (
          <Caution grave>{t("bench.worn", { season: age.season, high: make.lifeSeasons.high })}</Caution>
        )}
        <p className="mt-1 text-note">
          {daily > 0
            ? t("water.row", {
                day: quantity(daily, "volume"),
                days: every < 1 ? t("water.twiceADay") : t("water.everyDays", { days: Math.floor(every) }),
              })
            : t("water.none")}
        </p>
      </div>
      <div className="grid gap-2 border-t border-line pt-2">
        {load === undefined ? (
          <HookLine hook={view.hook} />
        ) : load.grade === "over" && limitKgM2 !== undefined ? (
          <Caution grave>
            {t("bench.spotOver", {
              load: quantity(load.kgM2, "load"),
              limit: quantity(limitKgM2, "load"),
              board: quantity(load.boardCm ?? 0, "length"),
            })}
          </Caution>
        ) : (
          <p>{t("bench.spot", { load: quantity(load.kgM2, "load"), spot: quantity(SPOT_CM, "length") })}</p>
        )}
        <Caution>{t("cautions.floor")}</Caution>
        {lift.grade !== "fine" && (
          <Caution>
            {t(lift.grade === "never" ? "cautions.liftNever" : "cautions.lift", {
              kg: quantity(view.wetKg, "mass"),
              limit: quantity(lift.limitKg, "mass"),
            })}
          </Caution>
        )}
        {shape.kind === "pot" || shape.kind === "tub" ? <Caution>{t("cautions.water")}</Caution> : null}
      </div>
      {cover && (
        <div className="grid gap-1 border-t border-line pt-2 text-note">
          <CheckField
            label={t("bench.covered")}
            checked={view.row.isCovered ?? false}
            onChecked={(on) => onRow({ isCovered: on || undefined })}
          />
          <p>
            {t("bench.cover", {
              units,
              length: quantity(cover.lengthCm, "length"),
              width: quantity(cover.widthCm, "length"),
              volume: quantity(cover.usualL, "volume"),
            })}
          </p>
          {view.row.isCovered && (
            <Caution>{t("bench.vent", { from: quantity(VENT_FROM_C, "temperature") })}</Caution>
          )}
        </div>
      )}
      {label && !label.agrees && (
        <p className="border-t border-line pt-2 font-semibold text-beet">
          ✕{" "}
          {t("bench.label", {
            nominal: quantity(label.nominalL, "volume"),
            measured: quantity(label.measuredL, "volume"),
          })}
        </p>
      )}
      <div className="grid gap-2.5 border-t border-line pt-2">
        <SelectField
          label={t("bench.bagKind")}
          value={view.bag.kindId}
          onChange={(e) => onBag({ kindId: e.target.value, shape: null })}
        >
          {reference.bagKinds.map((kind) => (
            <option key={kind.id} value={kind.id}>
              {bag(kind.id)}
            </option>
          ))}
        </SelectField>
        <SelectField
          label={t("shared.filledWith")}
          value={view.row.mixId ?? ""}
          onChange={(e) => onRow({ mixId: e.target.value || undefined })}
        >
          <option value="">{t("bench.mixUsual", { mix: mix(setting.mix.id) })}</option>
          {(setting.mixes ?? []).map(({ id }) => (
            <option key={id} value={id}>
              {mix(id)}
            </option>
          ))}
        </SelectField>
        <CheckField
          label={t("bench.atHand")}
          checked={view.bag.atHand}
          onChecked={(atHand) => onBag({ atHand })}
        />
        <CheckField
          label={t("bench.pin")}
          checked={view.row.pinned ?? false}
          onChecked={(on) => onRow({ pinned: on || undefined })}
        />
        <TypedField
          label={t("bench.gap")}
          hint={t("bench.gapUsual", { gap: usual })}
          text={view.row.gapCm === null ? "" : quantity(view.row.gapCm, "length")}
          schema={optionalQuantityField("length", 150).refine(
            (gap) => gap === null || gap.value < wallCm,
            aboveWall,
          )}
          onValue={(gap) => onRow({ gapCm: gap?.value ?? null })}
        />
        {view.shape.kind === "round" && (
          <TypedField
            label={t("bench.rolled")}
            hint={t("bench.rolledHint")}
            text={view.row.rolledToCm === undefined ? "" : quantity(view.row.rolledToCm, "length")}
            schema={optionalQuantityField("length", 200).refine(
              (height) => height === null || height.value <= wholeCm,
              aboveWall,
            )}
            onValue={(height) => onRow({ rolledToCm: height?.value })}
          />
        )}
        <fieldset>
          <legend className="mb-1 font-head font-bold">{t("bench.measures")}</legend>
          <Measures key={view.bag.kindId} shape={shape} onShape={(own) => onBag({ shape: own })} />
          {view.bag.shape && (
            <Button look="quiet" onClick={() => onBag({ shape: null })}>
              {t("bench.useKind")}
            </Button>
          )}
        </fieldset>
      </div>
      <details className="border-t border-line pt-2">
        <summary className="cursor-pointer font-head font-bold">{t("bench.ways")}</summary>
        <div className="mt-2">
          <SchoolSwitches
            own={view.row.schools ?? {}}
            above={schools ?? {}}
            onChange={(next) => onRow({ schools: next })}
          />
        </div>
      </details>
      <Shelf row={view} reference={reference} setting={setting} today={today} onPlant={onPlant} />
      {rows.length > 1 && (
        <SelectField label={t("bench.swap")} value="" onChange={(e) => onSwap(e.target.value)}>
          <option value="">{t("bench.swapWith")}</option>
          {rows
            .filter((r) => r.id !== view.row.id)
            .map((r) => (
              <option key={r.id} value={r.id}>
                {r.number} {bag(r.kindId)}
              </option>
            ))}
        </SelectField>
      )}
      <div className="flex flex-wrap gap-2 border-t border-line pt-3">
        <Button look="solid" onClick={onAdd}>
          {t("bench.addPlanting")}
        </Button>
        <Button onClick={onCopy}>{t("bench.copyRow")}</Button>
        <Button look="warn" onClick={onRemove}>
          {t("bench.removeRow")}
        </Button>
      </div>
      <Caution>{t("cautions.manure")}</Caution>
    </div>
  );
}

/** A hanging bag's mass against what its hook bears. */
function HookLine({ hook }: { hook: RowView["hook"] }) {
  const { quantity } = useWords();
  if (!hook) return null;
  const wet = quantity(hook.kg, "mass");
  if (hook.limitKg === undefined) return <p>{t("bench.hangs", { wet })}</p>;
  const limit = quantity(hook.limitKg, "mass");
  return hook.grade === "over" ? (
    <Caution grave>{t("bench.hookOver", { wet, limit })}</Caution>
  ) : (
    <p>{t("bench.hookWithin", { wet, limit })}</p>
  );
}
