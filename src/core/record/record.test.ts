import { describe, expect, it } from "vitest";
import { findClimate, findGoal } from "@/library";
import {
  everyWeek,
  kgOf,
  type Followed,
  GardenRecord,
  dayProblem,
  dueOn,
  germinationBy,
  householdProgress,
  pickedTotals,
  progressOf,
  readAmount,
  RecordForm,
  stageOn,
  validRecords,
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
  expect(validRecords(records).map((r) => r.id)).toEqual([id(2), id(5)]);
  expect(pickedTotals(records)).toEqual({ mass: 0.1, bunches: 2 });
});

describe("what is due", () => {
  const followed = (records: GardenRecord[], sowOn = "2026-04-20"): Followed => {
    const { crop, goal } = findGoal("carrot/root")!;
    return { crop, goal, method: goal.methods[0]!, sowOn, plants: 60, records };
  };

  const due = (p: Followed, today: string) => dueOn(progressOf(p, climate).waiting, today);

  it("goes from sowing to coming up to picking, and tells when a window is over", () => {
    expect(due(followed([]), "2026-04-18")).toMatchObject({ task: "sow", late: false, days: 2 });
    expect(due(followed([]), "2026-05-18")).toMatchObject({ task: "sow", late: true });
    const sown = record(1, "sown", "2026-04-20");
    expect(due(followed([sown]), "2026-05-18")).toMatchObject({ task: "up", late: true });
    const up = record(2, "up", "2026-05-02", {
      amount: { measure: "count", value: 40, typed: "40", unit: "" },
    });
    expect(due(followed([sown, up]), "2026-05-18")).toBeUndefined();
    expect(due(followed([sown, up]), "2026-07-10")?.task).toBe("pick");
    expect(due(followed([sown, up, record(3, "ended", "2026-06-01")]), "2026-07-10")).toBeUndefined();
    // Lost to the last plant is ended.
    const lost = (value: number) =>
      record(3, "lost", "2026-06-01", { amount: { measure: "count", value, typed: `${value}`, unit: "" } });
    expect(due(followed([sown, up, lost(60)]), "2026-07-10")).toBeUndefined();
    expect(due(followed([sown, up, lost(59)]), "2026-07-10")?.task).toBe("pick");
  });

  it("counts from the day on which it was really sown", () => {
    const late = due(followed([record(1, "sown", "2026-05-10")]), "2026-05-18");
    expect(late).toMatchObject({ task: "up", late: false });
  });

  it("shows how far a household is", () => {
    const stage = (today: string, ...plantings: GardenRecord[][]) =>
      stageOn(
        householdProgress(
          true,
          plantings.map((records) => progressOf(followed(records), climate)),
        ),
        today,
      );
    const picked = record(3, "picked", "2026-05-01", { amount: grams(1) });
    const ended = record(4, "ended", "2026-05-02");
    expect(stageOn(householdProgress(false, []), "2026-05-18")).toBe("new");
    expect(stage("2026-05-18")).toBe("surveyed");
    expect(stage("2026-05-18", [])).toBe("planned");
    expect(stage("2026-05-18", [record(1, "sown", "2026-04-20")])).toBe("sown");
    expect(stage("2026-05-18", [picked])).toBe("picking");
    expect(stage("2026-05-18", [picked, ended])).toBe("finished");
    expect(stage("2026-05-18", [picked, ended], [])).toBe("picking");
    expect(stage("2027-05-18", [picked])).toBe("finished");
  });
});

describe("the programme's own germination", () => {
  const { crop, goal } = findGoal("kale/leaf")!;
  const counted = (kind: "sown" | "up", n: number, value: number, more: Partial<GardenRecord> = {}) =>
    record(n, kind, "2026-03-01", {
      amount: { measure: "count", value, typed: String(value), unit: "" },
      ...more,
    });
  const countsOf = (records: GardenRecord[], method = goal.methods[0]!) => {
    const { seeds, ups } = progressOf(
      { crop, goal, method, sowOn: "2026-03-01", plants: 60, records },
      climate,
    );
    return [seeds, ups];
  };

  it("counts what came up of what was counted, a corrected count once", () => {
    expect(countsOf([counted("sown", 1, 100), counted("up", 2, 84)])).toEqual([100, 84]);
    const corrected = counted("up", 5, 90, { supersedes: id(2) });
    expect(countsOf([counted("sown", 1, 100), counted("up", 2, 9), corrected])).toEqual([100, 90]);
  });

  it("leaves out what is not seed, and counts that cannot be", () => {
    expect(countsOf([counted("sown", 1, 40), counted("up", 2, 41)])).toEqual([0, 0]);
    const bought = goal.methods.find((m) => m.method === "bought")!;
    expect(countsOf([counted("sown", 1, 40), counted("up", 2, 30)], bought)).toEqual([0, 0]);
  });

  it("is a share by crop, none for a handful of seed, and never all of it", () => {
    expect(germinationBy([{ cropId: "kale", sown: 120, up: 90 }])).toEqual({
      kale: { sown: 120, up: 90, share: 0.75 },
    });
    expect(germinationBy([{ cropId: "kale", sown: 12, up: 10 }])).toEqual({});
    expect(germinationBy([{ cropId: "kale", sown: 40, up: 40 }]).kale?.share).toBe(0.98);
  });
});

describe("the day of a record", () => {
  const sown = record(1, "sown", "2026-04-20");
  const up = record(2, "up", "2026-05-01");
  const wrong = (
    kind: GardenRecord["kind"],
    on: string,
    more: Partial<GardenRecord> = {},
    records = [sown, up],
  ) => dayProblem(record(9, kind, on, more), { today: "2026-05-18", records })?.code;

  it("is of this season, and not to come", () => {
    expect(wrong("note", "2026-05-19")).toBe("in-the-future");
    expect(wrong("note", "1900-01-01")).toBe("too-long-ago");
    expect(wrong("note", "2026-05-18")).toBeUndefined();
  });

  it("is in the order in which things happen", () => {
    expect(wrong("picked", "2026-04-19")).toBe("before-sown");
    expect(wrong("picked", "2026-04-30")).toBe("before-up");
    expect(wrong("picked", "2026-05-02")).toBeUndefined();
    expect(wrong("up", "2026-04-19")).toBe("before-sown");
    expect(wrong("sown", "2026-05-02", {}, [up])).toBe("after-up");
    // Sown again, and a correction of the very record in its way.
    expect(wrong("sown", "2026-05-10")).toBeUndefined();
    expect(wrong("up", "2026-04-25", { supersedes: up.id })).toBeUndefined();
    // Lost in the tray, fed, ended: whenever.
    expect(wrong("lost", "2026-04-21")).toBeUndefined();
  });
});

it("leaves no week out between two picks, and sums them", () => {
  const weeks = [
    { from: "2026-04-27", kg: 0.5 },
    { from: "2026-05-18", kg: 0.25 },
  ];
  expect(everyWeek(weeks)).toEqual([
    { from: "2026-04-27", kg: 0.5 },
    { from: "2026-05-04", kg: 0 },
    { from: "2026-05-11", kg: 0 },
    { from: "2026-05-18", kg: 0.25 },
  ]);
  expect(everyWeek([])).toEqual([]);
  expect(kgOf(everyWeek(weeks))).toBe(0.75);
});
