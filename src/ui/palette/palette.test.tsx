import { fireEvent, waitFor } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { here, router } from "@/testing/navigation";
import { show } from "@/testing/screen";
import { useActs } from "./acts";
import { Palette } from "./palette";

// What the document of these checks lacks, and a browser has.
Element.prototype.scrollIntoView = () => undefined;
class ResizeObserver {
  observe = () => undefined;
  unobserve = () => undefined;
  disconnect = () => undefined;
}
globalThis.ResizeObserver ??= ResizeObserver;

function Screen({ run, changes = true }: { run: () => void; changes?: boolean }) {
  useActs([{ name: "Stretch the tallest row", keys: "S", run }]);
  return (
    <Palette
      trigger={<button type="button">Find</button>}
      open
      changes={changes}
      onOpenChange={() => undefined}
    />
  );
}
const screen = (run = () => undefined as void) => {
  const asked = vi.fn(async () => Response.json({ households: [{ id: "h7", code: "07", name: "Quillow" }] }));
  vi.stubGlobal("fetch", asked);
  return { ...show(<Screen run={run} />), asked };
};

it("finds what can be done here, every screen, and households that the server finds", async () => {
  const run = vi.fn();
  const { findByText, getByPlaceholderText, getByText, asked } = screen(run);
  await findByText("07 Quillow");
  fireEvent.change(getByPlaceholderText("A household, a screen, or what to do"), {
    target: { value: "quil low" },
  });
  await waitFor(() =>
    expect(asked).toHaveBeenLastCalledWith("/households/search?q=quil%20low", expect.anything()),
  );
  fireEvent.change(getByPlaceholderText("A household, a screen, or what to do"), {
    target: { value: "tallest" },
  });
  fireEvent.click(getByText("Stretch the tallest row"));
  expect(run).toHaveBeenCalledTimes(1);
});

it("goes to a household's same screen from another household, and to its Bench from elsewhere", async () => {
  const elsewhere = screen();
  fireEvent.click(await elsewhere.findByText("07 Quillow"));
  expect(router.push).toHaveBeenCalledWith("/house/h7/bench");
  elsewhere.unmount();
  here.params = { id: "h1" };
  here.segments = ["house", "h1", "kit"];
  const within = screen();
  fireEvent.click(await within.findByText("07 Quillow"));
  expect(router.push).toHaveBeenLastCalledWith("/house/h7/kit");
});

it("offers those who may only look none of what changes the programme", () => {
  const whole = screen();
  const all = document.body.textContent ?? "";
  expect(all).toContain("Take in notes");
  expect(all).toContain("Survey a household");
  whole.unmount();
  show(<Screen run={() => undefined} changes={false} />);
  const some = document.body.textContent ?? "";
  expect(some).toContain("Findings");
  expect(some).not.toMatch(/Take in notes|Survey a household/);
});
