"use client";

import { useMemo, useState } from "react";
import {
  type Change,
  changesFor,
  contrastOf,
  type Figures,
  momentsOf,
  type Way,
  waysOf,
} from "@/core/contrast";
import type { Day } from "@/core/day";
import { assessGarden } from "@/core/garden";
import type { Override } from "@/core/override";
import type { Plan } from "@/core/plan";
import type { PlainSetting, Setting } from "@/core/setting";
import { sectionPlant, topPlanting } from "@/ui/draw/plantings";
import { BagSection } from "@/ui/draw/section";
import { BagTop } from "@/ui/draw/top";
import { SelectField } from "@/ui/primitives/field";
import { GradeMark } from "@/ui/primitives/grade-mark";
import { useJudged } from "@/ui/use-judged";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

export interface ContrastProps {
  readonly title: string;
  readonly today: Day;
  readonly plan: Plan;
  readonly setting: PlainSetting;
  readonly overrides: readonly Override[];
}

/** To explain why: a bag of the garden beside one that differs in one thing, and one crop in each way of growing at this place. */
export function Contrast({ title, today, plan, setting: plain, overrides }: ContrastProps) {
  const { setting, reference } = useJudged(plain, overrides);
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-6 px-4 py-4 lg:px-6">
      <div>
        <h1 className="text-title font-bold">{title}</h1>
        <p className="text-muted">{t("contrast.lead")}</p>
      </div>
      <TwoBags plan={plan} setting={setting} reference={reference} today={today} />
      <Ways setting={setting} reference={reference} today={today} />
    </div>
  );
}

type Judged = ReturnType<typeof useJudged>;

function TwoBags({
  plan,
  setting,
  reference,
  today,
}: {
  plan: Plan;
  setting: Setting;
  reference: Judged["reference"];
  today: Day;
}) {
  const { bag, crop, mix } = useWords();
  const garden = useMemo(() => assessGarden(plan, setting), [plan, setting]);
  const planted = garden.rows.filter(({ plantings }) => plantings.length > 0);
  const [rowId, setRow] = useState(planted[0]?.row.id ?? "");
  const [change, setChange] = useState<Change>("size");
  const [mixId, setMix] = useState("");
  const row = planted.find((r) => r.row.id === rowId);
  const changes = row ? changesFor(row) : [];
  const mixes = (setting.mixes ?? []).filter(({ id }) => id !== row?.mix.id);
  const chosenMix = mixId || mixes[0]?.id;
  const found = row && contrastOf(change, row, { setting, reference, today, mixId: chosenMix });
  if (!row) return <p>{t("contrast.nothing")}</p>;
  return (
    <section aria-labelledby="two">
      <h2 id="two" className="border-t-rule border-ink pt-1.5 text-xl font-bold">
        {t("contrast.two")}
      </h2>
      <div className="my-2 flex flex-wrap gap-3 print:hidden">
        <SelectField
          label={t("contrast.bag")}
          className="max-w-full min-w-0"
          value={rowId}
          onChange={(e) => setRow(e.target.value)}
        >
          {planted.map((r) => (
            <option key={r.row.id} value={r.row.id}>
              {garden.rows.indexOf(r) + 1} {bag(r.bag.kindId)}:{" "}
              {r.plantings.map(({ goal }) => crop(goal.id)).join(", ")}
            </option>
          ))}
        </SelectField>
        <SelectField
          label={t("contrast.change")}
          value={change}
          onChange={(e) => setChange(changes.find((c) => c === e.target.value) ?? "size")}
        >
          {changes.map((c) => (
            <option key={c} value={c}>
              {t(`contrast.changes.${c}`)}
            </option>
          ))}
        </SelectField>
        {change === "mix" && (
          <SelectField
            label={t("shared.filledWith")}
            value={chosenMix ?? ""}
            onChange={(e) => setMix(e.target.value)}
          >
            {mixes.map(({ id }) => (
              <option key={id} value={id}>
                {mix(id)}
              </option>
            ))}
          </SelectField>
        )}
      </div>
      {found ? (
        <>
          <div className="grid gap-x-10 gap-y-4 md:grid-cols-2">
            <OneBag name={t("contrast.asPlanned")} figures={found.a} />
            <OneBag name={t(`contrast.changed.${change}`)} figures={found.b} />
          </div>
          <FiguresTable
            columns={[
              { name: t("contrast.asPlanned"), figures: found.a },
              { name: t(`contrast.changed.${change}`), figures: found.b },
            ]}
          />
          <p className="mt-2 text-note">{t(`contrast.why.${change}`)}</p>
        </>
      ) : (
        <p>{t("contrast.noOther")}</p>
      )}
    </section>
  );
}

/** One bag from above, and cut through at some moments of its season. */
function OneBag({ name, figures: { row } }: { name: string; figures: Figures }) {
  const { bag, day } = useWords();
  return (
    <div>
      <h3 className="font-head font-bold">
        {name}: {bag(row.bag.kindId)}
      </h3>
      <div className="flex flex-wrap items-end gap-3">
        <BagTop
          shape={row.shape}
          isSmall={false}
          plantings={row.plantings.map((view) => topPlanting(view))}
        />
        {momentsOf(row).map((moment) => (
          <figure key={moment.day}>
            <BagSection
              shape={row.shape}
              depthCm={row.depthCm}
              isSmall
              plants={moment.stands.map(({ view, ...grown }) => sectionPlant(view, row, grown))}
            />
            <figcaption className="text-fine text-muted">{day(moment.day)}</figcaption>
          </figure>
        ))}
      </div>
    </div>
  );
}

/** Bags beside each other, figure by figure; the first column is what the others are held against. */
function FiguresTable({
  columns,
}: {
  columns: readonly { readonly name: string; readonly figures: Figures }[];
}) {
  const words = useWords();
  const { quantity, harvest, number, money, month } = words;
  const lines: readonly [string, (f: Figures) => React.ReactNode][] = [
    [t("contrast.plants"), (f) => (f.plants > 0 ? number(f.plants) : "–")],
    [t("contrast.soil"), (f) => quantity(f.soilL, "volume")],
    [t("contrast.soilEach"), (f) => (f.soilEachL === undefined ? "–" : quantity(f.soilEachL, "volume"))],
    [t("contrast.wet"), (f) => quantity(f.wetKg, "mass")],
    [t("contrast.grade"), (f) => <GradeMark grade={f.grade} labelled />],
    [t("contrast.harvest"), (f) => (f.grade === "wrong" ? "–" : harvest(f.harvest))],
    [
      t("contrast.water"),
      ({ peak: { weekL, everyDays, month: on } }) => {
        return weekL > 0
          ? t("contrast.waterIn", {
              month: month(on),
              litres: quantity(weekL, "volume"),
              days: everyDays < 1 ? t("water.twiceADay") : t("water.aboutEvery", { days: everyDays }),
            })
          : "–";
      },
    ],
    [t("contrast.start"), (f) => `${money(f.startMinor)}${f.isPriced ? "" : ` ${t("contrast.notAll")}`}`],
    [t("contrast.season"), (f) => money(f.seasonMinor)],
    [t("contrast.work"), (f) => `${number(f.hours)} h`],
  ];
  return (
    <div className="mt-3 overflow-x-auto" tabIndex={0} role="group" aria-label={t("contrast.figures")}>
      <table className="w-full text-note tabular-nums">
        <caption className="sr-only">{t("contrast.figures")}</caption>
        <thead className="text-left">
          <tr>
            <td />
            {columns.map(({ name }) => (
              <th key={name} scope="col" className="px-3 pb-1 font-head">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {lines.map(([name, of]) => (
            <tr key={name} className="border-t border-line">
              <th scope="row" className="py-1 text-left font-normal text-muted">
                {name}
              </th>
              {columns.map((column) => (
                <td key={column.name} className="px-3 font-semibold">
                  {of(column.figures)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** Crops by which ways of growing are compared: leaf that hangs and stands, heads, and fruit. */
const COMPARED = ["chard/leaf", "lettuce/leaf", "strawberry/everbearing", "tomato/bush"] as const;

function Ways({
  setting,
  reference,
  today,
}: {
  setting: Setting;
  reference: Judged["reference"];
  today: Day;
}) {
  const { crop } = useWords();
  const [goalId, setGoal] = useState<string>(COMPARED[0]);
  const ways = useMemo((): Way[] => {
    const found = reference.crops
      .flatMap((c) => c.goals.map((goal) => ({ crop: c, goal })))
      .find(({ goal }) => goal.id === goalId);
    return found ? waysOf(found, setting, today, today) : [];
  }, [goalId, setting, reference, today]);
  return (
    <section aria-labelledby="ways">
      <h2 id="ways" className="border-t-rule border-ink pt-1.5 text-xl font-bold">
        {t("contrast.ways")}
      </h2>
      <p className="text-muted">{t("contrast.waysLead")}</p>
      <SelectField
        label={t("contrast.crop")}
        value={goalId}
        className="my-2 max-w-60 print:hidden"
        onChange={(e) => setGoal(e.target.value)}
      >
        {COMPARED.map((id) => (
          <option key={id} value={id}>
            {crop(id)}
          </option>
        ))}
      </SelectField>
      {ways.length === 0 ? (
        <p>{t("contrast.noWay")}</p>
      ) : (
        <>
          <FiguresTable
            columns={ways.map(({ name, figures }) => ({ name: t(`contrast.wayNames.${name}`), figures }))}
          />
          <WayLines ways={ways} />
        </>
      )}
    </section>
  );
}

/** What the figures do not say: floor and load, and what growers like and dislike about each way. */
function WayLines({ ways }: { ways: readonly Way[] }) {
  const { quantity, number } = useWords();
  return (
    <ul className="mt-3 grid gap-x-10 sm:grid-cols-2">
      {ways.map(({ name, floorM2, loadKgM2, figures }) => (
        <li key={name} className="border-t border-line py-1.5 text-note">
          <b className="font-head">{t(`contrast.wayNames.${name}`)}</b>{" "}
          <span className="text-muted">
            {t("contrast.onFloor", {
              floor: quantity(floorM2, "area"),
              load: quantity(loadKgM2, "load"),
              plants: number(figures.plants / floorM2),
            })}
          </span>
          <span className="block">{t(`contrast.wayMeans.${name}`)}</span>
        </li>
      ))}
    </ul>
  );
}
