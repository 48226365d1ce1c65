import { act, fireEvent, waitFor } from "@testing-library/react";
import { beforeEach, expect, it, vi } from "vitest";
import type { PlainSetting } from "@/core/setting";
import { findClimate, findMix } from "@/library";
import { id, planOf, planting } from "@/testing/garden";
import { show } from "@/testing/screen";
import { Steps, type StepsProps } from "./steps";
import { Timer } from "./timer";

beforeEach(() => localStorage.clear());

const plain: PlainSetting = {
  climate: findClimate("larkmouth")!,
  mix: findMix("soil-and-manure")!,
  sunHours: 7,
  floorM2: 4,
};
const beans = planting(10, "bush-bean/pod", "2026-05-20", { plants: 9 });
const empty = { ...planOf("round-15-gal", beans) };
const plan = { ...empty, bags: empty.bags.map((bag) => ({ ...bag, atHand: false })) };
const screen = (more: Partial<StepsProps> = {}) =>
  show(
    <Steps
      householdId="h"
      title="Fill and sow: 01 Orvane"
      today="2026-05-18"
      plan={plan}
      setting={plain}
      overrides={[]}
      records={[]}
      store={async () => ({ ok: true, value: { id: "r" } })}
      {...more}
    />,
  );

it("has a card for each bag to fill and each sowing, with its own amounts, and its caution where hands are", () => {
  const { getAllByRole, text } = screen();
  const names = getAllByRole("heading", { level: 2 }).map((h) => h.textContent);
  expect(names).toHaveLength(2);
  expect(names[0]).toMatch(/fabric 15 gal/);
  expect(names[1]).toMatch(/bush bean/);
  // Manure and soil of one's own are in this mix; what is not sown raw is eaten cooked.
  expect(text()).toMatch(/manure/i);
  expect(text()).toMatch(/\d+(\.\d)? L/);
});

it("keeps ticks on the device, also when the screen is opened again, and forgets them with the finished card", async () => {
  const store = vi.fn(async () => ({ ok: true as const, value: { id: "r" } }));
  const first = screen({ store });
  const boxes = () => first.getAllByRole("checkbox") as HTMLInputElement[];
  fireEvent.click(boxes()[0]!);
  expect(boxes()[0]!.checked).toBe(true);
  first.unmount();
  const again = screen({ store });
  expect((again.getAllByRole("checkbox")[0] as HTMLInputElement).checked).toBe(true);
  fireEvent.click(again.getAllByRole("button", { name: /fabric 15 gal/ })[0]!);
  await waitFor(() => expect(store).toHaveBeenCalledTimes(1));
  expect((store.mock.calls as unknown[][])[0]!.slice(0, 2)).toEqual([
    "h",
    expect.objectContaining({ kind: "filled", rowId: id(2), on: "2026-05-18" }),
  ]);
  expect(again.getAllByRole("status").length).toBeGreaterThan(0);
  expect(Object.keys(localStorage).filter((key) => key.startsWith("ticks"))).toEqual([]);
});

it("shows the ticks of a device that cannot be read as none", () => {
  localStorage.setItem(`ticks ${id(10)}/sow`, "{broken");
  const { getAllByRole } = screen();
  expect((getAllByRole("checkbox") as HTMLInputElement[]).every((box) => !box.checked)).toBe(true);
});

it("says on a card for which side-by-side it is, and how it is done here", () => {
  const trials = { [id(10)]: { question: "Soaked or dry?", way: "soaked overnight" } };
  expect(screen({ setting: { ...plain, trials } }).text()).toContain(
    "“Soaked or dry?”: soaked overnight here.",
  );
  expect(screen().text()).not.toContain("side-by-side");
});

it("says so where nothing is to be filled or sown", () => {
  const happened = { [id(10)]: { sownOn: "2026-05-01" }, [id(2)]: { filledOn: "2026-04-20" } };
  expect(screen({ setting: { ...plain, happened } }).queryAllByRole("checkbox")).toEqual([]);
});

it("counts a soak down by the device's own clock, and says when it is over", () => {
  vi.useFakeTimers();
  try {
    vi.setSystemTime(new Date("2026-05-18T10:00:00Z"));
    const { getByRole, queryByRole } = show(<Timer minutes={20} />);
    fireEvent.click(getByRole("button"));
    expect(getByRole("timer").textContent).toContain("20:00");
    act(() => vi.advanceTimersByTime(61_000));
    expect(getByRole("timer").textContent).toContain("18:59");
    // A screen that slept in between is right again at its next second.
    vi.setSystemTime(new Date("2026-05-18T11:00:00Z"));
    act(() => vi.advanceTimersByTime(1000));
    expect(getByRole("timer").textContent).not.toMatch(/\d:\d\d/);
    fireEvent.click(getByRole("button"));
    expect(queryByRole("timer")).toBeNull();
  } finally {
    vi.useRealTimers();
  }
});
