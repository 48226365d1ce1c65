import { act, fireEvent } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { CLIMATES } from "@/library";
import { show } from "@/testing/screen";
import { ClimateScreen, type ClimateProps } from "./climate";

const screen = (save: ClimateProps["save"] = vi.fn()) =>
  show(
    <ClimateScreen
      town="Larkmouth"
      saved={null}
      profileId="larkmouth"
      profiles={CLIMATES}
      today="2026-05-18"
      save={save}
    />,
  );
const low = /^Mean lowest/;
const high = /^Mean highest/;

it("reads twelve months back as what they mean, and follows another profile at once", () => {
  const { getByLabelText, text } = screen();
  const mild = text();
  expect(mild).toMatch(/Nights of 15\.5 ?°C and more.*\d+ (May|Jun|Jul)/);
  fireEvent.change(getByLabelText("Start from a profile"), { target: { value: "coldharbour" } });
  expect((getByLabelText("Latitude") as HTMLInputElement).value).toBe("47");
  expect(text()).not.toBe(mild);
  expect((getByLabelText(low) as HTMLTextAreaElement).value.split(/\s+/)).toHaveLength(12);
});

it("shows a month too few at its field, sends nothing, and keeps what was typed", async () => {
  const save = vi.fn<ClimateProps["save"]>();
  const { getByLabelText, getByRole } = screen(save);
  const eleven = "8 8 9 11 14 17 20 20 18 15 11";
  fireEvent.change(getByLabelText(low), { target: { value: eleven } });
  expect(getByLabelText(low).getAttribute("aria-invalid")).toBe("true");
  await act(async () => void fireEvent.click(getByRole("button", { name: "Save the climate" })));
  expect(save).not.toHaveBeenCalled();
  expect((getByLabelText(low) as HTMLTextAreaElement).value).toBe(eleven);
});

it("saves Fahrenheit as Celsius, and counts the numbers as the town's own", async () => {
  const save = vi.fn<ClimateProps["save"]>().mockResolvedValue({ ok: true, value: null });
  const { getByLabelText, getByRole, text } = screen(save);
  fireEvent.change(getByLabelText(low), { target: { value: `${"50 ".repeat(12)}°F` } });
  fireEvent.change(getByLabelText(high), { target: { value: `${"68 ".repeat(12)}°F` } });
  await act(async () => void fireEvent.click(getByRole("button", { name: "Save the climate" })));
  expect(save).toHaveBeenCalledWith(
    expect.objectContaining({ origin: "typed", place: "Larkmouth", latitude: 37 }),
  );
  const sent = save.mock.calls[0]![0]!;
  sent.lowC.forEach((t) => expect(t).toBeCloseTo(10, 9));
  sent.highC.forEach((t) => expect(t).toBeCloseTo(20, 9));
  expect(text()).toContain("Saved. Every plan follows it.");
});
