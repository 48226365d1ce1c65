import { randomUUID } from "node:crypto";
import { join } from "node:path";
import { Worker } from "node:worker_threads";
import * as z from "zod";
import type { Outcome } from "@/core/problem";
import { listMembers } from "@/db/groups";
import { countHouseholds, householdsAfter } from "@/db/households";
import { listParcels } from "@/db/needs";
import { db } from "@/db/pool";
import {
  askPrint,
  failPrint,
  findPrintFile,
  finishPrint,
  latestPrint,
  notePrinted,
  type Print,
  PRINT_KINDS,
  type PrintKind,
  startPrint,
} from "@/db/prints";
import type { LabelAsk, PrintAsk, PrintSays, PrintStyle, SheetAsk } from "@/sheet/ask";
import type { Actor } from "./actor";
import { readGarden } from "./garden";
import { readHousehold } from "./households";
import { outcomeOf, parsed, refused } from "./outcome";
import { programmeToChange, readProgramme, readToday } from "./programme";
import { actorOf } from "./proposals";
import { enqueue, type Jobs } from "./queue";
import { isSurveyed, type Surveyed } from "./setting";
import { pathOnPaper } from "./sheet-code";

/** A thread that prints longer than this for some households is ended. */
const THREAD_MS = 120_000;

const Says = z.object({
  printed: z.number().optional(),
  pages: z.number().optional(),
  pdf: z.instanceof(Uint8Array).optional(),
});

/** The thread in which pages are drawn: told something, it answers once. */
class Press {
  // A plain path, read at run time: the bundler leaves it alone.
  private readonly thread = new Worker(
    join(/* turbopackIgnore: true */ process.cwd(), "src", "sheet", "thread.mjs"),
  );

  constructor(style: PrintStyle) {
    this.thread.postMessage({ style } satisfies PrintAsk);
  }

  /** @throws {Error} when drawing fails, or takes too long */
  ask(question: PrintAsk): Promise<PrintSays> {
    const { thread } = this;
    return new Promise((resolve, reject) => {
      const settle = (work: () => void) => {
        clearTimeout(late);
        thread.off("message", onMessage);
        thread.off("error", onError);
        work();
      };
      const onMessage = (message: unknown) => settle(() => resolve(Says.parse(message)));
      const onError = (error: unknown) => settle(() => reject(error as Error));
      const late = setTimeout(() => onError(new Error("printing took too long")), THREAD_MS);
      thread.on("message", onMessage);
      thread.on("error", onError);
      thread.postMessage(question);
    });
  }

  end(): void {
    void this.thread.terminate();
  }
}

/** Where codes on paper lead: the address at which the app is asked, or the one that it is told of. */
const originOf = (asked: string) => process.env.PIP_ROW_ORIGIN ?? asked;

/** How a print is asked to look, and where its codes lead. */
const Look = z.object({
  units: z.enum(["metric", "us"]).catch("metric"),
  paper: z.enum(["A4", "LETTER"]).catch("A4"),
  origin: z.url().max(200),
});
export type Look = z.infer<typeof Look>;

async function sheetAsk(actor: Actor, household: Surveyed, origin: string): Promise<SheetAsk> {
  const { name: programme, town } = await readProgramme(actor);
  const { plan, setting, overrides, records, today } = await readGarden(actor, household);
  const { id, code, name } = household;
  return {
    of: "sheet",
    household: { code, name, href: `${originOf(origin)}${await pathOnPaper(actor, id)}` },
    programme: `${programme}, ${town}`,
    plan,
    setting,
    overrides,
    records,
    today,
  };
}

/** The page that one household keeps, as a file. */
export function householdSheet(
  actor: Actor,
  householdId: string,
  input: unknown,
): Promise<Outcome<{ pdf: Uint8Array; code: string }>> {
  return outcomeOf(async () => {
    const look = parsed(Look, input);
    if (!look.ok) return look;
    const household = await readHousehold(actor, householdId);
    if (!household || !isSurveyed(household)) return refused({ code: "not-found" });
    const { units, paper, origin } = look.value;
    const press = new Press({ units, paper, currency: (await readProgramme(actor)).currency });
    try {
      await press.ask({ add: [await sheetAsk(actor, household, origin)] });
      const { pdf } = await press.ask({ finish: true });
      if (!pdf) throw new Error("the printing thread gave no file");
      return { ok: true, value: { pdf, code: household.code } };
    } finally {
      press.end();
    }
  });
}

/** Asks the queue for the sheets or labels of all households, or of those of one group, in one file. */
export function askForPrint(
  actor: Actor,
  kind: unknown,
  groupId: unknown,
  input: unknown,
): Promise<Outcome<{ id: string }>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const asked = parsed(z.object({ kind: z.enum(PRINT_KINDS), groupId: z.uuid().nullable() }), {
      kind,
      groupId,
    });
    if (!asked.ok) return asked;
    const look = parsed(Look, input);
    if (!look.ok) return look;
    const id = randomUUID();
    await askPrint(db(actor), actor.programmeId, {
      id,
      kind: asked.value.kind,
      groupId: asked.value.groupId ?? undefined,
      ask: look.value,
      by: actor.name,
    });
    await enqueue("print", [{ programmeId: actor.programmeId, printId: id }]);
    return { ok: true, value: { id } };
  });
}

/** How far the newest prints of the actor's programme are. */
export async function readPrints(actor: Actor): Promise<Partial<Record<PrintKind, Print>>> {
  const [sheets, labels] = await Promise.all(
    PRINT_KINDS.map((kind) => latestPrint(db(actor), actor.programmeId, kind)),
  );
  return { ...(sheets && { sheets }), ...(labels && { labels }) };
}

/** The file of a print. */
export function readPrintFile(
  actor: Actor,
  id: string,
): Promise<Outcome<{ pdf: Uint8Array; kind: PrintKind }>> {
  return outcomeOf(async () => {
    const found = z.uuid().safeParse(id).success
      ? await findPrintFile(db(actor), actor.programmeId, id)
      : undefined;
    return found
      ? { ok: true, value: { pdf: found.file, kind: found.kind } }
      : refused({ code: "not-found" });
  });
}

/** So many households are read and drawn at a time. */
const BATCH = 20;

async function* sheetAsks(actor: Actor, groupId: string | null, origin: string) {
  const isIn = groupId
    ? new Set((await listMembers(db(actor), actor.programmeId, groupId)).map(({ id }) => id))
    : undefined;
  for (let after = 0; ;) {
    const households = await householdsAfter(db(actor), actor.programmeId, { after, most: BATCH });
    const last = households.at(-1);
    if (!last) return;
    after = Number(last.code);
    const asks: SheetAsk[] = [];
    for (const household of households)
      if (isSurveyed(household) && !household.isPutAway && (!isIn || isIn.has(household.id)))
        asks.push(await sheetAsk(actor, household, origin));
    yield { asks, read: households.length };
  }
}

async function* labelAsks(actor: Actor, groupId: string | null, origin: string) {
  const day = await readToday(actor);
  for (let page = 1; ; page++) {
    const parcels = await listParcels(db(actor), actor.programmeId, {
      day,
      page,
      groupId: groupId ?? undefined,
    });
    if (parcels.length === 0) return;
    const asks: LabelAsk[] = [];
    for (const { householdId, code, name, lines } of parcels) {
      const href = `${originOf(origin)}${await pathOnPaper(actor, householdId)}`;
      asks.push({ of: "label", household: { code, name, href }, lines });
    }
    yield { asks, read: parcels.length, all: parcels[0]?.all };
  }
}

/** Works out a print of the queue: household after household in a thread, so that the rest of the app goes on. */
export async function workOutPrint({ programmeId, printId }: Jobs["print"]): Promise<void> {
  const actor = await actorOf(programmeId);
  const print = await startPrint(db(actor), programmeId, printId);
  if (!print) return;
  const { units, paper, origin } = Look.parse(print.ask);
  const programme = await readProgramme(actor);
  const press = new Press({ units, paper, currency: programme.currency });
  try {
    const batches: AsyncGenerator<{ asks: (SheetAsk | LabelAsk)[]; read: number; all?: number }> =
      print.kind === "sheets"
        ? sheetAsks(actor, print.groupId, origin)
        : labelAsks(actor, print.groupId, origin);
    let read = 0;
    const of = await countHouseholds(db(actor), programmeId);
    for await (const batch of batches) {
      read += batch.read;
      if (batch.asks.length > 0) await press.ask({ add: batch.asks });
      await notePrinted(db(actor), printId, Math.min(0.99, read / Math.max(1, batch.all ?? of)));
    }
    const { pdf, pages = 0 } = await press.ask({ finish: true });
    if (!pdf) throw new Error("the printing thread gave no file");
    await finishPrint(db(actor), printId, { pdf, pages });
  } finally {
    press.end();
  }
}

/** Gives up a print that failed as often as it may. */
export const giveUpPrint = ({ programmeId, printId }: Jobs["print"]): Promise<void> =>
  failPrint(db({ programmeId }), programmeId, printId);
