import { act, fireEvent, waitFor } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { id } from "@/testing/garden";
import { show } from "@/testing/screen";
import { RecordEntry, type RecordRead } from "./record-form";

function form() {
  let answer = () => {};
  const onRecord = vi.fn<(record: RecordRead) => Promise<void>>(
    () => new Promise((resolve) => (answer = resolve)),
  );
  const shown = show(
    <RecordEntry
      start={{ plantingId: id(10), kind: "sown", on: "2026-05-18", amount: "", note: "" }}
      today="2026-05-18"
      plantings={[{ id: id(10), name: "lettuce × 6" }]}
      saveLabel="Save record"
      onRecord={onRecord}
      check={(record) => (record.on < "2026-05-01" ? { code: "before-sown", day: "2026-05-01" } : undefined)}
    />,
  );
  const amount = () => shown.getByLabelText(/^How much/) as HTMLInputElement;
  const type = (text: string) => fireEvent.change(amount(), { target: { value: text } });
  const save = () =>
    act(async () => void fireEvent.click(shown.getByRole("button", { name: "Save record" })));
  return { ...shown, onRecord, amount, type, save, answer: () => act(async () => answer()) };
}

it("keeps what is typed for the next record while the last one is still on its way", async () => {
  const { type, save, amount, answer, onRecord } = form();
  type("12");
  await save();
  await waitFor(() => expect(onRecord).toHaveBeenCalledOnce());
  expect(onRecord.mock.calls[0]![0]).toMatchObject({ kind: "sown", plantingId: id(10) });
  expect(amount().value).toBe("");
  type("10");
  await answer();
  expect(amount().value).toBe("10");
});

it("refuses an amount that it cannot read, at its field, and sends nothing", async () => {
  const { type, save, amount, onRecord, getByRole } = form();
  type("a handful");
  await save();
  await waitFor(() => expect(getByRole("alert").textContent).toMatch(/^✕ ./));
  expect(onRecord).not.toHaveBeenCalled();
  expect(amount().value).toBe("a handful");
});

it("says at the day what is wrong with it, and keeps what was typed", async () => {
  const { type, save, amount, onRecord, getByRole, getByLabelText } = form();
  type("12");
  fireEvent.change(getByLabelText("Day"), { target: { value: "2026-04-01" } });
  await save();
  await waitFor(() => expect(getByRole("alert").textContent).toContain("It was sown 1 May"));
  expect(onRecord).not.toHaveBeenCalled();
  expect(amount().value).toBe("12");
});

it("sets the day by one tap, and says beside the field what else is wrong", async () => {
  const { getByRole, getByLabelText, onRecord, save, text } = form();
  // 18 May 2026 was a Monday.
  await act(async () => void fireEvent.click(getByRole("button", { name: "last Saturday" })));
  expect((getByLabelText("Day") as HTMLInputElement).value).toBe("2026-05-16");
  fireEvent.change(getByLabelText("Days to first pick, by the packet"), { target: { value: "soon" } });
  await save();
  await waitFor(() => expect(text()).toContain("✕"));
  expect(onRecord).not.toHaveBeenCalled();
  fireEvent.change(getByLabelText("Days to first pick, by the packet"), { target: { value: "" } });
  await save();
  await waitFor(() => expect(onRecord).toHaveBeenCalledOnce());
  expect(onRecord.mock.calls[0]![0]).toMatchObject({ on: "2026-05-16", detail: null });
});

it("lets weather be of no planting, and wants to know which", async () => {
  const { getByRole, getByLabelText, onRecord, save, text } = form();
  await act(async () => void fireEvent.click(getByRole("radio", { name: "weather" })));
  await save();
  await waitFor(() => expect(text()).toContain("Say what weather it was."));
  fireEvent.change(getByLabelText("What weather"), { target: { value: "hail" } });
  await save();
  await waitFor(() => expect(onRecord).toHaveBeenCalledOnce());
  expect(onRecord.mock.calls[0]![0]).toMatchObject({
    plantingId: null,
    kind: "weather",
    detail: { weather: "hail" },
  });
});
