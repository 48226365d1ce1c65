import { fireEvent, waitFor, within } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { USUAL_SIZES } from "@/core/mix";
import { MIXES } from "@/library";
import { show } from "@/testing/screen";
import { Mixes } from "./mixes";

const done = async () => ({ ok: true as const, value: null });
const acts = () => ({ choose: vi.fn(done), save: vi.fn(done), remove: vi.fn(done), saveSizes: vi.fn(done) });
const screen = (own = acts(), units: "metric" | "us" = "metric") => ({
  ...show(<Mixes mixes={MIXES} mixId="potting-mix" sizes={USUAL_SIZES} {...own} />, units),
  own,
});

it("says what a wet litre weighs and what that makes of a bag, and chooses another mix for all bags", async () => {
  const { own, text, getByLabelText } = screen();
  expect(text()).toMatch(/kg/);
  const select = getByLabelText(/bags are filled with/i);
  fireEvent.change(select, { target: { value: "soil-and-manure" } });
  await waitFor(() => expect(own.choose).toHaveBeenCalledWith("soil-and-manure"));
});

it("refuses a recipe without parts or a name beside the field, and keeps what was typed", async () => {
  const { own, getByRole } = screen();
  const form = within(getByRole("region", { name: /recipe/i }));
  fireEvent.click(form.getByRole("button"));
  expect(own.save).not.toHaveBeenCalled();
  expect(form.getAllByRole("alert").length).toBeGreaterThanOrEqual(1);
  const [name, soil] = form.getAllByRole("textbox") as HTMLInputElement[];
  fireEvent.change(name!, { target: { value: "Quay mix" } });
  fireEvent.change(soil!, { target: { value: "minus two" } });
  fireEvent.click(form.getByRole("button"));
  expect(own.save).not.toHaveBeenCalled();
  expect([name!.value, soil!.value]).toEqual(["Quay mix", "minus two"]);
  fireEvent.change(soil!, { target: { value: "2" } });
  fireEvent.click(form.getByRole("button"));
  await waitFor(() => expect(own.save).toHaveBeenCalledTimes(1));
  expect(own.save.mock.calls[0]).toEqual([
    expect.objectContaining({ recipe: [expect.objectContaining({ parts: 2 })] }),
  ]);
});

it("takes what barrows and cans hold in either system of units, and says what is no size", async () => {
  const { own, getByRole } = screen();
  const form = within(getByRole("region", { name: /barrow/i }));
  const [barrow, bucket] = form.getAllByRole("textbox") as HTMLInputElement[];
  fireEvent.change(bucket!, { target: { value: "-3 L" } });
  fireEvent.click(form.getByRole("button"));
  expect(form.getAllByRole("alert")).toHaveLength(1);
  expect(own.saveSizes).not.toHaveBeenCalled();
  fireEvent.change(barrow!, { target: { value: "2 cu ft" } });
  fireEvent.change(bucket!, { target: { value: "12 L" } });
  fireEvent.click(form.getByRole("button"));
  await waitFor(() => expect(own.saveSizes).toHaveBeenCalledTimes(1));
  const [[sizes]] = own.saveSizes.mock.calls as unknown as [[{ barrowL: number; bucketL: number }]];
  // NIST Handbook 44: a cubic foot is 28.316846592 L.
  expect(sizes.barrowL).toBeCloseTo(56.634, 2);
  expect(sizes.bucketL).toBe(12);
});
