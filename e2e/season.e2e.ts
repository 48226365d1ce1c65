import type { Page } from "puppeteer-core";
import { expect, it } from "vitest";
import {
  choose,
  downloaded,
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

async function log(page: Page, kind: string, amount: string): Promise<void> {
  await press(page, kind);
  await type(page, "How much", amount);
  await press(page, "Save record");
  await see(page, `Stored: ${kind}`);
}

it("goes from an empty household to a logged harvest and its CSV", async () => {
  const page = await openPage(opened.browser, "/");
  const id = await survey(page, "Windrush");

  // Match begins with what fits and is eaten, and knows everything on demand.
  await see(page, "12 crops that this household eats and that fit now, in 3 bags");
  await press(page, "Show all 129 crops and uses");
  await page.locator('::-p-aria([name="Bags"])').fill("buy");
  await see(page, "129 crops and uses against 25 bags");
  await type(page, "Find a crop", "pak");
  await page.locator('::-p-aria([name="pak choi, leaf, fabric 10 gal: 9 plants, right"])').click();
  await see(page, "It fits: nothing is missing.");
  await press(page, "Put into the plan");
  await see(page, "pak choi, leaf is in the plan, row 1.");
  await press(page, "Open the Bench");

  // Everything follows a change at once.
  await see(page, "33 L of mix");
  await page.locator('button[aria-label^="pak choi, leaf × 9"]').click();
  await press(page, "One plant more");
  await see(page, "pak choi, leaf × 10");
  await see(page, "for 9 at 15 cm, for 14 crowded");
  await see(page, "It works with care.");
  await press(page, "Make it 9");
  await see(page, "It fits: nothing is missing.");
  await pickDate(page, "Sown", "2026-05-11");
  await press(page, "Undo");
  await press(page, "Redo");
  await press(page, "Save");
  await see(page, "Saved, version 2");
  await visit(page, `/house/${id}/bench`);
  await see(page, "Version 2");
  expect(
    await page.$eval('button[aria-label^="pak choi, leaf × 9"]', (e) => e.getAttribute("aria-label")),
  ).toContain("sown 11 May");

  // The log, with a correction as a new record.
  await visit(page, `/house/${id}/log`);
  await log(page, "sown", "12");
  await log(page, "up", "10");
  await log(page, "picked", "4200 g");
  await see(page, "Picked so far: 4.2 kg");
  await page.locator("ol li:first-child ::-p-aria([name='Correct'])").click();
  await see(page, "Correcting the record of 18 May");
  await type(page, "How much", "420 g");
  await press(page, "Save the correction");
  await see(page, "Picked so far: 420 g");
  await log(page, "picked", "3 bunches");
  await press(page, "lost");
  await type(page, "How much", "1");
  await type(page, "Note", 'snail, "the big one"');
  await press(page, "Save record");
  await see(page, "Stored: lost");

  await press(page, "Records as CSV");
  const households: string = await page.$eval("main h1", (e) => e.textContent ?? "");
  const code = /\d\d/.exec(households)![0];
  const rows = await downloaded(opened, `records-house-${code}.csv`);
  expect(rows.map((r) => [r.kind, r.measure, r.value, r.core_unit, r.typed, r.stands])).toEqual([
    ["sown", "count", "12", "1", "12", "1"],
    ["up", "count", "10", "1", "10", "1"],
    ["picked", "mass", "4.2", "kg", "4200 g", "0"],
    ["picked", "mass", "0.42", "kg", "420 g", "1"],
    ["picked", "bunches", "3", "bunch", "3 bunches", "1"],
    ["lost", "count", "1", "1", "1", "1"],
  ]);
  expect(rows[0]).toMatchObject({
    household: code,
    date: "2026-05-18",
    crop: "pak-choi",
    goal: "leaf",
    bag: "round-10-gal",
    author: "Ilva Renn",
  });
  expect(rows[3]!.supersedes).toBe(rows[2]!.record_id);
  expect(rows[5]!.note).toBe('snail, "the big one"');

  // The plan hears the records: sown a week after its planned day, it stands so on the Bench.
  await visit(page, `/house/${id}/bench`);
  const heard = await page.$eval('button[aria-label^="pak choi, leaf × 9"]', (e) =>
    e.getAttribute("aria-label"),
  );
  expect(heard).toContain("sown 18 May");
  expect(heard).toContain("on record to 18 May");

  await visit(page, "/");
  await press(page, "All records (CSV)");
  const all = await downloaded(opened, "records.csv");
  expect(all.filter((r) => r.household === code)).toEqual(rows);
  await page.close();
});

it("counts back from a wanted meal, finds the next right day, and speaks in either system of units", async () => {
  const page = await openPage(opened.browser, "/");
  await survey(page, "Backwards");
  await pickDate(page, "Sow on", "2026-05-18");
  await type(page, "Find a crop", "lettuce, heads");
  await page.locator('::-p-aria([name="lettuce, heads, fabric 10 gal: 3 plants, wrong season"])').click();
  await see(page, "before its first pick: it bolts or fails");
  const next = await page.$eval("aside ::-p-text(Sow ):is(button)", (button) => button.textContent ?? "");
  await press(page, next);
  await see(page, "nights and heat suit it");

  await pickDate(page, "Wanted on the table by", "2026-12-20");
  await see(page, "at the latest.");
  await press(page, "Sow on that day");
  const sown = await page.$eval('input[type="date"]', (input) => (input as HTMLInputElement).value);
  expect(sown > "2026-09-01" && sown < "2026-12-01").toBe(true);
  const first = /^\d+ \w+/.exec(await textOf(page, "tbody tr td"))![0];
  expect(new Date(`${first} 2026`) <= new Date("20 Dec 2026")).toBe(true);

  await page.locator('::-p-aria([name="Units"])').fill("us");
  await see(page, "8.7 gal");
  await page.locator('::-p-aria([name="Units"])').fill("metric");
  await see(page, "33 L");
  await page.close();
});

it("says what is wrong beside the field, and keeps all that was typed", async () => {
  const page = await openPage(opened.browser, "/households/new");
  await type(page, "Household's name", "Typo");
  await type(page, "Adults", "two");
  await type(page, "Length", "1,500 cm");
  await type(page, "Width", "12");
  await type(page, "Floor's load limit, if somebody has given one", "40 kg");
  await press(page, "Save and choose crops");
  await see(page, "A whole number from 0 to 30.");
  await see(page, "“1,500” could be 1.5 or 1500: write it without the comma.");
  await see(page, "12 of what? Write a unit: 30 cm, 14 in, 1 ft 6 in.");
  await see(page, "“40 kg” was read as a weight; here goes a load.");
  const values = await page.$$eval("input[type=text]", (inputs) =>
    inputs.map((i) => (i as HTMLInputElement).value),
  );
  expect(values).toEqual(expect.arrayContaining(["Typo", "two", "1,500 cm", "12", "40 kg"]));

  const id = await survey(page, "Sorrel");
  await visit(page, `/house/${id}/log`);
  await see(page, "only notes can be kept");
  await press(page, "Save record");
  await see(page, "Write the note.");
  await press(page, "picked");
  await type(page, "How much", "12");
  await press(page, "Save record");
  await see(page, "12 of what? Write 12 g, 12 pieces or 12 bunches.");
  await see(page, "Choose the planting that this is about.");

  await visit(page, `/house/${id}/bench`);
  await press(page, "Add a bag");
  await type(page, "Rim left free", "all");
  await see(page, "No number could be read in “all”.");
  await type(page, "Diameter", "25 cm");
  await see(page, "The label says 38 L, its measures give 15 L");
  await page.close();
});

it("follows what a household eats and brings, and what things cost", async () => {
  const page = await openPage(opened.browser, "/");
  const id = await survey(page, "Hungry");
  await visit(page, `/house/${id}/doorstep`);
  for (const fold of ["What they eat", "What they bring"])
    await page.locator(`summary b::-p-text(${fold})`).click();
  await page.locator('::-p-aria([name="greens and leaves"])').fill("daily");
  await choose(page, "Must be there", "strawberry");
  await choose(page, "Nobody touches", "kale");
  await type(page, "Cells to raise seedlings in", "0");
  await type(page, "Money for bags, mix and seed, EUR", "lots");
  await press(page, "Save the survey");
  await see(page, "No amount of money could be read in “lots”.");
  await type(page, "Money for bags, mix and seed, EUR", "45,50");
  await press(page, "Save the survey");
  await see(page, "Survey saved.");

  await visit(page, `/house/${id}/match`);
  await press(page, "Show all 129 crops and uses");
  await page.locator('::-p-aria([name="Sort by"])').fill("tastes");
  await until(page, () => document.querySelector("tbody th")?.textContent?.startsWith("strawberry"));
  await page.locator('::-p-aria([name="Tastes"])').fill("liked");
  expect(await textOf(page, "tbody")).not.toContain("leaf kale");
  await type(page, "Find a crop", "pak choi, leaf");
  // Without trays the tray is no way to start.
  await see(page, "bought seedlings");

  await visit(page, "/prices");
  await type(page, "Find an item", "pak choi");
  await type(page, "Price of pak choi (Seed packet), EUR", "cheap");
  await page.keyboard.press("Tab");
  await see(page, "No amount of money could be read in “cheap”.");
  await type(page, "Find an item", "");
  const together = '::-p-aria([name="Bought together, weighed out by the gram"])';
  const isChosen = () => page.$eval(together, (box) => (box as HTMLInputElement).checked);
  expect(await isChosen()).toBe(true);
  await page.locator(together).click();
  await see(page, "Saved");
  await visit(page, "/prices");
  expect(await isChosen()).toBe(false);
  await page.locator(together).click();
  await see(page, "Saved");
  await page.close();
});

it("keeps records on the device while there is no connection, and sends them when it is back", async () => {
  const page = await openPage(opened.browser, "/");
  const id = await survey(page, "Nosignal");
  await visit(page, `/house/${id}/log`);
  await page.setOfflineMode(true);
  await type(page, "Note", "written without signal");
  await press(page, "Save record");
  await see(page, "One record waits on this device");
  // Back in reach, it goes by itself.
  await page.setOfflineMode(false);
  await see(page, "“written without signal”");
  expect(await textOf(page, "main")).not.toContain("waits on this device");
  await page.close();
});
