import { readValues, type RowFault, type ValueRow, valuesToCsv, valuesToJson } from "@/core/exchange";
import { applyOverrides, bagValues, cropValues } from "@/core/override";
import type { Outcome } from "@/core/problem";
import { insertOverrides } from "@/db/overrides";
import { db } from "@/db/pool";
import type { Actor } from "./actor";
import { outcomeOf, refused } from "./outcome";
import { referenceWith, SHIPPED } from "@/library";
import { judgeSoon } from "./judging";
import { programmeToChange, readOverrides } from "./programme";
import { known } from "@/core/known";

const MOST_BYTES = 4_000_000;

/** Every value of the library with the programme's own beside it, as a file. */
export function valuesFile(
  actor: Actor,
  format: "csv" | "json",
): Promise<Outcome<{ parts: readonly string[]; name: string; type: string }>> {
  return outcomeOf(async () => {
    const own = new Map((await readOverrides(actor)).map((o) => [o.name, o]));
    const values = [
      ...SHIPPED.crops.flatMap((crop) => crop.goals.flatMap((goal) => cropValues(crop, goal))),
      ...SHIPPED.bagKinds.flatMap(bagValues),
    ];
    const rows = [...new Map(values.map((v) => [v.name, v])).values()].map((v): ValueRow => ({
      name: v.name,
      shipped: v.value,
      source: v.source,
      value: own.get(v.name)?.value ?? null,
      reason: own.get(v.name)?.reason ?? "",
    }));
    return format === "csv"
      ? {
          ok: true,
          value: {
            parts: [valuesToCsv(rows)],
            name: "library-values.csv",
            type: "text/csv; charset=utf-8; header=present",
          },
        }
      : {
          ok: true,
          value: { parts: [valuesToJson(rows)], name: "library-values.json", type: "application/json" },
        };
  });
}

export interface ImportReport {
  readonly stored: number;
  readonly faults: readonly RowFault[];
}

/** Takes a programme's own values from a file: all of them, or with a single wrong row none, and each wrong row is named. */
export function importValues(actor: Actor, text: string): Promise<Outcome<ImportReport>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    if (text.length > MOST_BYTES) return refused({ code: "file-large" });
    const read = readValues(text);
    if ("code" in read) return refused(read);
    const now = await readOverrides(actor);
    const names = new Set(read.rows.map((r) => r.name));
    let reference = referenceWith(now.filter((o) => !names.has(o.name)));
    const faults = [...read.faults];
    for (const row of read.rows) {
      const applied = applyOverrides(reference, [
        { name: row.name, value: row.value, reason: row.reason, author: actor.name },
      ]);
      if (applied.ok) reference = applied.value;
      else
        faults.push({
          line: row.line,
          problem: known(applied.fields[row.name]),
          row: { name: row.name, value: String(row.value), reason: row.reason },
        });
    }
    if (faults.length > 0)
      return { ok: true, value: { stored: 0, faults: faults.sort((a, b) => a.line - b.line) } };
    const changes = read.rows.map(({ name, value, reason }) => ({ name, value, reason, author: actor.name }));
    await insertOverrides(db(actor), actor.programmeId, changes);
    await judgeSoon(actor.programmeId);
    return { ok: true, value: { stored: read.rows.length, faults: [] } };
  });
}
