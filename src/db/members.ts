import * as z from "zod";
import { type Role, ROLES } from "@/core/role";
import { type Db, rowOf, rowsOf } from "./pool";

const Membership = z.object({
  memberId: z.string(),
  programmeId: z.string(),
  programme: z.string(),
  town: z.string(),
  role: z.enum(ROLES),
  name: z.string(),
  /** Those that it is kept to; null for all of the programme. */
  households: z.array(z.string()).nullable(),
});
/** What one account may do in one programme. */
export type Membership = z.infer<typeof Membership>;

/** Where an account may do something, by the programme's name. */
export const listMemberships = (on: Db, userId: string): Promise<Membership[]> =>
  rowsOf(on, Membership, {
    sql: `SELECT m.id AS "memberId", m.programme_id AS "programmeId", p.name AS programme, p.town, m.role, m.name,
        CASE m.role WHEN 'household' THEN ARRAY[m.household_id]
          WHEN 'helper' THEN ARRAY(SELECT g.household_id FROM member_household g WHERE g.member_id = m.id) END AS households
      FROM member m JOIN programme p ON p.id = m.programme_id
      WHERE m.user_id = $1 AND m.ended_at IS NULL ORDER BY p.name, p.id`,
    values: [userId],
  });

const Member = z.object({
  id: z.string(),
  userId: z.string(),
  username: z.string(),
  role: z.enum(ROLES),
  name: z.string(),
  householdId: z.string().nullable(),
  /** Devices on which they have signed in, and when they were last seen on one. */
  sessions: z.number(),
  seenAt: z.date().nullable(),
  /** Codes of the households that a helper writes for. */
  households: z.array(z.string()),
});
export type Member = z.infer<typeof Member>;

const MEMBER = `SELECT m.id, m.user_id AS "userId", u.username, m.role, m.name, m.household_id AS "householdId",
    (SELECT count(*)::int FROM auth_session s WHERE s."userId" = m.user_id AND s."expiresAt" > now()) AS sessions,
    (SELECT max(s."updatedAt") FROM auth_session s WHERE s."userId" = m.user_id) AS "seenAt",
    ARRAY(SELECT i.code FROM member_household g JOIN household i ON i.id = g.household_id WHERE g.member_id = m.id ORDER BY i.number) AS households
  FROM member m JOIN auth_user u ON u.id = m.user_id
  WHERE m.programme_id = $1 AND m.ended_at IS NULL`;

/** Those who see more than one household of a programme, who does most first. */
export const listMembers = (on: Db, programmeId: string): Promise<Member[]> =>
  rowsOf(on, Member, {
    sql: `${MEMBER} AND m.role <> 'household'
      ORDER BY array_position(ARRAY['organiser', 'trainer', 'helper', 'reader'], m.role), m.name, m.id`,
    values: [programmeId],
  });

export const CARDS_A_PAGE = 50;

const CardLine = z.object({
  householdId: z.string(),
  code: z.string(),
  name: z.string(),
  all: z.number(),
  /** Null where it has no card. */
  memberId: z.string().nullable(),
  since: z.date().nullable(),
  seenAt: z.date().nullable(),
});
export type CardLine = z.infer<typeof CardLine>;

/** A page of households, by their numbers, each with its card where it has one, and how many households there are in all. */
export const listCards = (on: Db, programmeId: string, page: number): Promise<CardLine[]> =>
  rowsOf(on, CardLine, {
    sql: `SELECT h.id AS "householdId", h.code, h.name, (count(*) OVER ())::int AS all, m.id AS "memberId", m.since,
        (SELECT max(s."updatedAt") FROM auth_session s WHERE s."userId" = m.user_id) AS "seenAt"
      FROM household h LEFT JOIN member m ON m.household_id = h.id AND m.ended_at IS NULL
      WHERE h.programme_id = $1 AND NOT h.put_away ORDER BY h.number LIMIT $2 OFFSET $3`,
    values: [programmeId, CARDS_A_PAGE, CARDS_A_PAGE * (page - 1)],
  });

export const findMember = (on: Db, programmeId: string, id: string): Promise<Member | undefined> =>
  rowOf(on, Member, { sql: `${MEMBER} AND m.id = $2`, values: [programmeId, id] });

/** The card of a household; undefined where it has none. */
export const findCard = (on: Db, programmeId: string, householdId: string): Promise<Member | undefined> =>
  rowOf(on, Member, { sql: `${MEMBER} AND m.household_id = $2`, values: [programmeId, householdId] });

export async function insertMember(
  on: Db,
  programmeId: string,
  m: {
    readonly id: string;
    readonly userId: string;
    readonly role: Role;
    readonly name: string;
    readonly householdId?: string;
  },
): Promise<void> {
  await on.query(
    `INSERT INTO member (programme_id, id, user_id, role, name, household_id) VALUES ($1, $2, $3, $4, $5, $6)`,
    [programmeId, m.id, m.userId, m.role, m.name, m.householdId ?? null],
  );
}

/** Ends what somebody may do in a programme. */
export async function endMember(on: Db, programmeId: string, id: string): Promise<void> {
  await on.query(
    `UPDATE member SET ended_at = now() WHERE programme_id = $1 AND id = $2 AND ended_at IS NULL`,
    [programmeId, id],
  );
}

/** Gives a helper the households with these codes, and takes all others away. */
export async function putGiven(
  on: Db,
  programmeId: string,
  memberId: string,
  codes: readonly string[],
): Promise<void> {
  await on.query(`DELETE FROM member_household WHERE programme_id = $1 AND member_id = $2`, [
    programmeId,
    memberId,
  ]);
  await on.query(
    `INSERT INTO member_household (programme_id, member_id, household_id)
      SELECT $1, $2, id FROM household WHERE programme_id = $1 AND code = ANY ($3)`,
    [programmeId, memberId, codes],
  );
}

const Change = z.object({
  id: z.number(),
  at: z.date(),
  author: z.string(),
  act: z.enum(["invited", "card", "renewed", "ended", "given", "signed-out", "left"]),
  about: z.string(),
});
export type MemberChange = z.infer<typeof Change>;

/** Keeps who changed what somebody may do. */
export async function noteChange(
  on: Db,
  programmeId: string,
  change: Pick<MemberChange, "author" | "act" | "about">,
): Promise<void> {
  await on.query(`INSERT INTO member_change (programme_id, author, act, about) VALUES ($1, $2, $3, $4)`, [
    programmeId,
    change.author,
    change.act,
    change.about,
  ]);
}

/** The newest changes of who may do what. */
export const listChanges = (on: Db, programmeId: string, most: number): Promise<MemberChange[]> =>
  rowsOf(on, Change, {
    sql: `SELECT id, at, author, act, about FROM member_change WHERE programme_id = $1 ORDER BY id DESC LIMIT $2`,
    values: [programmeId, most],
  });

/** Which of these codes no household has. */
export const unknownCodes = async (
  on: Db,
  programmeId: string,
  codes: readonly string[],
): Promise<string[]> =>
  (
    await rowsOf(on, z.object({ code: z.string() }), {
      sql: `SELECT c AS code FROM unnest($2::text[]) c
        WHERE NOT EXISTS (SELECT 1 FROM household h WHERE h.programme_id = $1 AND h.code = c)`,
      values: [programmeId, codes],
    })
  ).map(({ code }) => code);

/** Whether anybody can sign in at all. */
export const hasMembers = async (on: Db): Promise<boolean> =>
  (await rowOf(on, z.object({ n: z.number() }), { sql: `SELECT 1 AS n FROM member LIMIT 1` })) !== undefined;

/** What sessions are signed with; undefined in a database that was never migrated so far. */
export const readSecret = async (on: Db): Promise<string | undefined> =>
  (await rowOf(on, z.object({ secret: z.string() }), { sql: `SELECT secret FROM auth_secret` }))?.secret;
