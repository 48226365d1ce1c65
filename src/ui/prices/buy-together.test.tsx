import { act, fireEvent } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { poolOf, type SharedNeed } from "@/core/kit";
import { pricesBy } from "@/core/money";
import type { Outcome } from "@/core/problem";
import { router } from "@/testing/navigation";
import { show } from "@/testing/screen";
import { BuyTogether } from "./buy-together";

const prices = pricesBy([
  { item: "packet/kale", minor: 170, size: 1.5 },
  { item: "packet/pea", minor: 240, size: 60 },
]);
const showFor = (
  needs: readonly SharedNeed[],
  save: (together: boolean) => Promise<Outcome<null>> = async () => ({ ok: true, value: null }),
) =>
  show(
    <BuyTogether
      group="packet"
      together={false}
      pool={poolOf(needs, 3, prices)}
      nameOf={(item) => item.split("/")[1]!}
      save={save}
    />,
  );

it("says what the plans need for all and what it is for each alone, and names what has no price", () => {
  const { text } = showFor([
    { item: "packet/kale", amounts: [0.5, 0.5, 0.5] },
    { item: "packet/pea", amounts: [40] },
    { item: "packet/leek", amounts: [1] },
  ]);
  // One packet of kale does for three, and one of peas; alone it takes four.
  expect(text()).toContain("For the plans of 3 households: 2 packets, €4.10. If each buys alone: €7.50.");
  expect(text()).toContain("One item without a price is not in these sums.");
  expect(text()).toMatch(/kale1\.5 g× 1€1\.70.*leek1 g–no price/);
  expect(showFor([]).text()).toContain("No plan needs any just now.");
});

it("stores the choice, and says what kept it from being stored", async () => {
  const save = vi.fn(async (together: boolean): Promise<Outcome<null>> =>
    together ? { ok: true, value: null } : { ok: false, problem: { code: "offline" } },
  );
  const { getByRole, queryByRole, again } = showFor([], save);
  await act(async () => void fireEvent.click(getByRole("checkbox")));
  expect(save).toHaveBeenLastCalledWith(true);
  expect(getByRole("status").textContent).toBe("Saved");
  expect(router.refresh).toHaveBeenCalledOnce();
  again(<BuyTogether group="packet" together pool={poolOf([], 0, prices)} nameOf={String} save={save} />);
  await act(async () => void fireEvent.click(getByRole("checkbox")));
  expect(save).toHaveBeenLastCalledWith(false);
  expect(queryByRole("alert")?.textContent).toMatch(/^✕ .{10,}/);
  expect(getByRole("status").textContent).toBe("");
  expect((getByRole("checkbox") as HTMLInputElement).checked).toBe(true);
  expect(router.refresh).toHaveBeenCalledOnce();
});
