import { fireEvent, waitFor } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { USUAL_SIZES } from "@/core/mix";
import { assessGarden } from "@/core/garden";
import { tasksOf } from "@/core/days";
import { lessonsOf, sessionOf } from "@/core/teaching";
import { findMix } from "@/library";
import { planOf, planting, settingWith } from "@/testing/garden";
import { show } from "@/testing/screen";
import { wordsFor } from "@/ui/words/words-for";
import { Groups } from "./groups";
import { Lessons } from "./lessons";
import { Members } from "./members";
import { TogetherSession } from "./session";

const done = async () => ({ ok: true as const, value: null });
const TODAY = "2026-05-18";
const words = wordsFor("metric", "EUR");
const setting = settingWith({ mix: findMix("soil-and-manure")!, openSky: 0.9 });
const member = (name: string, kindId: string) => {
  const plan = planOf(kindId, planting(10, "chard/leaf", "2026-05-27", { method: "bought", plants: 4 }));
  const garden = assessGarden({ ...plan, bags: plan.bags.map((b) => ({ ...b, atHand: false })) }, setting);
  return { householdId: name, name, garden, setting, tasks: tasksOf(garden, [], { setting, today: TODAY }) };
};
const members = [member("01 Orvane", "round-10-gal"), member("02 Braskel", "round-20-gal")];

it("lists groups with who is in them and when they meet, and keeps a name that was refused", async () => {
  const save = vi
    .fn<Parameters<typeof Groups>[0]["save"]>()
    .mockResolvedValueOnce({ ok: false, problem: { code: "invalid" }, fields: { name: { code: "empty" } } })
    .mockResolvedValue({ ok: true, value: null });
  const groups = [{ id: "g", name: "Quay stairs", meetsOn: ["2026-05-19"], households: 3 }];
  const { text, getByRole, getAllByRole } = show(<Groups groups={groups} save={save} />);
  expect(getByRole("link", { name: "Quay stairs" }).getAttribute("href")).toBe("/groups/g");
  expect(text()).toMatch(/3 households.*19 May/);
  const [name] = getAllByRole("textbox") as HTMLInputElement[];
  fireEvent.change(name!, { target: { value: " x " } });
  fireEvent.click(getByRole("button"));
  await waitFor(() => expect(name!.getAttribute("aria-invalid")).toBe("true"));
  expect(name!.value).toBe(" x ");
  fireEvent.click(getByRole("button"));
  await waitFor(() => expect(name!.value).toBe(""));
});

it("finds a household by some of its name, puts it in, and takes one out", async () => {
  const place = vi.fn(done);
  vi.stubGlobal("fetch", async () =>
    Response.json({
      households: [
        { id: "a", code: "01", name: "Orvane" },
        { id: "b", code: "02", name: "Orbright" },
      ],
    }),
  );
  const { getAllByRole, findByRole, getByRole, queryByRole } = show(
    <Members
      group={{ id: "g", name: "Quay stairs", meetsOn: ["2026-05-19"] }}
      members={[{ id: "a", code: "01", name: "Orvane" }]}
      today={TODAY}
      save={done}
      place={place}
      part={done}
    />,
  );
  fireEvent.change(getAllByRole("textbox", { hidden: true })[0]!, { target: { value: "or" } });
  fireEvent.click(await findByRole("button", { name: "+ 02 Orbright", hidden: true }));
  await waitFor(() => expect(place).toHaveBeenCalledWith("b", "g"));
  // Who is in it already is not offered again.
  expect(queryByRole("button", { name: "+ 01 Orvane", hidden: true })).toBeNull();
  fireEvent.click(getByRole("button", { name: /Orvane/, hidden: true }));
  await waitFor(() => expect(place).toHaveBeenCalledWith("a", null));
  vi.unstubAllGlobals();
});

it("meets on a day more, and on one less", async () => {
  const save = vi.fn(done);
  const { getByLabelText, getByRole, getAllByRole } = show(
    <Members
      group={{ id: "g", name: "Quay stairs", meetsOn: ["2026-05-19"] }}
      members={[]}
      today={TODAY}
      save={save}
      place={done}
      part={done}
    />,
  );
  const [label] = getAllByRole("button").filter((b) => /day/i.test(b.textContent ?? ""));
  fireEvent.change(getByLabelText(label!.textContent!), { target: { value: "2026-05-26" } });
  fireEvent.click(label!);
  await waitFor(() =>
    expect(save).toHaveBeenCalledWith({
      id: "g",
      name: "Quay stairs",
      meetsOn: ["2026-05-19", "2026-05-26"],
    }),
  );
  fireEvent.click(getByRole("button", { name: /19 May/ }));
  await waitFor(() => expect(save).toHaveBeenLastCalledWith({ id: "g", name: "Quay stairs", meetsOn: [] }));
});

it("shows one heap for all, by barrows and buckets, and who takes what home; nothing where nobody has anything to fill", () => {
  const session = sessionOf(members, TODAY);
  const { text } = show(<TogetherSession session={session} on={TODAY} sizes={USUAL_SIZES} words={words} />);
  expect(text()).toContain(words.quantity(session.heaps[0]!.litres, "volume"));
  expect(text()).toMatch(/bucket|barrow/);
  expect(text()).toMatch(/01 Orvane.*02 Braskel/);
  document.body.innerHTML = "";
  const none = show(
    <TogetherSession session={sessionOf([], TODAY)} on={TODAY} sizes={USUAL_SIZES} words={words} />,
  );
  expect(none.text()).toContain("18 May");
  expect(none.text()).not.toMatch(/bucket|barrow|NaN/);
});

it("makes five lessons, each with what to bring, and with the caution of what is shown", () => {
  const lessons = lessonsOf(members, ["2026-05-19"], TODAY);
  const settings = Object.fromEntries(members.map((m) => [m.householdId, m.setting]));
  const { getAllByRole, text } = show(
    <Lessons lessons={lessons} settings={settings} sizes={USUAL_SIZES} words={words} />,
  );
  expect(getAllByRole("heading", { level: 3 })).toHaveLength(5);
  expect(text()).toContain("Tue, 19 May 2026");
  // The bag that is shown being filled is more than one person carries.
  expect(text()).toMatch(/Nobody carries this \(\d+ kg/);
});
