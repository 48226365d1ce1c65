import { fireEvent, waitFor } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { show } from "@/testing/screen";
import { Programmes, type ProgrammesProps } from "./programmes";

const { beginAnew } = vi.hoisted(() => ({ beginAnew: vi.fn(async () => undefined) }));
vi.mock("@/ui/offline/signal", () => ({ beginAnew }));

const programme: ProgrammesProps["programmes"][number] = {
  ...{ id: "a", name: "Stairwell Gardens", town: "Larkmouth", role: "organiser", isHere: true },
  ...{ households: 12, stages: { picking: 5, planned: 2 }, pressing: 7, quiet: 1, kg: 19, pickers: 3 },
};
const other = { ...programme, id: "b", name: "Roof Rows", isHere: false, households: 1, kg: 1, quiet: 0 };

it("shows how far each is, what presses, and all of them together", () => {
  const { text } = show(
    <Programmes programmes={[programme, other]} all={{ households: 13, kg: 20 }} mayBegin choose={vi.fn()} />,
  );
  expect(text()).toContain("2 programmes, 13 households, 20 kg weighed this season.");
  expect(text()).toContain("12 households: 2 planned, 5 picking");
  expect(text()).toContain("At 7 households something waits.");
  expect(text().match(/gone quiet/g)).toHaveLength(1);
});

it("goes to another one, and begins anew there", async () => {
  const choose = vi.fn(async () => undefined);
  const { getByRole, queryByRole } = show(
    <Programmes
      programmes={[programme, other]}
      all={{ households: 13, kg: 20 }}
      mayBegin={false}
      choose={choose}
    />,
  );
  expect(queryByRole("link", { name: /programme/i })).toBeNull();
  fireEvent.click(getByRole("button", { name: "Go there: Roof Rows" }));
  await waitFor(() => expect(beginAnew).toHaveBeenCalledWith("/"));
  expect(choose).toHaveBeenCalledWith("b");
});
