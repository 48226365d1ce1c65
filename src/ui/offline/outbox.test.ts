import { beforeAll, beforeEach, expect, it, vi } from "vitest";
import type { Outcome } from "@/core/problem";
import type { GardenRecord } from "@/core/record";
import { id } from "@/testing/garden";

const kept = new Map<string, string>();
const stubStorage = () =>
  vi.stubGlobal("localStorage", {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => kept.set(key, value),
    removeItem: (key: string) => kept.delete(key),
  });
stubStorage();
beforeEach(stubStorage);
// The outbox takes the storage that it finds when it is first asked for: others may have done so before.
vi.resetModules();
const { discard, openOutbox, post, sendWaiting } = await import("./outbox");

const record = (n: number): GardenRecord => ({
  id: id(n),
  plantingId: id(100),
  kind: "picked",
  on: "2026-06-01",
  amount: { measure: "mass", value: 0.25, typed: "250 g", unit: "g" },
  note: "",
  supersedes: null,
});
const waiting = (): { record: { id: string }; problem?: { code: string }; refused: boolean }[] =>
  (JSON.parse(kept.get("pip-row-outbox tester") ?? '{"state":{"waiting":[]}}') as { state: { waiting: [] } })
    .state.waiting;
const stored = (_: string, r: GardenRecord): Promise<Outcome<{ id: string }>> =>
  Promise.resolve({ ok: true, value: { id: r.id } });
const lost = () => Promise.reject(new TypeError("Failed to fetch"));
const refusing = (): Promise<Outcome<{ id: string }>> =>
  Promise.resolve({ ok: false, problem: { code: "unknown-planting" } });

beforeAll(() => openOutbox("tester"));
beforeEach(() => waiting().forEach((w) => discard(w.record.id)));

it("holds a record before it is sent, and lets it go once it is stored", async () => {
  let seen: unknown[] = [];
  await post(id(1), record(1), (household, r) => {
    seen = waiting();
    return stored(household, r);
  });
  expect(seen).toMatchObject([{ record: { id: id(1) }, refused: false }]);
  expect(waiting()).toEqual([]);
});

it("keeps what a lost connection leaves, through a new visit too, and sends it once when it is tried again", async () => {
  expect(await post(id(1), record(1), lost)).toEqual({ ok: false, problem: { code: "offline" } });
  await post(id(1), record(2), lost);
  await openOutbox("tester");
  expect(waiting().map((w) => [w.record.id, w.problem?.code, w.refused])).toEqual([
    [id(1), "offline", false],
    [id(2), "offline", false],
  ]);
  await post(id(1), record(1), lost);
  expect(waiting().length).toBe(2);
  await post(id(1), record(1), stored);
  expect(waiting().map((w) => w.record.id)).toEqual([id(2)]);
});

it("tells what was refused for good from what passes, and throws it away only when told to", async () => {
  await post(id(1), record(3), refusing);
  expect(waiting()).toMatchObject([
    { record: { id: id(3) }, problem: { code: "unknown-planting" }, refused: true },
  ]);
  await post(id(1), record(4), () =>
    Promise.resolve({ ok: false, problem: { code: "database-unreachable" } }),
  );
  expect(waiting()[1]).toMatchObject({ refused: false });
  discard(id(3));
  expect(waiting().map((w) => w.record.id)).toEqual([id(4)]);
});

it("does not wait for ever for a server that fails, and sends again when told to", async () => {
  const failing = () => Promise.reject(new Error("An unexpected response was received from the server."));
  await post(id(1), record(5), failing);
  for (let i = 0; i < 3; i++) await sendWaiting(failing);
  expect(waiting()).toMatchObject([{ problem: { code: "server-fault" }, refused: false }]);
  await sendWaiting(failing);
  expect(waiting()).toMatchObject([{ refused: true }]);
  const sent = vi.fn(stored);
  expect(await sendWaiting(sent)).toBe(0);
  expect(sent).not.toHaveBeenCalled();
  expect(await sendWaiting(sent, { refusedToo: true })).toBe(1);
  expect(waiting()).toEqual([]);
});

it("sends in the order in which it was written, for every household, and only one round at a time", async () => {
  for (const n of [1, 2, 3]) await post(id(n), record(n), lost);
  const order: string[] = [];
  const slow = async (household: string, r: GardenRecord) => {
    order.push(household);
    await Promise.resolve();
    return stored(household, r);
  };
  const [first, second] = await Promise.all([sendWaiting(slow), sendWaiting(slow)]);
  expect([first, second]).toEqual([3, 3]);
  expect(order).toEqual([id(1), id(2), id(3)]);
});

it("keeps each person's apart on a phone that is shared", async () => {
  await post(id(1), record(30), lost);
  vi.resetModules();
  const other = await import("./outbox");
  await other.openOutbox("somebody else");
  const sent: string[] = [];
  const store = (household: string, r: GardenRecord) => {
    sent.push(r.id);
    return stored(household, r);
  };
  expect(await other.sendWaiting(store)).toBe(0);
  expect(waiting().map((w) => w.record.id)).toEqual([id(30)]);
  vi.resetModules();
  const again = await import("./outbox");
  await again.openOutbox("tester");
  expect(await again.sendWaiting(store)).toBe(1);
  expect(sent).toEqual([id(30)]);
});
