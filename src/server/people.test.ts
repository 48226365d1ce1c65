import { randomUUID } from "node:crypto";
import { applySetCookies } from "better-auth/cookies";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { findCard, listMemberships } from "@/db/members";
import { closePool, db } from "@/db/pool";
import { householdOf, planWith, record, SURVEY, twoTrainers } from "@/testing/programme";
import type { Actor } from "./actor";
import { addHousehold, leave, overview, sharePicked } from "./households";
import { savePlan } from "./plans";
import { readPriceList } from "./prices";
import { letFirstIn } from "./first-organiser";
import { beginProgramme } from "./programmes";
import { stopQueue } from "./queue";
import { addRecord, readRecords } from "./records";
import { readShared } from "./season";
import { sessionOf, signIn } from "./auth";
import {
  endMembership,
  giveCard,
  giveHouseholds,
  invite,
  type Key,
  readCards,
  readPeople,
  renew,
  signInBy,
  signOutEverywhere,
} from "./people";

let trainer: Actor;
let organiser: Actor;
let stranger: Actor;
beforeAll(async () => {
  ({ trainer, stranger } = await twoTrainers());
  organiser = { ...trainer, role: "organiser", name: "Maud Ferrin" };
});
afterAll(async () => {
  await stopQueue();
  await closePool();
});

/** Tries to get in; the headers of a request of whoever got in. */
async function tryIn(account: string, password: string, address: string = randomUUID()) {
  const outcome = await signIn(account.replaceAll("-", ""), password, { address, headers: new Headers() });
  const headers = new Headers();
  if (outcome.is === "in") applySetCookies(headers, outcome.cookies);
  return { is: outcome.is, headers };
}

const keyOf = (outcome: Awaited<ReturnType<typeof invite>>): Key => {
  if (!outcome.ok) throw new Error(JSON.stringify(outcome));
  return outcome.value;
};

const account = () => `p${randomUUID().slice(0, 8)}`;

it("lets somebody in with the key that was handed over, and out again when their part ends", async () => {
  const key = keyOf(await invite(organiser, { name: "Jun Pell", account: account(), role: "trainer" }));
  const { is, headers } = await tryIn(key.account.toUpperCase(), key.password);
  expect(is).toBe("in");
  const session = await sessionOf(headers);
  expect(await listMemberships(db("everything"), session!.userId)).toMatchObject([
    { programmeId: trainer.programmeId, role: "trainer", name: "Jun Pell", households: null },
  ]);
  const { members } = await readPeople(organiser);
  const { id } = members.find((m) => m.username === key.account)!;
  expect(await endMembership(organiser, id)).toEqual({ ok: true, value: null });
  expect(await sessionOf(headers)).toBeUndefined();
  expect(await listMemberships(db("everything"), session!.userId)).toEqual([]);
  const { changes } = await readPeople(organiser);
  expect(changes[0]).toMatchObject({ author: "Maud Ferrin", act: "ended", about: "Jun Pell" });
});

it("says the same of a name that is not there and of a wrong password, and locks an account after eight tries", async () => {
  const key = keyOf(await invite(organiser, { name: "Ro Vint", account: account(), role: "reader" }));
  const unknown = await tryIn(account(), "whatever-it-is");
  expect(unknown.is).toBe("wrong");
  expect(await sessionOf(unknown.headers)).toBeUndefined();
  for (let i = 0; i < 8; i++) expect((await tryIn(key.account, `wrong ${i}`)).is).toBe("wrong");
  // From any address, and with the right password too: said in a form's own terms.
  const right = { name: key.account, password: key.password };
  const from = { address: randomUUID(), headers: new Headers() };
  expect(await signInBy(right, from)).toMatchObject({ problem: { code: "sign-in-locked" } });
  expect((await tryIn(key.account, key.password)).is).toBe("locked");
  for (const bad of [
    { name: "", password: "x" },
    { name: "x", password: "" },
    { name: "x".repeat(99), password: "x" },
    7,
  ])
    expect(await signInBy(bad, { address: randomUUID(), headers: new Headers() })).toMatchObject({
      problem: { code: "invalid-input" },
    });
});

it("locks an address that tries many names", async () => {
  const address = randomUUID();
  const codes = [];
  for (let i = 0; i < 61; i++) codes.push((await tryIn(account(), "not it at all", address)).is);
  expect(codes.slice(0, 60).every((code) => code === "wrong")).toBe(true);
  expect(codes[60]).toBe("locked");
});

describe("a card", () => {
  it("opens its household alone, and nothing once another was given", async () => {
    const id = await householdOf(trainer);
    const first = keyOf(await giveCard(trainer, id));
    expect(first.password).toMatch(/^\d{6}$/);
    const { headers } = await tryIn(`${first.account.slice(0, 4)}-${first.account.slice(4)}`, first.password);
    const session = await sessionOf(headers);
    expect(await listMemberships(db("everything"), session!.userId)).toMatchObject([
      { role: "household", households: [id] },
    ]);
    const second = keyOf(await giveCard(trainer, id));
    expect(await sessionOf(headers)).toBeUndefined();
    expect((await tryIn(first.account, first.password)).is).toBe("wrong");
    expect((await tryIn(second.account, second.password)).is).toBe("in");
  });

  it("is given to one's own households only, and listed with them", async () => {
    const id = await householdOf(trainer);
    expect(await giveCard(stranger, id)).toMatchObject({ problem: { code: "not-found" } });
    expect(await giveCard({ ...trainer, role: "helper" }, id)).toMatchObject({
      problem: { code: "not-allowed" },
    });
    await giveCard(trainer, id);
    const pages = (await readCards(trainer, 1)).pages;
    const listed = (
      await Promise.all(Array.from({ length: pages }, (_, i) => readCards(trainer, i + 1)))
    ).flatMap(({ cards }) => cards);
    expect(listed.find((c) => c.householdId === id)?.memberId).toBe(
      (await findCard(db("everything"), trainer.programmeId, id))?.id,
    );
    expect((await readCards(stranger, 1)).cards).toEqual([]);
  });
});

describe("a helper", () => {
  it("writes for the households with these numbers, as people write them", async () => {
    const key = keyOf(
      await invite(trainer, {
        name: "Sanna Oke",
        account: account(),
        role: "helper",
        households: "01, 03-05 07",
      }),
    );
    const { members } = await readPeople(trainer);
    const helper = members.find((m) => m.username === key.account)!;
    expect(helper.households).toEqual(["01", "03", "04", "05", "07"]);
    expect(await giveHouseholds(trainer, helper.id, "02")).toEqual({ ok: true, value: null });
    const again = (await readPeople(trainer)).members.find((m) => m.id === helper.id)!;
    expect(again.households).toEqual(["02"]);
    for (const [typed, code] of [
      ["2 bags", "codes-unread"],
      ["05-03", "codes-unread"],
      ["01-99999", "codes-unread"],
      ["998", "household-unknown"],
    ])
      expect(await giveHouseholds(trainer, helper.id, typed)).toMatchObject({
        fields: { households: { code } },
      });
    expect((await readPeople(trainer)).members.find((m) => m.id === helper.id)!.households).toEqual(["02"]);
  });
});

it("lets trainers be let in, renewed and ended by organisers alone, and keeps one organiser", async () => {
  const key = keyOf(await invite(organiser, { name: "Ode Farr", account: account(), role: "trainer" }));
  const { members } = await readPeople(trainer);
  const { id } = members.find((m) => m.username === key.account)!;
  const refusal = { problem: { code: "not-allowed" } };
  expect(await invite(trainer, { name: "X", account: account(), role: "organiser" })).toMatchObject(refusal);
  expect(await renew(trainer, id)).toMatchObject(refusal);
  expect(await endMembership(trainer, id)).toMatchObject(refusal);
  expect(await renew({ ...stranger, role: "organiser" }, id)).toMatchObject({
    problem: { code: "not-found" },
  });
  expect(await invite(organiser, { name: "Y", account: key.account, role: "reader" })).toMatchObject({
    fields: { account: { code: "account-taken" } },
  });
  const last = members.filter((m) => m.role === "organiser");
  expect(last).toHaveLength(1);
  expect(await endMembership(organiser, last[0]!.id)).toMatchObject({ problem: { code: "last-organiser" } });
});

it("signs somebody out everywhere, and opens the account with the new password alone", async () => {
  const key = keyOf(await invite(organiser, { name: "Ib Tarn", account: account(), role: "helper" }));
  const one = await tryIn(key.account, key.password);
  const two = await tryIn(key.account, key.password);
  const { id, sessions } = (await readPeople(trainer)).members.find((m) => m.username === key.account)!;
  expect(sessions).toBe(2);
  await signOutEverywhere(trainer, id);
  for (const { headers } of [one, two]) expect(await sessionOf(headers)).toBeUndefined();
  const renewed = keyOf(await renew(trainer, id));
  expect((await tryIn(key.account, key.password)).is).toBe("wrong");
  expect((await tryIn(key.account, renewed.password)).is).toBe("in");
});

it("begins a programme of its own, from the library or as a copy without households, for organisers alone", async () => {
  const typed = {
    name: "Zz next year",
    town: "Larkmouth",
    climateId: "northquay",
    currency: "eur",
    isCopy: true,
  };
  expect(await beginProgramme(trainer, await userOf("ilva"), typed)).toMatchObject({
    problem: { code: "not-allowed" },
  });
  expect(
    await beginProgramme(organiser, await userOf("maud"), { ...typed, currency: "moons" }),
  ).toMatchObject({
    fields: { currency: { code: "currency-unknown" } },
  });
  const copied = await beginProgramme(organiser, await userOf("maud"), typed);
  const fresh = await beginProgramme(organiser, await userOf("maud"), {
    ...typed,
    name: "Zz afresh",
    isCopy: false,
  });
  if (!copied.ok || !fresh.ok) throw new Error("not begun");
  const seen = (programmeId: string) => ({ ...organiser, programmeId });
  expect(await readPriceList(seen(copied.value.id))).toEqual(await readPriceList(organiser));
  expect(await readPriceList(seen(fresh.value.id))).toEqual([]);
  expect((await overview(seen(copied.value.id), {})).found).toBe(0);
  const memberships = await listMemberships(db("everything"), await userOf("maud"));
  expect(memberships.map((m) => m.programme)).toEqual(expect.arrayContaining(["Zz next year", "Zz afresh"]));
});

const userOf = async (username: string): Promise<string> =>
  (await db("everything").query(`SELECT id FROM auth_user WHERE username = $1`, [username])).rows[0].id;

it("lets a household go: nothing that the database holds names it any more, and its records stay", async () => {
  const name = `Zz${randomUUID().slice(0, 8)}`;
  const made = await addHousehold(trainer, { ...SURVEY, name, note: `ask for ${name}` });
  if (!made.ok) throw new Error("not added");
  const { id } = made.value;
  const key = keyOf(await giveCard(trainer, id));
  const { plan, plantingId } = planWith();
  await savePlan(trainer, id, 0, plan);
  const { headers } = await tryIn(key.account, key.password);
  const [card] = await listMemberships(db("everything"), (await sessionOf(headers))!.userId);
  const own: Actor = { ...trainer, role: "household", name: card!.name, households: [id] };
  expect(await addRecord(own, id, record(plantingId))).toMatchObject({ ok: true });
  expect(await leave(own, id)).toMatchObject({ problem: { code: "not-allowed" } });
  expect(await leave(trainer, id)).toEqual({ ok: true, value: null });
  const { rows: tables } = await db("everything").query(
    `SELECT relname AS name FROM pg_class WHERE relkind = 'r' AND relnamespace = 'public'::regnamespace`,
  );
  for (const { name: table } of tables as { name: string }[]) {
    const { rows } = await db("everything").query(
      `SELECT count(*)::int AS n FROM ${table} t WHERE t::text LIKE $1`,
      [`%${name}%`],
    );
    expect(rows[0].n, table).toBe(0);
  }
  expect(await sessionOf(headers)).toBeUndefined();
  expect((await readRecords(trainer, id)).records).toHaveLength(1);
});

it("shows a household what all picked only where three or more did, and never with one that does not share", async () => {
  const on = { ...stranger, programmeId: stranger.programmeId };
  const ids = [await householdOf(on), await householdOf(on), await householdOf(on)];
  for (const [i, id] of ids.entries()) {
    expect(await readShared({ ...on, role: "household", households: [ids[0]!] })).toBeUndefined();
    const { plan, plantingId } = planWith();
    await savePlan(on, id, 0, plan);
    await addRecord(on, id, record(plantingId, { on: "2026-05-11" }));
    expect(i).toBeLessThan(3);
  }
  const own: Actor = { ...on, role: "household", households: [ids[0]!] };
  expect(await readShared(own)).toMatchObject({ households: 3 });
  expect((await readShared(own))!.kg).toBeCloseTo(1.26, 9);
  expect(await sharePicked(own, ids[1]!, false)).toMatchObject({ problem: { code: "not-allowed" } });
  expect(await sharePicked(own, ids[0]!, false)).toEqual({ ok: true, value: null });
  expect(await readShared(own)).toBeUndefined();
});

it("lets a first organiser into programmes that have none, and into no other", async () => {
  const { stranger: alone } = await twoTrainers();
  expect(await letFirstIn({ organiser: "Jo Marsh", account: "J M" })).toMatchObject({
    fields: { account: { code: "account-name" } },
  });
  const name = account();
  const key = keyOf(await letFirstIn({ organiser: "Jo Marsh", account: name }));
  const { is, headers } = await tryIn(key.account, key.password);
  expect(is).toBe("in");
  const mine = await listMemberships(db("everything"), (await sessionOf(headers))!.userId);
  expect(mine.map((m) => m.programmeId)).toContain(alone.programmeId);
  expect(mine.map((m) => m.programmeId)).not.toContain(trainer.programmeId);
  expect(mine.every(({ role }) => role === "organiser")).toBe(true);
  expect(await letFirstIn({ organiser: "Jo Marsh", account: account() })).toMatchObject({
    problem: { code: "organiser-there" },
  });
});
