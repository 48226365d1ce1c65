import { act, fireEvent } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import type { Outcome } from "@/core/problem";
import { show } from "@/testing/screen";
import { Begin } from "./begin";

const beginAnew = vi.hoisted(() => vi.fn<(path: string) => Promise<void>>(() => Promise.resolve()));
vi.mock("@/ui/offline/signal", () => ({ beginAnew }));

function wizard(answer: Outcome<{ id: string }> = { ok: true, value: { id: "p2" } }) {
  const begin = vi.fn(() => Promise.resolve(answer));
  const choose = vi.fn(() => Promise.resolve());
  const before = { name: "Stairwell Gardens", town: "Larkmouth", climateId: "larkmouth", currency: "EUR" };
  const shown = show(
    <Begin before={before} climates={["larkmouth", "northquay"]} begin={begin} choose={choose} />,
  );
  const press = (name: string) => act(async () => void fireEvent.click(shown.getByRole("button", { name })));
  const fill = (label: RegExp, value: string) =>
    fireEvent.change(shown.getByLabelText(label), { target: { value } });
  return { ...shown, begin, choose, press, fill };
}

it("begins a copy in four steps, shows all of it before, and goes into it", async () => {
  const { press, fill, text, begin, choose } = wizard();
  await press("Next");
  fill(/^Name of the programme/, "Roofs 2027");
  await press("Next");
  await press("Next");
  expect(text()).toContain("Roofs 2027");
  expect(text()).toContain("a copy of Stairwell Gardens");
  await press("Begin");
  expect(begin).toHaveBeenCalledWith({
    name: "Roofs 2027",
    town: "Larkmouth",
    climateId: "larkmouth",
    currency: "EUR",
    isCopy: true,
  });
  expect(choose).toHaveBeenCalledWith("p2");
  expect(beginAnew).toHaveBeenCalledWith("/");
});

it("goes back to the step with the wrong field, and keeps all that was typed", async () => {
  const { press, fill, text, getByLabelText } = wizard({
    ok: false,
    problem: { code: "invalid-input" },
    fields: { currency: { code: "currency-unknown" } },
  });
  await press("Next");
  fill(/^Name of the programme/, "Roofs 2027");
  await press("Next");
  fill(/^Currency/, "moons");
  await press("Next");
  await press("Begin");
  expect(text()).toContain("This is no currency of ISO 4217");
  expect((getByLabelText(/^Currency/) as HTMLInputElement).value).toBe("moons");
  await press("Back");
  expect((getByLabelText(/^Name of the programme/) as HTMLInputElement).value).toBe("Roofs 2027");
});
