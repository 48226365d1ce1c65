import { fireEvent, waitFor } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { show } from "@/testing/screen";
import { Phone } from "./phone";
import { PutAway } from "./put-away";

const done = () => vi.fn(async () => ({ ok: true as const, value: null }));

it("keeps a number without the blanks round it, and takes it away where it is emptied", async () => {
  const save = done();
  const { getByRole } = show(<Phone saved="+000 1" save={save} />);
  const field = getByRole("textbox") as HTMLInputElement;
  expect(field.value).toBe("+000 1");
  fireEvent.change(field, { target: { value: "  +000 22 " } });
  fireEvent.click(getByRole("button"));
  await waitFor(() => expect(save).toHaveBeenLastCalledWith("+000 22"));
  fireEvent.change(field, { target: { value: "" } });
  fireEvent.click(getByRole("button"));
  await waitFor(() => expect(save).toHaveBeenLastCalledWith(""));
});

it("says beside the field what is no number, and keeps what was typed", async () => {
  const save = vi.fn(async () => ({
    ...{ ok: false as const, problem: { code: "invalid-input" as const } },
    fields: { phone: { code: "invalid" as const } },
  }));
  const { getByRole } = show(<Phone saved={null} save={save} />);
  const field = getByRole("textbox") as HTMLInputElement;
  fireEvent.change(field, { target: { value: "call me" } });
  fireEvent.click(getByRole("button"));
  await waitFor(() => expect(field.getAttribute("aria-invalid")).toBe("true"));
  expect(field.value).toBe("call me");
});

it("puts a household away and takes it back with one press, and lets it go for good only when asked twice", async () => {
  const [putAway, leave] = [done(), done()];
  const here = show(<PutAway isPutAway={false} putAway={putAway} leave={leave} />);
  const [away, go] = here.getAllByRole("button");
  fireEvent.click(away!);
  await waitFor(() => expect(putAway).toHaveBeenCalledWith(true));
  fireEvent.click(go!);
  expect(leave).not.toHaveBeenCalled();
  expect(here.getByRole("alert").textContent).toMatch(/^▲/);
  fireEvent.click(here.getAllByRole("button")[1]!);
  await waitFor(() => expect(leave).toHaveBeenCalledTimes(1));
  here.unmount();
  const back = show(<PutAway isPutAway putAway={putAway} leave={leave} />);
  expect(back.getByRole("status").textContent).not.toBe("");
  fireEvent.click(back.getAllByRole("button")[0]!);
  await waitFor(() => expect(putAway).toHaveBeenLastCalledWith(false));
});
