import { fireEvent, waitFor } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { router } from "@/testing/navigation";
import { show } from "@/testing/screen";
import { Files, type TakeIn } from "./files";

const screen = (takeIn: TakeIn) =>
  show(
    <Files
      takeIn={takeIn}
      out={[{ href: "/library/values.csv", name: "Values (CSV)" }]}
      label="A file of values"
      nameOf={(row) => String(row[0])}
    />,
  );
const give = (screenShown: ReturnType<typeof screen>, text: string) =>
  fireEvent.change(screenShown.getByLabelText("A file of values"), {
    target: { files: [new File([text], "values.csv", { type: "text/csv" })] },
  });

it("takes a file in whole and says how many rows, or names each wrong row and gives them back", async () => {
  const takeIn = vi
    .fn<TakeIn>()
    .mockResolvedValueOnce({
      ok: true,
      value: {
        stored: 0,
        faults: [{ line: 3, row: ["kale", "-9"], problem: { code: "not-positive" } }] as never,
      },
    })
    .mockResolvedValueOnce({ ok: true, value: { stored: 2, faults: [] } });
  const shown = screen(takeIn);
  give(shown, "name,value\nkale,-9");
  await waitFor(() => expect(shown.text()).toContain("kale"));
  expect(takeIn).toHaveBeenCalledWith("name,value\nkale,-9");
  expect(shown.text()).toMatch(/✕ One row/);
  const made = vi.spyOn(URL, "createObjectURL").mockReturnValue("blob:x");
  fireEvent.click(shown.getByRole("button"));
  await waitFor(() => expect(made).toHaveBeenCalled());
  const [[file]] = made.mock.calls as unknown as [[Blob]];
  expect(await file.text()).toContain("kale");
  give(shown, "name,value\nkale,9");
  await waitFor(() => expect(shown.text()).toContain("✓"));
  expect(router.refresh).toHaveBeenCalled();
  expect(shown.text()).not.toContain("✕");
});

it("says why a file could not be taken in at all", async () => {
  const shown = screen(() => Promise.reject(new TypeError("no connection")));
  give(shown, "x");
  await waitFor(() => expect(shown.getByRole("alert").textContent).toMatch(/^✕ ./));
});
