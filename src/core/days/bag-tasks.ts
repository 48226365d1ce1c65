import { isBegun } from "../calendar";
import { temperatureOn, VENT_FROM_C } from "../climate";
import { addDays, type Day, daysBetween } from "../day";
import { newMixFor, type RowView } from "../garden";
import { settledL } from "../mix";
import type { Setting } from "../setting";
import { dayOfWeather, type Weather } from "../weather";
import type { Done } from "./done";
import type { Task, TaskWhat } from "./task";
import { nextWater } from "./watering";

/** A bag is filled and soaked a week before it is planted, so that the mix has settled. Common practice. */
const FILL_BEFORE = 7;
/** Mix that has settled after its first soaks is topped up within so many days. Common practice. */
const TOP_UP_WITHIN = 7;
/** Netting over the cabbage family from day one; so many days are still day one. Common practice. */
const NET_WITHIN = 2;
/** An empty bag is emptied, dried and looked over within so long. Ours to choose. */
const EMPTY_WITHIN = 14;
/** A new planting within so many days keeps the mix where it is. Ours to choose. */
const SOON_AGAIN = 60;

const CABBAGE_FAMILY = "Brassicaceae";

interface Asked {
  readonly row: RowView;
  readonly setting: Setting;
  readonly today: Day;
  readonly done: Done;
  readonly weather?: Weather;
}

type Due = TaskWhat & { readonly from: Day; readonly until: Day };

/** What a bag asks for, whatever stands in it: to be filled, watered, netted, propped open, and emptied. */
export function bagTasks(asked: Asked): Omit<Task, "row">[] {
  const { row } = asked;
  return [
    ...filling(asked),
    ...watering(asked),
    ...netting(asked),
    ...venting(asked),
    ...emptying(asked),
  ].map((what) => ({ ...what, id: `${row.row.id}/${what.kind}`, rowId: row.row.id }) as Omit<Task, "row">);
}

function filling({ row, setting, today, done }: Asked): Due[] {
  const filled = done.on(row.row.id, "filled").at(-1);
  if (filled && addDays(filled, 2 * TOP_UP_WITHIN) >= today) {
    const isTopped = done.on(row.row.id, "topped-up").some((day) => day >= filled);
    const when = { from: addDays(filled, 1), until: addDays(filled, TOP_UP_WITHIN) };
    return isTopped ? [] : [{ kind: "top-up", soilL: settledL(row.soilL), ...when }];
  }
  const mix = newMixFor(row, setting);
  if (!mix || (mix.until !== undefined && mix.until < today)) return [];
  const [first] = row.plantings
    .filter((p) => p.stay.to >= today && p.stay.from >= (mix.from ?? ""))
    .map((p) => p.stay.from)
    .sort();
  if (first === undefined) return [];
  return [
    {
      kind: "fill",
      soilL: mix.from === undefined ? row.soilL : mix.amount,
      isRefresh: mix.from !== undefined,
      from: addDays(first, -FILL_BEFORE),
      until: addDays(first, -1),
    },
  ];
}

function watering(asked: Asked): Due[] {
  const { row, today, done } = asked;
  const stands = row.plantings.some(
    (p) => isBegun(p.real) && !p.real?.endedOn && p.stay.from <= today && today <= p.stay.to,
  );
  // A bag that was filled was soaked on that day.
  const [filled, watered] = [done.on(row.row.id, "filled").at(-1), done.on(row.row.id, "watered").at(-1)];
  const last = [filled, watered]
    .filter((day) => day !== undefined)
    .sort()
    .at(-1);
  const next = stands ? nextWater(row, last, asked) : undefined;
  if (!next) return [];
  const { on, ...amounts } = next;
  return [{ kind: "water", ...amounts, last, from: on, until: on }];
}

/** What is eaten sooner, caterpillars do not get to; days. Assumption, no source: eggs take about a week to hatch. */
const NET_STAY = 14;

function netting({ row, setting, today, done }: Asked): Due[] {
  const animals = setting.site?.includes("animals") ?? false;
  const [first] = row.plantings
    .filter(
      (p) =>
        !p.real?.endedOn &&
        (animals || (p.crop.family === CABBAGE_FAMILY && daysBetween(p.stay.from, p.stay.to) >= NET_STAY)),
    )
    // One that should stand and was not sown wants no net.
    .filter((p) => p.stay.to >= today && (isBegun(p.real) || p.stay.from >= today))
    .sort((a, b) => a.stay.from.localeCompare(b.stay.from));
  if (!first || row.row.isCovered || done.on(row.row.id, "covered").some((day) => day >= first.stay.from))
    return [];
  return [
    {
      kind: "net",
      because: first.crop.family === CABBAGE_FAMILY ? "cabbage-family" : "animals",
      from: first.stay.from,
      until: addDays(first.stay.from, NET_WITHIN),
    },
  ];
}

function venting({ row, setting, today, weather }: Asked): Due[] {
  const { dayC } = dayOfWeather(weather, today) ?? temperatureOn(setting.climate, today);
  if (!row.row.isCovered || dayC < VENT_FROM_C) return [];
  const stands = row.plantings.some((p) => !p.real?.endedOn && p.stay.from <= today && today <= p.stay.to);
  return stands ? [{ kind: "vent", fromC: VENT_FROM_C, from: today, until: today }] : [];
}

function emptying({ row, today, done }: Asked): Due[] {
  const ends = row.plantings.map((p) => p.real?.endedOn);
  const last = ends
    .filter((day) => day !== undefined)
    .sort()
    .at(-1);
  const isAllOver = ends.length > 0 && last !== undefined && row.plantings.every((p) => p.real?.endedOn);
  if (!isAllOver || done.on(row.row.id, "emptied").some((day) => day >= last)) return [];
  return addDays(last, SOON_AGAIN) < today
    ? []
    : [{ kind: "empty", from: last, until: addDays(last, EMPTY_WITHIN) }];
}
