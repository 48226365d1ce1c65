import * as z from "zod";
import type { Day } from "@/core/day";
import { type Db, rowOf, rowsOf } from "./pool";
import type { Scope } from "./scope";

const Message = z.object({
  id: z.string(),
  householdId: z.string().nullable(),
  household: z.string().nullable(),
  phone: z.string(),
  direction: z.enum(["in", "out"]),
  kind: z.enum(["message", "answer", "reminder"]),
  text: z.string(),
  at: z.date(),
  isSent: z.boolean(),
});
export type Message = z.infer<typeof Message>;

export const MESSAGES_A_PAGE = 40;

/** A programme's messages, the newest first. */
export const listMessages = (on: Db, programmeId: string, page: number): Promise<Message[]> =>
  rowsOf(on, Message, {
    sql: `SELECT m.id, m.household_id AS "householdId", h.code || ' ' || h.name AS household, m.phone, m.direction, m.kind, m.text, m.at, m.is_sent AS "isSent"
      FROM message m LEFT JOIN household h ON h.id = m.household_id
      WHERE m.programme_id = $1 ORDER BY m.at DESC, m.direction DESC, m.id LIMIT ${MESSAGES_A_PAGE} OFFSET $2`,
    values: [programmeId, (page - 1) * MESSAGES_A_PAGE],
  });

/** A message to be kept. */
export interface NewMessage {
  readonly id: string;
  readonly householdId: string | null;
  readonly phone: string;
  readonly direction: Message["direction"];
  readonly kind: Message["kind"];
  readonly text: string;
  readonly recordIds?: readonly string[];
  readonly on: Day;
  readonly isSent?: boolean;
}

/** Keeps a message. @returns false for one that is kept already */
export async function insertMessage(on: Db, programmeId: string, m: NewMessage): Promise<boolean> {
  const { rowCount } = await on.query(
    `INSERT INTO message (programme_id, id, household_id, phone, direction, kind, text, record_ids, on_day, is_sent, at)
     VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, clock_timestamp()) ON CONFLICT (id) DO NOTHING`,
    [
      programmeId,
      m.id,
      m.householdId,
      m.phone,
      m.direction,
      m.kind,
      m.text,
      m.recordIds ?? [],
      m.on,
      m.isSent ?? true,
    ],
  );
  return rowCount === 1;
}

const Owner = z.object({ householdId: z.string(), wantsReminders: z.boolean() });

/** The household that writes from a number. */
export const findByPhone = (on: Db, programmeId: string, phone: string) =>
  rowOf(on, Owner, {
    sql: `SELECT id AS "householdId", wants_reminders AS "wantsReminders" FROM household
      WHERE programme_id = $1 AND phone = $2 AND NOT put_away`,
    values: [programmeId, phone],
  });

const Last = z.object({ id: z.string(), recordIds: z.array(z.string()) });

/** The last message of a household that led to records. */
export const lastWithRecords = (on: Db, { programmeId, householdId }: Scope) =>
  rowOf(on, Last, {
    sql: `SELECT id, record_ids AS "recordIds" FROM message
      WHERE programme_id = $1 AND household_id = $2 AND direction = 'in' AND record_ids <> '{}' ORDER BY at DESC LIMIT 1`,
    values: [programmeId, householdId],
  });

/** Notes that the records of a message were taken back. */
export async function forgetRecords(on: Db, id: string): Promise<void> {
  await on.query(`UPDATE message SET record_ids = '{}' WHERE id = $1`, [id]);
}

const Phone = z.object({
  householdId: z.string(),
  name: z.string(),
  phone: z.string(),
  wantsReminders: z.boolean(),
});

/** Households that have a number, by their own; some of them. */
export const listPhones = (on: Db, programmeId: string, most: number) =>
  rowsOf(on, Phone, {
    sql: `SELECT id AS "householdId", code || ' ' || name AS name, phone, wants_reminders AS "wantsReminders" FROM household
      WHERE programme_id = $1 AND phone IS NOT NULL AND NOT put_away ORDER BY number LIMIT $2`,
    values: [programmeId, most],
  });

const Reminded = z.object({
  householdId: z.string(),
  phone: z.string(),
  tasks: z.array(z.looseObject({ id: z.string(), kind: z.string() })),
});

/** Households that want to be reminded, have something due or late on a day, and were not reminded on it. */
export const listToRemind = (on: Db, programmeId: string, day: Day) =>
  rowsOf(on, Reminded, {
    sql: `SELECT h.id AS "householdId", h.phone, jsonb_agg(t.task ORDER BY t.until_day, t.id) AS tasks
      FROM household h JOIN due_task t ON t.household_id = h.id
      WHERE h.programme_id = $1 AND h.phone IS NOT NULL AND h.wants_reminders AND NOT h.put_away
        AND t.from_day <= $2 AND t.until_day >= $2::date - 7
        AND NOT EXISTS (SELECT 1 FROM message m WHERE m.household_id = h.id AND m.kind = 'reminder' AND m.on_day = $2)
      GROUP BY h.id ORDER BY h.number`,
    values: [programmeId, day],
  });
