import { act, fireEvent, within, waitFor } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import type { Override } from "@/core/override";
import { show } from "@/testing/screen";
import { Library, type LibraryProps } from "./library";

const screen = (overrides: Override[] = [], more: Partial<LibraryProps> = {}) =>
  show(
    <Library
      uses={{}}
      overrides={overrides}
      preview={vi.fn()}
      override={vi.fn()}
      takeIn={vi.fn()}
      {...more}
    />,
  );

it("finds a crop by another name, and shows each of its values with where it is from", () => {
  const { getByRole, getByLabelText, text } = screen();
  fireEvent.change(getByRole("searchbox"), { target: { value: "eggplant" } });
  const entries = within(getByRole("list", { name: "Crops and bags" })).getAllByRole("button");
  expect(entries.length).toBeGreaterThan(0);
  expect(entries.every((e) => /aubergine|eggplant/i.test(e.textContent ?? ""))).toBe(true);
  fireEvent.click(entries[0]!);
  expect(getByRole("region", { name: entries[0]!.querySelector("span")!.textContent! })).toBeDefined();
  expect(text()).toMatch(/soil depthleast \d+ cmgood \d+ cm/);
  expect(getByRole("img", { name: /Plants \d+ cm apart in \d+ cm of soil/ })).toBeDefined();
  expect(text()).toMatch(/From (sowing|planting out) to the first pick: \d+ to \d+ days, likely \d+/);
  fireEvent.change(getByRole("searchbox"), { target: { value: "no such thing" } });
  expect(text()).toContain("Nothing goes by that name here.");
  expect(getByLabelText("Compare with")).toBeDefined();
});

it("marks what the programme knows better, with its reason, beside what ships", () => {
  const { getByRole, text } = screen([
    { name: "crop/kale/germination", value: 0.6, reason: "counted in May", author: "Ines" },
    {
      name: "goal/kale/leaf/stand.soilL.good",
      value: 9,
      reason: "they dried out",
      author: "Ines",
    },
  ]);
  fireEvent.change(getByRole("searchbox"), { target: { value: "leaf kale" } });
  const list = getByRole("list", { name: "Crops and bags" });
  expect(within(list).getAllByText(/own value/)).toHaveLength(1);
  fireEvent.click(within(list).getAllByRole("button")[0]!);
  expect(text()).toMatch(/they dried out.*Ines; the library has it from.*counted in May/);
});

it("asks what a value would change before it is used, refuses nonsense, and sends it with its reason", async () => {
  const preview = vi.fn<LibraryProps["preview"]>().mockResolvedValue({
    ok: true,
    value: [
      {
        plantingId: "p",
        household: "Orvane",
        goalId: "kale/leaf",
        row: 2,
        before: { grade: "right", most: 3 },
        after: { grade: "wrong", most: 1 },
      },
    ],
  });
  const override = vi.fn<LibraryProps["override"]>().mockResolvedValue({ ok: true, value: null });
  const { getByRole, getAllByRole, getByLabelText, text } = screen([], { preview, override });
  fireEvent.change(getByRole("searchbox"), { target: { value: "kale" } });
  fireEvent.click(within(getByRole("list", { name: "Crops and bags" })).getAllByRole("button")[0]!);
  fireEvent.click(getAllByRole("button", { name: /^Change soil a plant/ })[0]!);
  // Its script comes when it is asked for.
  await waitFor(() => getByLabelText("This programme's value"));
  const press = (name: string) => act(async () => void fireEvent.click(getByRole("button", { name })));
  fireEvent.change(getByLabelText("This programme's value"), { target: { value: "a lot" } });
  await press("What would it change?");
  expect(preview).not.toHaveBeenCalled();
  expect(getByLabelText("This programme's value").getAttribute("aria-invalid")).toBe("true");
  fireEvent.change(getByLabelText("This programme's value"), { target: { value: "2 gal" } });
  await press("What would it change?");
  expect(preview).toHaveBeenCalledWith(expect.stringContaining("soilL"), expect.closeTo(7.571, 3));
  expect(text()).toMatch(/One planting changes:.*Orvane/);
  fireEvent.change(getByLabelText(/^Reason/), { target: { value: "seen in June" } });
  await press("Use this value");
  expect(override).toHaveBeenCalledWith(
    expect.stringContaining("soilL"),
    expect.closeTo(7.571, 3),
    "seen in June",
  );
});
