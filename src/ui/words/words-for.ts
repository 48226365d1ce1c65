import type { Caution } from "@/core/caution";
import type { DateReason, SeasonReason } from "@/core/calendar";
import { type Day, isDay } from "@/core/day";
import type { Fix, Limit, Note } from "@/core/fit";
import type { Clash, Cure, Heard } from "@/core/garden";
import { spoonsOf } from "@/core/feed";
import { ownMixName } from "@/core/mix";
import { fromMinor, toMinor } from "@/core/money";
import type { Problem } from "@/core/problem";
import type { NextStep, PickedAmounts } from "@/core/record";
import {
  type Dimension,
  formatQuantity,
  formatRain,
  POUND_KG,
  showQuantity,
  type UnitSystem,
} from "@/core/quantity";
import type { HousePlace } from "@/ui/places";
import {
  also,
  amounts,
  bags,
  cautions,
  clash,
  crops,
  dateReasons,
  due,
  fixes,
  goals,
  heard,
  light,
  limits,
  mixes,
  next,
  notes,
  perMass,
  problems,
  seasonReasons,
  spoons,
} from "./en";
import { format, translator } from "./translate";

const t = translator({
  also,
  amounts,
  bags,
  cautions,
  clash,
  crops,
  dateReasons,
  due,
  fixes,
  goals,
  heard,
  light,
  limits,
  mixes,
  next,
  notes,
  perMass,
  problems,
  seasonReasons,
  spoons,
});

export type GoalName = keyof typeof goals;
export type CropName = keyof typeof also;
export type BagName = keyof typeof bags;
type MixName = keyof typeof mixes;

/** Message keys hold no dot, which next-intl reads as a path. */
const bagKey = (kindId: string) => kindId.replace(".", "_") as BagName;

/** The words for each pair of units and currency that was asked for. */
const known = new Map<string, ReturnType<typeof wordsIn>>();

/** The words where no screen is: for a file that is written on the server. */
export function wordsFor(units: UnitSystem, currency: string) {
  const key = `${units} ${currency}`;
  const words = known.get(key) ?? wordsIn(units, currency);
  known.set(key, words);
  return words;
}

function wordsIn(units: UnitSystem, currency: string) {
  const at = (day: Day) => new Date(`${day}T00:00:00Z`);
  const day = (d: Day) => format.dateTime(at(d), { day: "numeric", month: "short", timeZone: "UTC" });
  const days = (from: Day, to: Day) =>
    from === to
      ? day(from)
      : format
          .dateTimeRange(at(from), at(to), { day: "numeric", month: "short", timeZone: "UTC" })
          // Server and browser know other spaces round the dash.
          .replace(/\u2009/g, " ");
  const longDay = (d: Day) =>
    format.dateTime(at(d), {
      weekday: "short",
      day: "numeric",
      month: "short",
      year: "numeric",
      timeZone: "UTC",
    });
  /** A time of day, of an instant in ISO 8601, on the reader's own clock. */
  const clock = (instant: string) =>
    new Intl.DateTimeFormat("en-GB", { hour: "2-digit", minute: "2-digit" }).format(new Date(instant));
  const weekday = (d: Day) => format.dateTime(at(d), { weekday: "short", timeZone: "UTC" });
  const month = (d: Day) => format.dateTime(at(d), { month: "short", timeZone: "UTC" });
  const quantity = (value: number, dimension: Dimension) => formatQuantity(value, dimension, units);
  const rain = (mm: number) => formatRain(mm, units);
  const temperature = (c: number) => quantity(c, "temperature");
  /** Foretold: to the degree, since nobody knows it better. */
  const foretold = (c: number) => temperature(Math.round(c));
  const number = (n: number) => format.number(n, { maximumFractionDigits: n < 10 ? 1 : 0 });
  /** A share of 1 in hundredths; it does not break before the sign. */
  const percent = (share: number) => `${number(100 * share)}\u00a0%`;
  /** Light of a day, mol/m². */
  const mol = (light: number) => t("light.mol", { light: number(Math.round(light)) });
  /** A range of masses, its unit said once where it is one. @param kg low, likely and high */
  const harvest = (kg: { low: number; likely: number; high: number }) => {
    const [low, likely, high] = [kg.low, kg.likely, kg.high].map((value) =>
      showQuantity(value, "mass", units),
    );
    const isOne = low?.unit === high?.unit && likely?.unit === high?.unit;
    return t("light.range", {
      low: isOne && low ? low.amount : quantity(kg.low, "mass"),
      likely: isOne && likely ? likely.amount : quantity(kg.likely, "mass"),
      high: quantity(kg.high, "mass"),
    });
  };
  const crop = (goalId: string) => t(`goals.${goalId as GoalName}`);
  const cropName = (cropId: string) => t(`crops.${cropId as CropName}`);
  /** What was picked, by what it was measured in; empty where nothing was. */
  const picked = ({ kg = 0, bunches = 0, pieces = 0 }: Partial<PickedAmounts>) =>
    [
      kg > 0 && quantity(kg, "mass"),
      bunches > 0 && t("amounts.bunches", { n: bunches }),
      pieces > 0 && t("amounts.pieces", { n: pieces }),
    ]
      .filter(Boolean)
      .join(", ");
  const money = (minor: number) => format.number(fromMinor(minor, currency), { style: "currency", currency });
  /** A price in the currency for a kg, as a shop in the reader's units has it. */
  const perKg = (amount: number) =>
    units === "us"
      ? t("perMass.lb", { price: money(toMinor(amount * POUND_KG, currency)) })
      : t("perMass.kg", { price: money(toMinor(amount, currency)) });
  /** Everything by which people may look for a crop: its name here, other names, the botanical one. */
  const namesOf = (goalId: string, botanical: string) =>
    `${crop(goalId)} ${t(`also.${goalId.split("/")[0] as CropName}`)} ${botanical}`.toLowerCase();
  const bag = (kindId: string) => t(`bags.${bagKey(kindId)}`);
  /** A mix by what the programme calls it, or by the words for one that ships. */
  const mix = (id: string) => ownMixName(id) ?? t(`mixes.${id as MixName}`);
  const caution = (c: Caution) =>
    c.isGrave
      ? t(`cautions.${c.code}`, { kg: quantity(c.kg, "mass"), limit: quantity(c.limitKg, "mass") })
      : t(`cautions.${c.code}`);
  /** Granules as a kitchen measures them. */
  const spoons = (volumeL: number) => {
    const { unit, count } = spoonsOf(volumeL);
    return t(`spoons.${unit}`, { count });
  };

  const words = (r: SeasonReason | DateReason) =>
    Object.fromEntries(
      Object.entries(r).map(([key, value]) => [
        key,
        typeof value === "number"
          ? key.endsWith("C")
            ? temperature(value)
            : number(value)
          : ["day", "from", "to"].includes(key)
            ? day(value)
            : value,
      ]),
    );
  const season = (r: SeasonReason) => t(`seasonReasons.${r.code}`, words(r));
  const dateReason = (r: DateReason) => t(`dateReasons.${r.code}`, words(r));

  const limit = (l: Limit): string => {
    switch (l.code) {
      case "depth":
        return t("limits.have", {
          have: quantity(l.have, "length"),
          good: quantity(l.need.good, "length"),
        });
      case "soil":
        return t("limits.have", {
          have: quantity(l.have, "volume"),
          good: quantity(l.need.good, "volume"),
        });
      case "light":
        return t("limits.have", { have: mol(l.have), good: mol(l.need.good) });
      case "room":
        return t("limits.roomHave", {
          good: l.good,
          most: l.most,
          spacing: quantity(l.spacingCm.good, "length"),
        });
      case "holes":
        return t("limits.holesHave", { holes: l.holes });
      case "season":
        return season(l.reason);
    }
  };
  const fix = (f: Fix): string => {
    switch (f.code) {
      case "plants":
        return t("fixes.plants", { plants: f.plants });
      case "deeper":
        return t("fixes.deeper", { depth: quantity(f.depthCm, "length") });
      case "larger":
        return t("fixes.larger", { soil: quantity(f.soilL, "volume") });
      case "wider":
        return t("fixes.wider", { spacing: quantity(f.spacingCm, "length") });
      case "lighter":
        return t("fixes.lighter", { light: mol(f.mol) });
      case "sow-on":
        return t("fixes.sow-on", { day: longDay(f.day) });
    }
  };
  const clash = (c: Clash): string => {
    const amount = (value: number) =>
      c.code === "room"
        ? quantity(value, "length")
        : c.code === "soil"
          ? quantity(value, "volume")
          : c.code === "light"
            ? mol(value)
            : number(value);
    return t(`clash.kinds.${c.code}`, {
      crop: crop(c.goalId),
      other: crop(c.otherGoalId),
      need: amount(c.need),
      have: amount(c.have),
      from: day(c.from),
      to: day(c.to),
    });
  };
  const cure = (c: Cure): string =>
    c.code === "out-by"
      ? t("clash.cures.out-by", { crop: crop(c.goalId), day: day(c.day) })
      : c.code === "fewer"
        ? t("clash.cures.fewer", { crop: crop(c.goalId), plants: c.plants })
        : t("clash.cures.ring", { crop: crop(c.goalId) });
  const heard = (h: Heard): string => {
    const name = crop(h.goalId);
    switch (h.code) {
      case "silent":
        return t("heard.silent", { crop: name, day: day(h.day) });
      case "ended":
        return t("heard.ended", { crop: name, day: day(h.day) });
      case "lost":
        return t("heard.lost", { crop: name, lost: h.lost, of: h.of });
      case "moved":
        return t(h.days > 0 ? "heard.nowLater" : "heard.nowSooner", {
          crop: name,
          days: Math.abs(h.days),
          now: day(h.now),
          was: day(h.was),
        });
      case "too-late": {
        const why = season(h.reason);
        return h.on
          ? t("heard.tooLateOn", { crop: name, on: h.on.day, of: h.on.of, pick: day(h.on.pick), why })
          : t("heard.tooLate", { crop: name, why });
      }
    }
  };
  /** A household's next step, and which of its places it leads to. */
  const nextStep = (
    step: NextStep,
  ): { text: string; place: HousePlace | `log?${string}`; isLate: boolean } => {
    switch (step.code) {
      case "survey":
        return { text: t("next.survey"), place: "doorstep", isLate: false };
      case "choose":
        return { text: t("next.choose"), place: "match", isLate: false };
      case "due": {
        const task = t(`due.tasks.${step.task}`, { crop: crop(step.goalId) });
        const when = step.late ? t("due.late", { days: step.days }) : day(step.day);
        return { text: `${task}: ${when}`, place: `log?planting=${step.plantingId}`, isLate: step.late };
      }
      case "later":
        return {
          text: `${t(`due.tasks.${step.task}`, { crop: crop(step.goalId) })}: ${t("next.from", { day: day(step.day) })}`,
          place: "bench",
          isLate: false,
        };
    }
  };
  const note = (n: Note): string =>
    n.code === "roots-short"
      ? t("notes.roots-short", { depth: quantity(n.depthCm, "length") })
      : t(`notes.${n.code}`, { soil: quantity(n.soilL, "volume") });
  const problem = ({ code, ...details }: Problem): string => {
    const key = `problems.${code}` as "problems.invalid";
    const said = Object.entries(details).map(([name, value]) => [
      name,
      typeof value === "string" && isDay(value) ? day(value) : value,
    ]);
    return t.has(key) ? t(key, Object.fromEntries(said)) : t("problems.invalid");
  };
  const shown = (value: number, dimension: Dimension) => showQuantity(value, dimension, units);
  return {
    units,
    day,
    days,
    longDay,
    clock,
    weekday,
    month,
    quantity,
    temperature,
    foretold,
    shown,
    number,
    percent,
    mol,
    rain,
    harvest,
    picked,
    money,
    perKg,
    crop,
    cropName,
    namesOf,
    bag,
    mix,
    caution,
    spoons,
    season,
    dateReason,
    limit,
    fix,
    note,
    clash,
    cure,
    heard,
    nextStep,
    problem,
  };
}
