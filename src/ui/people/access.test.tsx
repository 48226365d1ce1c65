import { act, fireEvent } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { show } from "@/testing/screen";
import { Access, type AccessProps } from "./access";

const key = { name: "06 Velshe", account: "abcd2345", password: "135790" };
const done = () => Promise.resolve({ ok: true as const, value: null });
const given = () => Promise.resolve({ ok: true as const, value: key });
const refused = (code: string, field?: string) => () =>
  Promise.resolve({
    ok: false as const,
    problem: { code: field ? "invalid-input" : code },
    ...(field ? { fields: { [field]: { code, understood: "99" } } } : {}),
  });

const member = (more: Partial<AccessProps["members"][number]>): AccessProps["members"][number] => ({
  id: "m1",
  username: "tob",
  role: "helper",
  name: "Tob Asker",
  isKept: true,
  sessions: 2,
  seenAt: new Date("2026-05-17T10:00:00Z"),
  households: ["01", "04"],
  ...more,
});
const screen = (more: Partial<AccessProps> = {}) => {
  const acts = {
    invite: vi.fn<AccessProps["invite"]>(given),
    giveCard: vi.fn<AccessProps["giveCard"]>(given),
    renew: vi.fn<AccessProps["renew"]>(given),
    signOut: vi.fn<AccessProps["signOut"]>(done),
    end: vi.fn<AccessProps["end"]>(done),
    give: vi.fn<AccessProps["give"]>(done),
  };
  const shown = show(
    <Access
      members={[member({})]}
      cards={[
        {
          householdId: "h1",
          code: "01",
          name: "Orvane",
          memberId: "c1",
          since: new Date("2026-05-01T08:00:00Z"),
          seenAt: null,
        },
        { householdId: "h6", code: "06", name: "Velshe", memberId: null, since: null, seenAt: null },
      ]}
      page={1}
      pages={1}
      changes={[
        {
          id: 1,
          at: new Date("2026-05-16T09:00:00Z"),
          author: "Maud Ferrin",
          act: "invited",
          about: "Tob Asker (helper)",
        },
      ]}
      invited={["helper", "reader"]}
      mayBegin={false}
      origin="https://garden.example"
      {...acts}
      {...more}
    />,
  );
  const press = (name: string) => act(async () => void fireEvent.click(shown.getByRole("button", { name })));
  const type = (label: RegExp, value: string) =>
    fireEvent.change(shown.getByLabelText(label), { target: { value } });
  return { ...shown, acts, press, type };
};

it("tells each one's part, what it allows, where they are signed in, and who changed what", () => {
  const { text } = screen();
  expect(text()).toContain("Tob Asker, helper (tob)");
  expect(text()).toContain(
    "writes records of the households given to them · signed in on 2 devices, last seen 17 May",
  );
  expect(text()).toContain("card since 1 May");
  expect(text()).toMatch(/Velshe\s*no card/);
  expect(text()).toContain("16 May Maud Ferrin let in Tob Asker (helper)");
});

it("shows a new card once, in two parts and as a code to scan", async () => {
  const { press, acts, text, container, getByRole } = screen();
  await press("Make a card: Velshe");
  expect(acts.giveCard).toHaveBeenCalledWith("h6");
  expect(text()).toContain("abcd-2345");
  expect(text()).toContain("135790");
  expect(getByRole("img", { name: "Scan to sign in" })).toBeTruthy();
  expect(container.querySelectorAll("svg path")).toHaveLength(1);
});

it("asks before a card in use ends, and before somebody's part does", async () => {
  const { press, acts, text } = screen();
  await press("New card: Orvane");
  expect(acts.giveCard).not.toHaveBeenCalled();
  expect(text()).toContain("The card that they have opens nothing any more.");
  await press("Make a card: Orvane");
  expect(acts.giveCard).toHaveBeenCalledWith("h1");
  await press("End: Tob Asker");
  await press("Leave it");
  expect(acts.end).not.toHaveBeenCalled();
  await press("End: Tob Asker");
  await press("End it: Tob Asker");
  expect(acts.end).toHaveBeenCalledWith("m1");
  expect(text()).toContain("Tob Asker may do nothing here any more.");
});

it("offers no act on those whom one may not keep, and no part that one may not give", () => {
  const { queryByRole, getByRole } = screen({ members: [member({ role: "organiser", isKept: false })] });
  expect(queryByRole("button", { name: "End: Tob Asker" })).toBeNull();
  const roles = [...getByRole("combobox", { name: "Part" }).querySelectorAll("option")].map((o) => o.value);
  expect(roles).toEqual(["helper", "reader"]);
});

it("says beside the field what is wrong with a helper's households, and keeps what was typed", async () => {
  const { press, type, text, getByLabelText } = screen({ give: refused("household-unknown", "households") });
  type(/^Households that they write for: Tob Asker/, "01, 99");
  await press("Save: Tob Asker");
  expect(text()).toContain("No household has the number 99.");
  expect((getByLabelText(/^Households that they write for: Tob Asker/) as HTMLInputElement).value).toBe(
    "01, 99",
  );
});

it("lets somebody in by what was typed, shows the key, and is empty for the next", async () => {
  const { press, type, acts, getByLabelText, text } = screen();
  type(/^Name/, "Jo Marsh");
  type(/^Sign-in name/, "jo.marsh");
  type(/^Households that they write for$/, "07-12");
  await press("Let in");
  expect(acts.invite).toHaveBeenCalledWith({
    name: "Jo Marsh",
    account: "jo.marsh",
    role: "helper",
    households: "07-12",
  });
  expect(text()).toContain("Hand this over now");
  expect((getByLabelText(/^Name/) as HTMLInputElement).value).toBe("");
});

it("tells a refusal that belongs to no field", async () => {
  const { press, text } = screen({
    end: refused("last-organiser"),
    members: [member({ role: "organiser" })],
  });
  await press("End: Tob Asker");
  await press("End it: Tob Asker");
  expect(text()).toContain("Somebody has to stay organiser");
});
