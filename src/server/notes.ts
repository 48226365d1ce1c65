import * as z from "zod";
import type { Draft } from "@/core/message";
import { type DayOrder, NOTE_FIELDS, type NoteLine, type NotesReport, readNote } from "@/core/notes";
import type { Outcome, Problem } from "@/core/problem";
import { dayProblem, GardenRecord } from "@/core/record";
import { listCodes, lockHousehold } from "@/db/households";
import { db, transaction } from "@/db/pool";
import { insertRecord, listRecords } from "@/db/records";
import type { Actor } from "./actor";
import { followHousehold } from "./following";
import { scopeOf } from "./households";
import { workSoon } from "./judging";
import { knownOf, namedIn } from "./known";
import { outcomeOf, parsed, refused } from "./outcome";
import { programmeToChange } from "./programme";
import { stableId } from "./stable-id";

const Field = z.string().max(1000, { error: "too-long" });

const Notes = z.strictObject({
  rows: z
    .array(
      z.strictObject(
        Object.fromEntries(NOTE_FIELDS.map((f) => [f, Field])) as Record<
          (typeof NOTE_FIELDS)[number],
          typeof Field
        >,
      ),
    )
    .min(1, { error: "file-empty" })
    .max(5000, { error: "file-long" }),
  order: z.enum(["day-first", "month-first"]),
  /** What happened in notes that do not say. */
  what: z.enum(["", "picked", "sown", "up", "watered"]),
  /** Whether they are stored; else it is only said what they would be. */
  isStored: z.boolean(),
});

/** The same note gives the same id, however often the table comes; one that stands in it twice is two. */
const idOf = (householdId: string, content: string, nth: number): string =>
  stableId(`note ${householdId} ${content} ${nth}`);

/** What two records have in common that say the same. */
const contentOf = ({
  plantingId,
  rowId,
  kind,
  on,
  amount,
}: Omit<GardenRecord, "id" | "note" | "supersedes">) =>
  JSON.stringify([plantingId, rowId ?? null, kind, on, amount && [amount.measure, amount.value]]);

interface Reader {
  readonly householdId: string;
  readonly known: Awaited<ReturnType<typeof knownOf>>;
  /** What is on record already, and what this table adds. */
  readonly records: GardenRecord[];
  readonly ids: Set<string>;
  readonly contents: Set<string>;
  readonly times: Map<string, number>;
}

/**
 * Takes in other people's notes: each row read, held against what is on record, and told. All of them are stored, or,
 * with a single wrong one, none.
 */
export function takeNotes(
  actor: Actor,
  input: unknown,
  namesOf: (goalId: string) => readonly string[],
): Promise<Outcome<NotesReport>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const notes = parsed(Notes, input);
    if (!notes.ok) return refused(Object.values(notes.fields ?? {})[0] ?? notes.problem);
    const { rows, order, what, isStored } = notes.value;
    const households = await listCodes(db(actor), actor.programmeId);
    const readers = new Map<string, Reader>();
    const made: { readonly householdId: string; readonly record: GardenRecord }[] = [];
    const lines: NoteLine[] = [];
    for (const [i, row] of rows.entries()) {
      const line = i + 2;
      const household = households.find(
        ({ code, name }) =>
          code === row.household.padStart(2, "0") || name.toLowerCase() === row.household.toLowerCase(),
      );
      const wrong = (problem: Problem) =>
        void lines.push({
          line,
          is: "wrong",
          household: household?.name ?? row.household,
          records: [],
          problem,
        });
      if (!household) {
        wrong({ code: "household-unknown", understood: row.household.slice(0, 40) });
        continue;
      }
      const reader = readers.get(household.id) ?? (await readerOf(actor, household.id, namesOf));
      readers.set(household.id, reader);
      const read = readNote(row, reader.known, { order: order as DayOrder, what });
      if (!read.ok) {
        wrong(read.problem);
        continue;
      }
      const found = read.drafts.map((draft) =>
        recordFrom(draft, reader, read.drafts.length === 1 ? row.id : ""),
      );
      const fresh = found.filter(({ isKnown }) => !isKnown).map(({ record }) => record);
      const problem = fresh
        .map((record) => dayProblem(record, { today: reader.known.today, records: reader.records }))
        .find((p) => p !== undefined);
      if (problem) {
        wrong(problem);
        continue;
      }
      reader.records.push(...fresh);
      made.push(...fresh.map((record) => ({ householdId: household.id, record })));
      lines.push({
        line,
        is: fresh.length > 0 ? "new" : "known",
        household: `${household.code} ${household.name}`,
        records: read.drafts.map((draft) => ({ ...draft, ...namedIn(reader.known, draft) })),
      });
    }
    const isWhole = lines.every(({ is }) => is !== "wrong");
    if (!isStored || !isWhole || made.length === 0) return { ok: true, value: { lines, stored: 0 } };
    await transaction(actor, async (on) => {
      // In one order everywhere, so that two who take notes in at once do not wait for each other for ever.
      for (const householdId of [...new Set(made.map((m) => m.householdId))].sort()) {
        const scope = scopeOf(actor, householdId);
        await lockHousehold(on, scope);
        for (const { record } of made.filter((m) => m.householdId === householdId))
          await insertRecord(on, scope, { record, author: actor.name });
        await followHousehold(on, scope);
      }
    });
    await workSoon(actor.programmeId);
    return { ok: true, value: { lines, stored: made.length } };
  });
}

async function readerOf(
  actor: Actor,
  householdId: string,
  namesOf: (goalId: string) => readonly string[],
): Promise<Reader> {
  const [known, records] = await Promise.all([
    knownOf(actor, householdId, namesOf),
    listRecords(db(actor), scopeOf(actor, householdId)),
  ]);
  return {
    householdId,
    known,
    records,
    ids: new Set(records.map(({ id }) => id)),
    contents: new Set(records.map(contentOf)),
    times: new Map(),
  };
}

/** A draft as a record, and whether it is on record already: by its id, or since one says the same. */
function recordFrom(draft: Draft, { householdId, ids, contents, times }: Reader, ownId: string) {
  const content = contentOf(draft);
  const said = `${content} ${draft.note}`;
  const nth = times.get(said) ?? 0;
  times.set(said, nth + 1);
  const id = z.uuid().safeParse(ownId).data ?? idOf(householdId, said, nth);
  const record = GardenRecord.parse({ ...draft, id, supersedes: null });
  const isKnown = ids.has(id) || (draft.kind !== "note" && contents.has(content));
  return { record, isKnown };
}
