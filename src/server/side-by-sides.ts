import { randomInt, randomUUID } from "node:crypto";
import * as z from "zod";
import {
  type Aim,
  type Answer,
  answerOf,
  groupBy,
  type Line,
  type Pair,
  pairsFor,
  pairSpread,
  pairStates,
  pairUp,
} from "@/core/findings";
import type { Day } from "@/core/day";
import type { Outcome } from "@/core/problem";
import type { Weighing } from "@/core/record";
import { db, transaction } from "@/db/pool";
import {
  dropPair,
  insertLook,
  insertSideBySide,
  listCandidates,
  listLooks,
  listPairs,
  listSideBySides,
  type SideBySide,
  type StoredPair,
} from "@/db/side-by-sides";
import { listSummaries } from "@/db/summaries";
import type { Actor } from "./actor";
import { judgeSoon } from "./judging";
import { outcomeOf, parsed, refused } from "./outcome";
import { programmeToChange, readKnown, readToday } from "./programme";

/** Differences that somebody may want to find: the second way gives so many times the first, or the other way round. */
const RATIOS = [1.15, 1.2, 1.3, 1.5, 2] as const;
/** How often a difference of that size is to be found, and how often one may be claimed where there is none. Common practice; that somebody looks twice before the end is an assumption. */
const ASKED = { power: 0.8, falseClaims: 0.05, looks: [0.4, 0.7] };
/** Fewer pairs than this can claim nothing, whatever they say. */
const LEAST_PAIRS = 6;

/** A goal that somebody plans: how many pairs of bags stand ready for a side-by-side, and how many each difference takes. */
export interface Triable {
  readonly goalId: string;
  readonly pairs: number;
  readonly needed: readonly { readonly ratio: number; readonly pairs: number | null }[];
}

export interface Shown extends SideBySide {
  readonly pairs: readonly (StoredPair & { readonly isIn: boolean; readonly isDoubtful: boolean })[];
  /** Pairs that were not left out. */
  readonly standing: number;
  readonly pairsIn: number;
  /** Pairs that it takes to find the difference that matters; null where nobody could grow enough. */
  readonly needed: number | null;
  readonly looks: readonly { readonly pairs: number; readonly verdict: string; readonly lookedOn: Day }[];
  /** What it says, as far as somebody looked: left out while pairs are in that nobody has looked at. */
  readonly answer?: Answer;
  /** Ratio of the second way to the first of each pair, for those that were looked at. */
  readonly ratios: readonly number[];
}

const aimOf = ({ ratio, spread }: Pick<SideBySide, "ratio" | "spread">): Aim => ({ ratio, spread, ...ASKED });

interface Basis {
  readonly lines: readonly Line[];
  readonly weighings: readonly Weighing[];
}

const readBasis = async (actor: Actor): Promise<Basis> => {
  const [lines, { weighings }] = await Promise.all([
    listSummaries(db(actor), actor.programmeId),
    readKnown(actor),
  ]);
  return { lines, weighings };
};

const spreadOf = (goalId: string, pairs: readonly Pair[], { lines, weighings }: Basis): number =>
  pairSpread(
    lines.filter((l) => l.goalId === goalId),
    weighings.filter((w) => w.goalId === goalId),
    pairs.filter((p) => p.householdId !== p.secondHouseholdId).length / Math.max(1, pairs.length),
  );

/** A side-by-side with all that is kept of it. */
interface Kept {
  readonly one: SideBySide;
  readonly pairs: readonly StoredPair[];
  readonly looks: Awaited<ReturnType<typeof listLooks>>;
}

/** A programme's side-by-sides, the newest first, or one of them. */
async function readKept(actor: Actor, id: string | null = null): Promise<Kept[]> {
  const on = db(actor);
  const [planned, pairs, looks] = await Promise.all([
    listSideBySides(on, actor.programmeId, id),
    listPairs(on, actor.programmeId),
    listLooks(on, actor.programmeId),
  ]);
  return planned.map((one) => ({
    one,
    pairs: pairs.filter((p) => p.sideBySideId === one.id),
    looks: looks.filter((l) => l.sideBySideId === one.id),
  }));
}

/** All that is or was held side by side in a programme, and what could be. */
export async function readSideBySides(
  actor: Actor,
): Promise<{ readonly all: readonly Shown[]; readonly triable: readonly Triable[] }> {
  const [kept, candidates, known] = await Promise.all([
    readKept(actor),
    listCandidates(db(actor), actor.programmeId),
    readBasis(actor),
  ]);
  return {
    all: kept.map((one) => shownOf(one, known)),
    triable: [...groupBy(candidates, (c) => c.goalId)]
      .map(([goalId, own]): Triable => {
        const pairs = pairUp(own, 0);
        const spread = spreadOf(goalId, pairs, known);
        return {
          goalId,
          pairs: pairs.length,
          needed: RATIOS.map((ratio) => ({ ratio, pairs: pairsFor(aimOf({ ratio, spread })) ?? null })),
        };
      })
      .sort((a, b) => b.pairs - a.pairs || a.goalId.localeCompare(b.goalId)),
  };
}

/** What pairs that were not left out came to. */
const statesOf = ({ pairs }: Kept, { lines, weighings }: Basis) =>
  pairStates(
    pairs.filter((p) => p.dropped === null),
    lines,
    weighings,
  );

function shownOf(kept: Kept, known: Basis): Shown {
  const { one, pairs, looks } = kept;
  const { states, ratios } = statesOf(kept, known);
  const stateOf = new Map(states.map((s) => [s.firstPlantingId, s]));
  const isLooked = looks.at(-1)?.pairs === ratios.length;
  return {
    ...one,
    pairs: pairs.map((p) => {
      const state = stateOf.get(p.firstPlantingId);
      return { ...p, isIn: state?.isIn ?? false, isDoubtful: state?.isDoubtful ?? false };
    }),
    standing: states.length,
    pairsIn: ratios.length,
    needed: pairsFor(aimOf(one)) ?? null,
    looks,
    ratios: isLooked ? ratios : [],
    ...(isLooked && { answer: answerNow(kept, ratios) }),
  };
}

/** What pairs say now. They are left out before the first look alone, so that those that stand are the ones that were planned. */
function answerNow({ one, pairs, looks }: Kept, ratios: readonly number[]): Answer {
  const planned = pairs.filter((p) => p.dropped === null).length;
  return answerOf(ratios, {
    aim: aimOf(one),
    planned,
    looks: looks.flatMap((look) => (look.pairs < ratios.length ? [look.pairs / planned] : [])),
  });
}

const Way = z.string().trim().min(1, { error: "empty" }).max(80, { error: "too-long" });
const Begun = z.strictObject({
  goalId: z.string().min(1).max(80),
  question: z.string().trim().min(1, { error: "empty" }).max(200, { error: "too-long" }),
  firstWay: Way,
  secondWay: Way,
  ratio: z.coerce.number().refine((r) => (RATIOS as readonly number[]).includes(r), { error: "empty" }),
});

/** Begins a side-by-side: chance says which bag of each pair goes which way, and it stays so. */
export function beginSideBySide(actor: Actor, input: unknown): Promise<Outcome<{ id: string }>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const begun = parsed(Begun, input);
    if (!begun.ok) return begun;
    const { goalId } = begun.value;
    const candidates = await listCandidates(db(actor), actor.programmeId, goalId);
    const seed = randomInt(1, 2 ** 31 - 1);
    const pairs = pairUp(candidates, seed);
    if (pairs.length < LEAST_PAIRS)
      return refused({ code: "pairs-too-few", pairs: pairs.length, least: LEAST_PAIRS });
    const spread = spreadOf(goalId, pairs, await readBasis(actor));
    const id = randomUUID();
    const one = { id, ...begun.value, spread, planned: pairs.length, seed, author: actor.name };
    await transaction(actor, (on) => insertSideBySide(on, actor.programmeId, one, pairs));
    await judgeSoon(actor.programmeId);
    return { ok: true, value: { id } };
  });
}

/** Looks at what a side-by-side says: noted, since each look spends of what may be claimed falsely. */
export function lookAt(actor: Actor, asked: unknown): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const id = z.uuid().safeParse(asked);
    const [kept] = id.success ? await readKept(actor, id.data) : [];
    if (!kept) return refused({ code: "not-found" });
    const { ratios } = statesOf(kept, await readBasis(actor));
    if (ratios.length === 0) return refused({ code: "no-pair-in" });
    const { verdict } = answerNow(kept, ratios);
    await insertLook(db(actor), actor.programmeId, {
      ...{ id: kept.one.id, pairs: ratios.length, verdict, author: actor.name, on: await readToday(actor) },
    });
    return { ok: true, value: null };
  });
}

const Dropped = z.strictObject({
  id: z.uuid(),
  position: z.int().min(0).max(10_000),
  reason: z.string().trim().min(1, { error: "reason-missing" }).max(200, { error: "too-long" }),
});

/** Leaves a pair out of what is counted, for a reason that stays to be seen. Only before anybody looked: afterwards it would be choosing. */
export function leavePairOut(actor: Actor, input: unknown): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const dropped = parsed(Dropped, input);
    if (!dropped.ok) return dropped;
    const [kept] = await readKept(actor, dropped.value.id);
    if (kept && kept.looks.length > 0) return refused({ code: "looked-already" });
    const done = await dropPair(db(actor), actor.programmeId, { ...dropped.value, author: actor.name });
    if (!done) return refused({ code: "not-found" });
    await judgeSoon(actor.programmeId);
    return { ok: true, value: null };
  });
}
