import { expect, it } from "vitest";
import { findClimate, findMix } from "@/library";
import { id, planOf, planting } from "@/testing/garden";
import { show } from "@/testing/screen";
import { Story } from "./story";

const plain = {
  climate: findClimate("larkmouth")!,
  mix: findMix("potting-mix")!,
  sunHours: 7,
  floorM2: 4,
};
const record = (n: number, more: object) => ({
  id: id(n),
  plantingId: id(10),
  rowId: null,
  kind: "picked" as const,
  on: "2026-05-10",
  amount: { measure: "mass" as const, value: 0.3, typed: "300 g", unit: "g" },
  note: "",
  supersedes: null,
  author: "Ilva Renn",
  replacedBy: null,
  ...more,
});
const story = (happened: object, written: Parameters<typeof Story>[0]["written"] = []) =>
  show(
    <Story
      householdId="h"
      plantingId={id(10)}
      written={written}
      today="2026-05-18"
      plan={planOf("round-10-gal", planting(10, "kale/leaf", "2026-02-20", { method: "cells", plants: 2 }))}
      setting={{ ...plain, happened: { [id(10)]: happened } }}
      overrides={[]}
      records={[]}
    />,
  );
const steps = (shown: ReturnType<typeof story>) =>
  shown
    .getAllByRole("row")
    .slice(1)
    .map((row) => [row.children[0]!.textContent, row.children[2]!.textContent, row.children[3]!.textContent]);

it("holds each step against the plan as it was, and not as the records have moved it", () => {
  const shown = story({ sownOn: "2026-02-27", upOn: "2026-03-20" });
  const [sown, up, moved] = steps(shown);
  expect(sown).toEqual(["sown", "27 Feb", "7 days later"]);
  expect(up![2]).toMatch(/^\d+ days later$/);
  expect(moved!.slice(1)).toEqual(["not yet", ""]);
});

it("says what others got of it, and for which side-by-side it stands", () => {
  const shown = show(
    <Story
      householdId="h"
      plantingId={id(10)}
      written={[]}
      shared={{ households: 4, pickDays: 51.6, kg: 0.82 }}
      today="2026-05-18"
      plan={planOf("round-10-gal", planting(10, "kale/leaf", "2026-02-20", { method: "cells", plants: 2 }))}
      setting={{ ...plain, trials: { [id(10)]: { question: "Deep or level?", way: "level" } } }}
      overrides={[]}
      records={[]}
    />,
  );
  expect(shown.text()).toContain(
    "the first pick after 52 days and 820 g a planting, on average of 4 households",
  );
  expect(shown.text()).toContain("the side-by-side “Deep or level?”: level here.");
});

it("says that a step came in its days", () => {
  expect(steps(story({ sownOn: "2026-02-20" }))[0]).toEqual(["sown", "20 Feb", "in its days"]);
});

it("sums what counts of what was picked, and shows what was struck without acts", () => {
  const shown = story({ pickedOn: "2026-05-10" }, [
    record(1, { note: "sweet" }),
    record(3, { kind: "struck", amount: null, supersedes: id(2) }),
    record(2, { amount: { measure: "mass", value: 5, typed: "5 kg", unit: "kg" }, replacedBy: "struck" }),
  ]);
  expect(shown.text()).toMatch(/Picked so far: 300 g\. Planned for all of it: .* to .* kg, likely/);
  expect(shown.text()).toContain("“sweet”");
  expect(shown.text()).toContain("struck out");
  expect(shown.queryByRole("button", { name: "Strike out" })).toBeNull();
});

it("shows a photo of a record and what else it says", () => {
  const shown = story({}, [
    record(1, {
      kind: "lost",
      amount: { measure: "count", value: 1, typed: "1", unit: "" },
      detail: { reason: "slugs", part: "left half", photo: true },
    }),
  ]);
  expect(shown.text()).toContain("slugs or snails, left half");
  expect(shown.getByRole("img", { name: /^Photo of 10 May/ }).getAttribute("src")).toBe(
    `/house/h/photo/${id(1)}`,
  );
});
