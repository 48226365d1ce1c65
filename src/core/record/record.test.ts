import { describe, expect, it } from "vitest";
import { findClimate, findGoal } from "@/library";
import {
  type Followed,
  GardenRecord,
  germinationOf,
  nextDue,
  pickedTotals,
  readAmount,
  RecordForm,
  stageOf,
  standing,
} from ".";

const climate = findClimate("larkmouth")!;
const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, "0")}`;
const record = (
  n: number,
  kind: GardenRecord["kind"],
  on: string,
  more: Partial<GardenRecord> = {},
): GardenRecord => ({
  id: id(n),
  plantingId: id(99),
  kind,
  on,
  amount: null,
  note: "",
  supersedes: null,
  ...more,
});
const grams = (kg: number): GardenRecord["amount"] => ({
  measure: "mass",
  value: kg,
  typed: `${kg} kg`,
  unit: "kg",
});

describe("reading amounts as people write them", () => {
  it.each([
    ["picked", "420 g", { measure: "mass", value: 0.42 }],
    ["picked", "1 lb 4 oz", { measure: "mass", unit: "lb" }],
    ["picked", "3 bunches", { measure: "bunches", value: 3 }],
    ["picked", "12 pieces", { measure: "pieces", value: 12 }],
    ["up", "9", { measure: "count", value: 9 }],
    ["fed", "2 tbsp", { measure: "volume" }],
    ["fed", "4 oz", { measure: "mass" }],
  ] as const)("%s %s", (kind, text, expected) => {
    const read = readAmount(kind, text);
    expect(read.ok && read.value).toMatchObject(expected);
  });

  it.each([
    ["picked", "12", "picked-of-what"],
    ["up", "many", "not-whole"],
    ["up", "2 kg", "not-whole"],
    ["fed", "3 bunches", "unknown-unit"],
    ["note", "5", "no-amount-here"],
    ["picked", "-2 kg", "negative"],
  ] as const)("asks about %s %s: %s", (kind, text, code) => {
    const read = readAmount(kind, text);
    expect(read.ok ? undefined : read.problem.code).toBe(code);
  });
});

it("says beside which field a record is incomplete", () => {
  const paths = (form: object) =>
    RecordForm.safeParse({
      plantingId: id(99),
      kind: "picked",
      on: "2026-05-18",
      amount: "",
      note: "",
      ...form,
    }).error?.issues.map((i) => i.path.join("."));
  expect(paths({})).toEqual(["amount"]);
  expect(paths({ kind: "note", plantingId: "" })).toEqual(["note"]);
  expect(paths({ kind: "sown", plantingId: "" })).toEqual(["plantingId"]);
  expect(paths({ kind: "sown", on: "2026-02-30" })).toEqual(["on"]);
  expect(paths({ amount: "1 kg" })).toBeUndefined();
});

it("refuses records that cannot be", () => {
  const ok = (r: GardenRecord) => GardenRecord.safeParse(r).success;
  expect(ok(record(1, "picked", "2026-05-01", { amount: grams(1) }))).toBe(true);
  expect(ok(record(1, "picked", "2026-05-01"))).toBe(false);
  expect(ok(record(1, "sown", "2026-05-01", { amount: grams(1) }))).toBe(false);
  expect(
    ok(record(1, "up", "2026-05-01", { amount: { measure: "count", value: 2.5, typed: "2.5", unit: "" } })),
  ).toBe(false);
  expect(ok(record(1, "struck", "2026-05-01"))).toBe(false);
});

it("lets a correction stand for what it corrects, and a striking-out for nothing", () => {
  const records = [
    record(1, "picked", "2026-05-01", { amount: grams(1) }),
    record(2, "picked", "2026-05-01", { amount: grams(0.1), supersedes: id(1) }),
    record(3, "picked", "2026-05-03", { amount: grams(0.5) }),
    record(4, "struck", "2026-05-04", { supersedes: id(3) }),
    record(5, "picked", "2026-05-05", {
      amount: { measure: "bunches", value: 2, typed: "2 bunches", unit: "bunches" },
    }),
  ];
  expect(standing(records).map((r) => r.id)).toEqual([id(2), id(5)]);
  expect(pickedTotals(records)).toEqual({ mass: 0.1, bunches: 2 });
});

describe("what is due", () => {
  const followed = (records: GardenRecord[], sowOn = "2026-04-20"): Followed => {
    const { crop, goal } = findGoal("carrot/root")!;
    return { crop, goal, method: goal.methods[0]!, sowOn, records };
  };

  it("goes from sowing to coming up to picking, and tells when a window is over", () => {
    expect(nextDue(followed([]), climate, "2026-04-18")).toMatchObject({ task: "sow", late: false, days: 2 });
    expect(nextDue(followed([]), climate, "2026-05-18")).toMatchObject({ task: "sow", late: true });
    const sown = record(1, "sown", "2026-04-20");
    expect(nextDue(followed([sown]), climate, "2026-05-18")).toMatchObject({ task: "up", late: true });
    const up = record(2, "up", "2026-05-02", {
      amount: { measure: "count", value: 40, typed: "40", unit: "" },
    });
    expect(nextDue(followed([sown, up]), climate, "2026-05-18")).toBeUndefined();
    expect(nextDue(followed([sown, up]), climate, "2026-07-10")?.task).toBe("pick");
    expect(
      nextDue(followed([sown, up, record(3, "ended", "2026-06-01")]), climate, "2026-07-10"),
    ).toBeUndefined();
  });

  it("counts from the day on which it was really sown", () => {
    const late = nextDue(followed([record(1, "sown", "2026-05-10")]), climate, "2026-05-18");
    expect(late).toMatchObject({ task: "up", late: false });
  });

  it("shows how far a household is", () => {
    const stage = (records: GardenRecord[]) => stageOf(true, [followed(records)], climate, "2026-05-18");
    const picked = record(3, "picked", "2026-05-01", { amount: grams(1) });
    expect(stageOf(false, [], climate, "2026-05-18")).toBe("new");
    expect(stageOf(true, [], climate, "2026-05-18")).toBe("surveyed");
    expect(stage([])).toBe("planned");
    expect(stage([record(1, "sown", "2026-04-20")])).toBe("sown");
    expect(stage([picked])).toBe("picking");
    expect(stage([picked, record(4, "ended", "2026-05-02")])).toBe("finished");
    expect(stageOf(true, [followed([picked])], climate, "2027-05-18")).toBe("finished");
  });
});

describe("the programme's own germination", () => {
  const { methods } = findGoal("kale/leaf")!.goal;
  const counted = (kind: "sown" | "up", n: number, value: number) =>
    record(n, kind, "2026-03-01", { amount: { measure: "count", value, typed: String(value), unit: "" } });

  it("is what came up of what was counted, over all sowings of a crop", () => {
    const kale = (n: number, sown: number, up: number) => ({
      cropId: "kale",
      method: methods[0]!,
      records: [counted("sown", n, sown), counted("up", n + 1, up)],
    });
    expect(germinationOf([kale(1, 100, 84), kale(3, 20, 6)])).toEqual({
      kale: { sown: 120, up: 90, share: 0.75 },
    });
    // A count that was corrected counts once.
    const wrong = kale(1, 100, 9);
    expect(
      germinationOf([
        { ...wrong, records: [...wrong.records, { ...counted("up", 5, 90), supersedes: id(2) }] },
      ]),
    ).toMatchObject({ kale: { up: 90 } });
  });

  it("is left out for a handful of seed, for what is not seed, and for counts that cannot be", () => {
    const of = (sown: number, up: number, method = methods[0]!) =>
      germinationOf([{ cropId: "kale", method, records: [counted("sown", 1, sown), counted("up", 2, up)] }]);
    expect([
      of(12, 10),
      of(40, 41),
      of(
        40,
        30,
        methods.find((m) => m.method === "bought")!,
      ),
    ]).toEqual([{}, {}, {}]);
    expect(of(40, 40).kale!.share).toBe(0.98);
  });
});
