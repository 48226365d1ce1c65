import { fireEvent } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { show } from "@/testing/screen";
import { AskFirst } from "./ask-first";
import { CheckField, SelectField, TextField } from "./field";
import { OutcomeLines } from "./outcome-lines";
import { Pages } from "./pages";
import { isPassing, send } from "./send";

it("ties a field to its label, its hint and what is wrong with it, for those who hear the page", () => {
  const { getByLabelText, getByRole } = show(
    <TextField label="Length" hint="as 2 m or 6 ft" problem={{ code: "empty" }} defaultValue="" />,
  );
  const input = getByLabelText("Length");
  expect(input.getAttribute("aria-invalid")).toBe("true");
  const told = input
    .getAttribute("aria-describedby")!
    .split(" ")
    .map((id) => document.getElementById(id)?.textContent);
  expect(told).toEqual(["as 2 m or 6 ft", getByRole("alert").textContent]);
});

it("leaves a field that is right without any of that", () => {
  const { getByLabelText, queryByRole } = show(
    <SelectField label="Place">
      <option>roof</option>
    </SelectField>,
  );
  expect(getByLabelText("Place").getAttribute("aria-describedby")).toBeNull();
  expect(getByLabelText("Place").getAttribute("aria-invalid")).toBe("false");
  expect(queryByRole("alert")).toBeNull();
});

it("ticks a box by its label too", () => {
  const onChecked = vi.fn();
  const { getByRole } = show(<CheckField label="Limed" checked={false} onChecked={onChecked} />);
  fireEvent.click(getByRole("checkbox", { name: "Limed" }));
  expect(onChecked).toHaveBeenCalledWith(true);
});

it("asks once more before what is not taken back, with the focus on the way back", () => {
  const onYes = vi.fn();
  const { getByRole, getAllByRole } = show(
    <AskFirst
      name="Put away"
      of="Orvane"
      question="Its plan leaves the lists."
      yes="Put away now"
      onYes={onYes}
    />,
  );
  fireEvent.click(getByRole("button", { name: "Put away: Orvane" }));
  expect(onYes).not.toHaveBeenCalled();
  expect(getByRole("alert").textContent).toContain("Its plan leaves the lists.");
  const [, back] = getAllByRole("button");
  expect(document.activeElement).toBe(back);
  fireEvent.click(back!);
  expect(onYes).not.toHaveBeenCalled();
  fireEvent.click(getByRole("button", { name: "Put away: Orvane" }));
  fireEvent.click(getByRole("button", { name: "Put away now: Orvane" }));
  expect(onYes).toHaveBeenCalledTimes(1);
});

it("says what became of a try in a live region, and a failure as an alert with a mark", () => {
  const { getByRole } = show(
    <OutcomeLines done="Saved." failure={{ code: "offline" }}>
      <button type="button">Save</button>
    </OutcomeLines>,
  );
  expect(getByRole("status").textContent).toBe("Saved.");
  expect(getByRole("alert").textContent).toMatch(/^✕ ./);
});

it("leads through pages, with no way before the first or past the last, and none where all fits one", () => {
  const pages = (page: number, count: number) =>
    show(<Pages page={page} pages={count} hrefOf={(n) => `/x?page=${n}`} />)
      .queryAllByRole("link")
      .map((link) => link.getAttribute("href"));
  expect(pages(1, 1)).toEqual([]);
  expect(pages(1, 3)).toEqual(["/x?page=2"]);
  document.body.innerHTML = "";
  expect(pages(2, 3)).toEqual(["/x?page=1", "/x?page=3"]);
});

it("makes an outcome of a lost connection and of a fault, and lets a redirect go on", async () => {
  expect(await send(() => Promise.reject(new TypeError("failed to fetch")))).toEqual({
    ok: false,
    problem: { code: "offline" },
  });
  expect(await send(() => Promise.reject(new Error("500")))).toEqual({
    ok: false,
    problem: { code: "server-fault" },
  });
  const redirect = Object.assign(new Error("redirect"), { digest: "NEXT_REDIRECT;push;/sign-in" });
  await expect(send(() => Promise.reject(redirect))).rejects.toBe(redirect);
  expect(
    ["offline", "database-unreachable", "signed-out"].every((code) => isPassing({ code } as never)),
  ).toBe(true);
  expect(isPassing({ code: "not-allowed" })).toBe(false);
});
