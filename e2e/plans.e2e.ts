import type { ElementHandle, Page } from "puppeteer-core";
import { expect, it } from "vitest";
import {
  choose,
  ownBrowser,
  openPage,
  pickDate,
  press,
  see,
  survey,
  textOf,
  type,
  visit,
  until,
} from "./browser";

const opened = ownBrowser();

it("tells the second of two tabs that save the same plan, and neither loses work", async () => {
  const first = await openPage(opened.browser, "/households/new");
  const id = await survey(first, "Twotabs");
  await visit(first, `/house/${id}/bench`);
  const second = await openPage(opened.browser, `/house/${id}/bench`);
  await press(first, "Add a bag");
  await press(first, "Save");
  await see(first, "Saved, version 1");
  await press(second, "Add a bag");
  await press(second, "Add a bag");
  await press(second, "Save");
  await see(second, "Saved elsewhere meanwhile");
  await see(second, "Ilva Renn saved version 1 after you opened version 0.");
  await press(second, "Take theirs, set mine aside");
  await see(second, "1 bag");
  await press(second, "Versions");
  await see(second, "set aside at version 0");
  await press(second, "Open");
  await see(second, "2 bags");
  await press(second, "Save");
  await see(second, "Saved, version 2");
  await first.close();
  await second.close();
});

it("names a clash in a bag with its dates, and cures it with one press", async () => {
  const page = await openPage(opened.browser, "/");
  const id = await survey(page, "Crowded");
  await visit(page, `/house/${id}/bench`);
  await press(page, "Add a bag");
  await press(page, "Add a planting");
  await choose(page, "Crop, and what for", "cabbage, standard");
  await pickDate(page, "Sown", "2026-01-10");
  await page.locator('section[aria-label="Row 1"] button[aria-pressed]').click();
  await press(page, "Add a planting");
  await choose(page, "Crop, and what for", "radish");
  await type(page, "Plants", "20");
  await pickDate(page, "Sown", "2026-02-15");
  await see(page, "In each other's way");
  await see(page, "apart and want");
  await page.locator("aside ::-p-text(Pull radish by)").click();
  await until(page, () => !document.querySelector("aside")!.innerText.includes("In each other's way"));
  await see(page, "Not saved");
  await page.close();
});

it("proposes a garden, keeps a pinned row, mends the rest, and moves by hand", async () => {
  const page = await openPage(opened.browser, "/");
  const id = await survey(page, "Planned");
  await visit(page, `/house/${id}/bench`);
  const propose = async (start: string) => {
    await press(page, "Propose");
    await press(page, start);
    await until(page, () =>
      document.querySelector('[role="dialog"]')!.textContent!.includes("Look at it on the Bench"),
    );
    await press(page, "Stop, keep the best so far");
    await see(page, "Stopped. What had been found until then is below.");
    // Nothing is searched any more.
    expect(await page.$('[role="dialog"] [role="progressbar"]')).toBeNull();
    const shown = await textOf(page, '[role="dialog"]');
    await new Promise((resolve) => setTimeout(resolve, 1000));
    expect(await textOf(page, '[role="dialog"]')).toBe(shown);
  };
  await propose("Work out three gardens");
  await see(page, "the best that is possible with the");
  await page.locator('section[aria-label="Soonest food"] button').click();
  await see(page, "It is not the plan until you save it.");
  const titles = (row: number) =>
    page.$$eval(`section[aria-label="Row ${row}"] [data-strip] button`, (bars) =>
      bars.map((b) => b.ariaLabel),
    );
  const [first, second] = [await titles(1), await titles(2)];
  expect(first.length).toBeGreaterThan(0);

  // One pin: a mending that leaves out what the second row has keeps the first as it is.
  await page.locator('section[aria-label="Row 1"] button[aria-pressed]').click();
  await page.locator("aside ::-p-text(Pin this row)").click();
  await see(page, "pinned");
  const refused = /^(.*?)( ×|:)/.exec(second[0]!)![1]!.split(",")[0]!.replace("leaf ", "");
  await press(page, "Propose");
  await page.locator('::-p-aria([name="What is wanted"])').fill("repair");
  await page.locator('[role="dialog"] button[aria-label^="Leave out"]').click();
  await page.waitForSelector("[cmdk-item]");
  await page.$$eval(
    "[cmdk-item]",
    (all, name) =>
      ((all.find((o) => name.includes(o.textContent?.trim() || "?")) ?? all[1]) as HTMLElement).click(),
    refused,
  );
  await press(page, "Close");
  await propose("Work out the mending");
  await page.locator('section[aria-label="mend the plan, change little"] button').click();
  expect(await titles(1)).toEqual(first);

  // One drag: the bar goes to a later day, and by the arrow key back by a week.
  const bar = (await page.$('section[aria-label="Row 2"] [data-strip] button'))!;
  const before = await bar.evaluate((b) => b.ariaLabel!);
  await bar.evaluate((b) => b.scrollIntoView({ block: "center", behavior: "instant" }));
  const box = (await bar.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 40, box.y + box.height / 2, { steps: 5 });
  await page.mouse.up();
  await until(
    page,
    (title) =>
      document.querySelector<HTMLElement>('section[aria-label="Row 2"] [data-strip] button')!.ariaLabel !==
      title,
    before,
  );
  await press(page, "Undo");
  await until(
    page,
    (title) =>
      document.querySelector<HTMLElement>('section[aria-label="Row 2"] [data-strip] button')!.ariaLabel ===
      title,
    before,
  );
  await (await page.$('section[aria-label="Row 2"] [data-strip] button'))!.focus();
  await page.keyboard.press("ArrowRight");
  await until(
    page,
    (title) =>
      document.querySelector<HTMLElement>('section[aria-label="Row 2"] [data-strip] button')!.ariaLabel !==
      title,
    before,
  );

  // Every bag of the proposal has its spot on the floor; one is moved by keyboard, and all of it saved.
  const spot = await page.waitForSelector("section > svg g[role=button]");
  const at = await spot!.evaluate((g) => g.getAttribute("aria-label")!);
  await spot!.evaluate((g) => (g as unknown as SVGElement).focus());
  for (let i = 0; i < 4; i++) await page.keyboard.press("ArrowLeft");
  await until(
    page,
    (label) => document.querySelector("section > svg g[role=button]")!.getAttribute("aria-label") !== label,
    at,
  );
  await press(page, "Save");
  await see(page, "Saved, version");
  const saved = await titles(2);
  await visit(page, `/house/${id}/bench`);
  expect(await titles(2)).toEqual(saved);
  expect(await page.$$eval("section > svg g[role=button]", (all) => all.length)).toBeGreaterThan(0);
  await page.close();
});

it("finds what can be done by name, and holds a named version beside the plan", async () => {
  const page = await openPage(opened.browser, "/");
  const id = await survey(page, "Keys");
  await visit(page, `/house/${id}/bench`);
  await page.keyboard.down("Control");
  await page.keyboard.press("k");
  await page.keyboard.up("Control");
  await page.locator('[role="dialog"] input').fill("Add a bag");
  await page.keyboard.press("Enter");
  await see(page, "Row 1");
  await press(page, "Save");
  await see(page, "Saved, version 1");
  await press(page, "Add a bag");
  await press(page, "Versions");
  await type(page, "Name of version 1", "before the towers");
  await page.keyboard.press("Tab");
  await page.locator('[role="dialog"] b::-p-text(before the towers)').wait();
  await press(page, "Hold beside");
  await see(page, "as it is now");
  await see(page, "The plantings are the same.");
  expect(await textOf(page, '[role="dialog"] table')).toMatch(/bags 1 2/);
  await press(page, "Close");
  // A crop from the shelf, dragged onto a season, is planted there.
  await page.locator('section[aria-label="Row 1"] button[aria-pressed]').click();
  await page.locator("summary::-p-text(What could go in here)").click();
  await type(page, "Find a crop by name", "camote");
  await until(page, () =>
    [...document.querySelectorAll("aside li button[data-crop]")].every((b) =>
      b.textContent!.includes("sweet potato"),
    ),
  );
  const crop = await page.waitForSelector("aside li button[data-crop]");
  const strip = await page.$('section[aria-label="Row 2"] [data-strip]');
  await dragOnto(page, crop!, strip!, [0.5, 0.2]);
  await page.waitForSelector('section[aria-label="Row 2"] [data-strip] button');
  // Dragged onto a part of a bag's top, it keeps to that part.
  await page.locator('section[aria-label="Row 1"] button[aria-pressed]').click();
  await page.locator("summary::-p-text(What could go in here)").click();
  const top = await page.$('section[aria-label="Row 1"] svg[aria-label^="From above"]');
  await dragOnto(page, (await page.waitForSelector("aside li button[data-crop]"))!, top!, [0.88, 0.5]);
  await see(page, "in the half round it");
  // Left alone, the plan is saved by itself.
  await until(page, () => document.body.innerText.includes("Saved by itself, version 2"));
  await page.close();
});

it("keeps an unsaved plan over a reload, and lets undo bring back what was saved", async () => {
  const page = await openPage(opened.browser, "/");
  const id = await survey(page, "Reload");
  await visit(page, `/house/${id}/bench`);
  await press(page, "Add a bag");
  await press(page, "Add a planting");
  await see(page, "Not saved");
  const planned = await page.$eval("section button[aria-keyshortcuts]", (e) => e.getAttribute("aria-label"));
  await page.reload({ waitUntil: "networkidle0" });
  await see(page, "Not saved");
  expect(await page.$eval("section button[aria-keyshortcuts]", (e) => e.getAttribute("aria-label"))).toBe(
    planned,
  );
  await press(page, "Undo");
  await see(page, "No row yet.");
  await see(page, "Never saved");
  await page.close();
});

it("warns of a load over the limit on the row and in the totals, with the words of caution", async () => {
  const page = await openPage(opened.browser, "/");
  const id = await survey(page, "Heavy");
  await visit(page, `/house/${id}/bench`);
  await press(page, "Add a bag");
  await page.locator('::-p-aria([name="Bag"])').fill("tower-100");
  await see(page, "over the limit on its own spot");
  const totals = await textOf(page, "main");
  expect(totals).toContain("Ask the building's owner or a licensed engineer");
  expect(totals).toContain("on its spot");
  await press(page, "Add a bag");
  await page.locator('::-p-aria([name="Bag"])').fill("tower-100");
  await see(page, "The whole plan is over the floor's limit");
  await page.close();
});

/** Drags something and lets it go over another, at shares of its width and height. */
async function dragOnto(page: Page, thing: ElementHandle, target: ElementHandle, [x, y]: [number, number]) {
  await thing.evaluate((e) => e.scrollIntoView({ block: "center" }));
  await target.evaluate((e) => e.scrollIntoView({ block: "center" }));
  const from = (await thing.boundingBox())!;
  const to = (await target.boundingBox())!;
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(to.x + x * to.width, to.y + y * to.height, { steps: 8 });
  // A hand rests for a moment over where it lets go.
  await new Promise((resolve) => setTimeout(resolve, 250));
  await page.mouse.up();
}
