import { fireEvent, waitFor } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { show } from "@/testing/screen";
import { Messages, type MessagesProps } from "./messages";

const message = (more: Partial<MessagesProps["messages"][number]>) => ({
  ...{ id: "m", household: "01 Orvane", phone: "+000 1", direction: "in" as const, kind: "message" as const },
  ...{ text: "up 9 beans", at: new Date("2026-05-18T09:00:00Z"), isSent: true, ...more },
});
const screen = (more: Partial<MessagesProps> = {}) =>
  show(
    <Messages
      messages={[]}
      phones={[
        { name: "01 Orvane", phone: "+000 1", wantsReminders: true },
        { name: "02 Braskel", phone: "+000 2", wantsReminders: false },
      ]}
      page={1}
      hasMore={false}
      receive={async () => ({ ok: true, value: { answer: "" } })}
      remind={async () => ({ ok: true, value: { sent: 0 } })}
      {...more}
    />,
  );

it("writes as one of the phones, shows the answer, and empties the field only when it went", async () => {
  const receive = vi
    .fn<MessagesProps["receive"]>()
    .mockResolvedValueOnce({
      ok: false,
      problem: { code: "invalid" },
      fields: { text: { code: "too-long" } },
    })
    .mockResolvedValueOnce({ ok: true, value: { answer: "Noted: 9 beans are up." } });
  const { getByLabelText, getByRole, findByText, getByText } = screen({ receive });
  const text = getByLabelText("Message") as HTMLInputElement;
  const send = () => fireEvent.click(getByRole("button", { name: "Send it" }));
  expect((getByRole("button", { name: "Send it" }) as HTMLButtonElement).disabled).toBe(true);
  fireEvent.change(text, { target: { value: "up 9 beans" } });
  send();
  await waitFor(() => expect(text.getAttribute("aria-invalid")).toBe("true"));
  expect(text.value).toBe("up 9 beans");
  send();
  await findByText("Noted: 9 beans are up.");
  expect(text.value).toBe("");
  expect(receive).toHaveBeenLastCalledWith(expect.objectContaining({ from: "+000 1", text: "up 9 beans" }));
  expect(getByText(/02 Braskel, \+000 2 \(/)).toBeTruthy();
});

it("lists what came and went, what could not be sent, and nothing that a stranger wrote", () => {
  const { text } = screen({
    messages: [
      message({}),
      message({ id: "a", direction: "out", kind: "answer", text: "Noted.", isSent: false }),
      message({ id: "s", household: null, text: "" }),
    ],
    hasMore: true,
  });
  expect(text()).toContain("up 9 beans");
  expect(text()).toMatch(/✕ [^·]*Noted\./);
  expect(text()).not.toContain("null");
});

it("says how many reminders went", async () => {
  const { getAllByRole, findByText } = screen({ remind: async () => ({ ok: true, value: { sent: 3 } }) });
  fireEvent.click(getAllByRole("button").at(-1)!);
  await findByText(/3/);
});
