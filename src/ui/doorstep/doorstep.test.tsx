import { act, fireEvent, waitFor } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { BLANK_SURVEY, type SurveyTyped } from "@/core/place";
import { findClimate } from "@/library";
import { router } from "@/testing/navigation";
import { show } from "@/testing/screen";
import { Doorstep, type DoorstepProps } from "./doorstep";

const blank: SurveyTyped = {
  ...BLANK_SURVEY,
  adults: "2",
  children: "1",
  sun: [{ from: "09:00", to: "13:00" }],
};
const screen = (start: Partial<SurveyTyped> = {}, more: Partial<DoorstepProps> = {}) =>
  show(
    <Doorstep
      title="A new household"
      start={{ ...blank, ...start }}
      isNew
      overrides={[]}
      currency="EUR"
      today="2026-05-18"
      climate={findClimate("larkmouth")!}
      usualBagKg={40}
      save={vi.fn()}
      {...more}
    />,
  );

it("reads the place back while it is typed: floor, sun, and how many wet bags the limit comes to", () => {
  const { getByLabelText, text } = screen();
  expect(text()).toContain("Fill in length and width");
  expect(text()).toContain("No limit is known");
  fireEvent.change(getByLabelText(/^Length/), { target: { value: "3 m" } });
  fireEvent.change(getByLabelText(/^Width/), { target: { value: "1.2 m" } });
  fireEvent.change(getByLabelText(/^Floor's load limit/), { target: { value: "2 kPa" } });
  // 3.6 m² at 2 kPa are 734 kg: eighteen bags of 40 kg.
  expect(text()).toMatch(/3\.6 ?m² floor/);
  expect(text()).toContain("about 18 wet 10 gal bags");
  expect(text()).toMatch(/4 ?h of direct sun a day/);
});

it("counts what more sun serves, and says what none means", () => {
  const enough = (sun: SurveyTyped["sun"]) => {
    const { text, unmount } = screen({ sun });
    const served = Number(/Enough for (\d+) of/.exec(text())?.[1] ?? Number.NaN);
    const none = text().includes("only microgreens");
    unmount();
    return { served, none };
  };
  expect(enough([]).none).toBe(true);
  expect(enough([{ from: "07:00", to: "17:00" }]).served).toBeGreaterThan(
    enough([{ from: "09:00", to: "12:00" }]).served,
  );
});

it("loses nothing of a survey that is refused, shows each fault at its field, and goes on when it is saved", async () => {
  const save = vi
    .fn<DoorstepProps["save"]>()
    .mockResolvedValueOnce({
      ok: false,
      problem: { code: "invalid" },
      fields: { limit: { code: "not-a-number", understood: "lots" } },
    })
    .mockResolvedValueOnce({ ok: true, value: { id: "new-one" } });
  const { getByRole, getByLabelText, container } = screen(
    { name: "Ferrand", length: "10 ft 6 in", width: "4 ft" },
    { save },
  );
  const send = () =>
    act(async () => void fireEvent.click(getByRole("button", { name: "Save and choose crops" })));
  await send();
  await waitFor(() =>
    expect(getByLabelText(/^Floor's load limit/).getAttribute("aria-invalid")).toBe("true"),
  );
  expect((getByLabelText(/^Household's name/) as HTMLInputElement).value).toBe("Ferrand");
  expect(router.push).not.toHaveBeenCalled();
  await send();
  await waitFor(() => expect(router.push).toHaveBeenCalledWith("/house/new-one/match"));
  // Sent as it was typed: the server keeps the words beside what they mean.
  expect(save.mock.calls[1]![0]).toMatchObject({ name: "Ferrand", length: "10 ft 6 in" });
  expect(container.querySelector("form")).not.toBeNull();
});

it("takes a crop that must be there by another of its names, and gives it back", async () => {
  const { getByRole, findByRole, queryByRole } = screen();
  const found = () => [...document.querySelectorAll<HTMLElement>("[cmdk-item]")];
  const taken = () => queryByRole("button", { name: /^Take out aubergine/ });
  fireEvent.click(getByRole("button", { name: /^Must be there/ }));
  fireEvent.change(await findByRole("combobox", { name: "Must be there" }), {
    target: { value: "eggplant" },
  });
  expect(found().map((o) => o.textContent)).toEqual(["aubergine"]);
  await act(async () => void fireEvent.click(found()[0]!));
  expect(taken()).not.toBeNull();
  // What must be there cannot be what nobody touches.
  fireEvent.click(getByRole("button", { name: /^Nobody touches/ }));
  await findByRole("combobox", { name: "Nobody touches" });
  expect(found().length).toBeGreaterThan(50);
  expect(found().some((o) => o.textContent === "aubergine")).toBe(false);
  await act(async () => void fireEvent.click(taken()!));
  expect(taken()).toBeNull();
});
