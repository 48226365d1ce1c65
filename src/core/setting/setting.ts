import { type BagMake, type BagShape, rolledTo } from "../bag";
import type { Real } from "../calendar";
import type { Climate } from "../climate";
import type { Crop, Goal } from "../crop";
import type { Day } from "../day";
import type { Hands } from "../fit";
import type { Floor, SiteMark } from "../place";
import type { Wants } from "../food";
import { type Mix, mixUnder, type Sizes } from "../mix";
import type { Prices } from "../money";
import type { Germination } from "../record";
import { inForce, type Schools, type SchoolsInForce } from "../school";
import type { SkyOpening } from "../sun";
import type { BagThing, Row } from "../plan";

/** The library as plain data, so that it can be sent to where the computing is done. */
export interface Reference {
  readonly crops: readonly Crop[];
  readonly bagKinds: readonly { readonly id: string; readonly shape: BagShape; readonly make: BagMake }[];
}

/** What a side-by-side asks, and how a planting that takes part is grown for it. */
export interface Trial {
  readonly question: string;
  readonly way: string;
}

/** The part of a `Setting` that is plain data. */
export interface PlainSetting {
  readonly climate: Climate;
  /** The programme's mix, and all that it knows, which a bag may have instead. */
  readonly mix: Mix;
  readonly mixes?: readonly Mix[];
  /** What barrows, buckets and cans hold here. */
  readonly sizes?: Sizes;
  readonly sunHours: number;
  /** Floor of the place, m². */
  readonly floorM2: number;
  readonly limitKgM2?: number;
  /** Hooks that bags can hang from, and what each of them bears, kg. */
  readonly hooks?: { readonly count?: number; readonly limitKg?: number };
  /** What programme and household have chosen. */
  readonly schools?: Schools;
  /** What the household brings to sowing. */
  readonly hands?: Hands;
  /** What the place is like besides: wind, animals, stairs, bags that can be turned. */
  readonly site?: readonly SiteMark[];
  /** What the household eats, and how many are at table. */
  readonly wants?: Wants;
  readonly people?: { readonly adults: number; readonly children: number };
  /** The floor from above, the way its open side faces in degrees, and the sky that its sun comes through, where that is known. */
  readonly floor?: Floor;
  readonly faces?: number;
  readonly sky?: readonly SkyOpening[];
  /** Share of the sky that is open over the place, 0 to 1; about half where nobody knows. */
  readonly openSky?: number;
  /** Day on which the household's hours of sun were noted. */
  readonly sunSeenOn?: Day;
  /** The programme's prices, and its own germination by crop. */
  readonly prices?: Prices;
  readonly germination?: Readonly<Record<string, Germination>>;
  /** What is on record of the household's plantings and bags, by planting and by row; left out where nobody looked. */
  readonly happened?: Readonly<Record<string, Real>>;
  /** Plantings that take part in a side-by-side. */
  readonly trials?: Readonly<Record<string, Trial>>;
}

/** What a plan is judged against. */
export interface Setting extends PlainSetting {
  readonly findShape: (kindId: string) => BagShape | undefined;
  readonly findMake: (kindId: string) => BagMake | undefined;
  /** For what stands under a cover: the setting that it is under, whose light comes through the cover. */
  readonly uncovered?: Setting;
  readonly findGoal: (goalId: string) => { crop: Crop; goal: Goal } | undefined;
}

/** A setting that looks crops and bags up in a library. */
export function settingFrom(plain: PlainSetting, reference: Reference): Setting {
  const kinds = new Map(reference.bagKinds.map((kind) => [kind.id, kind]));
  const goals = new Map(
    reference.crops.flatMap((crop) => crop.goals.map((goal) => [goal.id, { crop, goal }] as const)),
  );
  return {
    ...plain,
    findShape: (id) => kinds.get(id)?.shape,
    findMake: (id) => kinds.get(id)?.make,
    findGoal: (id) => goals.get(id),
  };
}

/** Kept, so that the same bag stays the same object from question to question. */
const changed = new WeakMap<BagShape, Map<string, BagShape>>();

function keptAs(shape: BagShape, key: string, change: (shape: BagShape) => BagShape): BagShape {
  const known = changed.get(shape) ?? new Map<string, BagShape>();
  changed.set(shape, known);
  const next = known.get(key) ?? change(shape);
  known.set(key, next);
  return next;
}

/** The shape of a bag: its own measures, else its kind's; a tower without a core where that is the school, a wall as far as it is rolled down. */
export function shapeOf(
  bag: BagThing,
  setting: Setting,
  schools = inForce(setting.schools),
  row?: Pick<Row, "rolledToCm">,
): BagShape | undefined {
  const shape = bag.shape ?? setting.findShape(bag.kindId);
  if (shape?.kind === "tower" && schools.core === "none")
    return keptAs(shape, "coreless", () => ({ ...shape, coreCm: 0 }));
  const rolledToCm = row?.rolledToCm;
  return shape && rolledToCm !== undefined
    ? keptAs(shape, `to ${rolledToCm}`, () => rolledTo(shape, rolledToCm))
    : shape;
}

/** The mix that a row's bag is filled with: its own, else the programme's; without garden soil where that is the school. */
export const mixOf = (row: Pick<Row, "mixId"> | undefined, setting: Setting, schools: SchoolsInForce): Mix =>
  mixUnder(setting.mixes?.find(({ id }) => id === row?.mixId) ?? setting.mix, schools);
