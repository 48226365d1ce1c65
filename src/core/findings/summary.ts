import { stagesFrom, type Window } from "../calendar";
import { type BagShape, outlineArea, soilVolumeL, topOutline } from "../bag";
import type { Climate } from "../climate";
import { byPacket } from "../crop";
import { type Day, daysBetween } from "../day";
import { type Detail, type Followed, type GardenRecord, pickedTotals, validRecords } from "../record";
import type { Schools } from "../school";
import type { Range } from "./belief";

type Reason = NonNullable<Detail["reason"]>;

/** What a planting came to, in one line: all that figures across households are made of. */
export interface Summary {
  readonly plantingId: string;
  readonly goalId: string;
  readonly cropId: string;
  readonly method: string;
  readonly bagKindId: string;
  readonly variety: string | null;
  /** Ways of doing that were in force when it was sown, or are until it is. */
  readonly schools: Schools;
  /** What its whole bag holds of mix, L, and the area of its top, m²; null where nobody knows the bag any more. */
  readonly soilL: number | null;
  readonly topM2: number | null;
  /** Plants that were planned; null for a stand sown dense. */
  readonly plants: number | null;
  readonly sownOn: Day | null;
  readonly upOn: Day | null;
  readonly movedOn: Day | null;
  readonly firstPickOn: Day | null;
  readonly endedOn: Day | null;
  /** The last day of which anything is on record. */
  readonly lastOn: Day | null;
  /** Seeds that were counted at sowing, and those of them that came up; 0 where not both were counted, or cannot be. */
  readonly seeds: number;
  readonly ups: number;
  /** Plants that were lost in the tray, and those after planting out, or after coming up where nothing is moved. */
  readonly lostYoung: number;
  readonly lostGrown: number;
  readonly reasons: Readonly<Partial<Record<Reason, number>>>;
  readonly picks: number;
  readonly kg: number;
  readonly pieces: number;
  readonly bunches: number;
  /** Days from the sowing that is on record: what was to be expected then. */
  readonly expectedUp: Range | null;
  readonly expectedPick: Range | null;
  /** To the last pick; null for what bears for years. */
  readonly expectedEnd: Range | null;
  /** Days to the first pick that the packet promises. */
  readonly packetDays: number | null;
}

/** What is known of a planting besides its records. */
export interface Planted extends Followed {
  readonly id: string;
  readonly bagKindId: string;
  readonly schools: Schools;
  /** Left out where the library no longer has its kind. */
  readonly shape?: BagShape;
}

const daysIn = (sown: Day, window: Window | undefined): Range | null =>
  window
    ? {
        low: Math.max(1, daysBetween(sown, window.early)),
        likely: Math.max(1, daysBetween(sown, window.likely)),
        high: Math.max(1, daysBetween(sown, window.late)),
      }
    : null;

const first = (records: readonly GardenRecord[]): Day | null => records.map((r) => r.on).sort()[0] ?? null;
const sumOf = (records: readonly GardenRecord[]): number =>
  records.reduce((sum, r) => sum + (r.amount?.value ?? 0), 0);

/** What a planting came to by its records, whatever their order; those that were corrected or struck do not count. */
export function summaryOf(planted: Planted, climate: Climate): Summary {
  const { id, bagKindId, shape, schools, goal, crop, method, plants, packet } = planted;
  const records = validRecords(planted.records);
  const of = (kind: GardenRecord["kind"]) => records.filter((r) => r.kind === kind);
  const sown = of("sown");
  // Looked for, counted, and none there: not up.
  const up = of("up").filter((r) => r.amount === null || r.amount.value > 0);
  const [sownOn, movedOn] = [first(sown), first(of("moved"))];
  const notedDays = sown.findLast((r) => r.detail?.packetDays)?.detail?.packetDays;
  const packetDays = notedDays ?? packet?.days ?? null;
  const expected =
    sownOn === null
      ? undefined
      : stagesFrom(
          { crop, goal: byPacket(goal, packetDays ?? undefined), method, real: { sownOn } },
          sownOn,
          climate,
        );
  const lost = of("lost");
  const grownFrom = method.move ? movedOn : first(up);
  const isYoung = (r: GardenRecord) => grownFrom === null || r.on < grownFrom;
  const reasons: Partial<Record<Reason, number>> = {};
  for (const r of lost) {
    const reason = r.detail?.reason ?? "unknown";
    reasons[reason] = (reasons[reason] ?? 0) + (r.amount?.value ?? 0);
  }
  const [seeds, ups] = [sumOf(sown), sumOf(up)];
  const isCounted = seeds > 0 && ups <= seeds && up.some((r) => r.amount !== null);
  const picked = pickedTotals(records);
  return {
    plantingId: id,
    goalId: goal.id,
    cropId: crop.id,
    method: method.method,
    bagKindId,
    variety: sown.findLast((r) => r.detail?.variety)?.detail?.variety ?? packet?.variety ?? null,
    schools,
    soilL: shape ? soilVolumeL(shape) : null,
    topM2: shape ? outlineArea(topOutline(shape)) / 10_000 : null,
    plants,
    sownOn,
    upOn: first(up),
    movedOn,
    firstPickOn: first(of("picked")),
    endedOn: first(of("ended")),
    lastOn:
      records
        .map((r) => r.on)
        .sort()
        .at(-1) ?? null,
    seeds: isCounted ? seeds : 0,
    ups: isCounted ? ups : 0,
    lostYoung: sumOf(lost.filter(isYoung)),
    lostGrown: sumOf(lost.filter((r) => !isYoung(r))),
    reasons,
    picks: of("picked").length,
    kg: picked.mass ?? 0,
    pieces: picked.pieces ?? 0,
    bunches: picked.bunches ?? 0,
    expectedUp: sownOn === null ? null : daysIn(sownOn, expected?.up),
    expectedPick: sownOn === null ? null : daysIn(sownOn, expected?.firstPick),
    expectedEnd:
      sownOn === null || expected?.seasons ? null : daysIn(sownOn, expected?.lastPick ?? expected?.firstPick),
    packetDays,
  };
}
