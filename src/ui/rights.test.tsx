import { expect, it } from "vitest";
import { show } from "@/testing/screen";
import { ForChangers, Only, type Rights, RightsProvider } from "./rights";

const READER: Rights = { seesAll: true, changes: false, writes: false };
const form = (rights: Rights) => (
  <RightsProvider value={rights}>
    <ForChangers>
      <input aria-label="Name" defaultValue="Quay mix" />
      <button>Save</button>
      <a href="/mixes">All mixes</a>
    </ForChangers>
    <Only may="writes">
      <button>Write it down</button>
    </Only>
  </RightsProvider>
);

it("shows a form that one may not change as it is filled in, and says who may", () => {
  const { getByLabelText, getByText, queryByText, text, again } = show(form(READER));
  expect((getByLabelText("Name") as HTMLInputElement).value).toBe("Quay mix");
  for (const control of [getByLabelText("Name"), getByText("Save")])
    expect(control.closest("fieldset")?.disabled).toBe(true);
  expect(getByText("All mixes").closest("a")?.getAttribute("href")).toBe("/mixes");
  expect(text()).toContain("Organisers and trainers change it.");
  expect(queryByText("Write it down")).toBeNull();
  // A helper writes, and changes nothing of the programme's.
  again(form({ ...READER, writes: true }));
  expect(queryByText("Write it down")).not.toBeNull();
  expect(getByText("Save").closest("fieldset")?.disabled).toBe(true);
});

it("leaves a form alone for those who may change it", () => {
  const { getByLabelText, text } = show(form({ seesAll: true, changes: true, writes: true }));
  expect(getByLabelText("Name").closest("fieldset")).toBeNull();
  expect(text()).not.toContain("Organisers and trainers");
});
