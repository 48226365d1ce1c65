import { expect, it } from "vitest";
import { ownBrowser, openPage, planted, press, see, surveyed, visit, until } from "./browser";

const opened = ownBrowser();

it("goes from a plan to a filled, sown and watered bag on a phone, each in one tap, and takes a tap back", async () => {
  const page = await openPage(opened.browser, "/households/new", 390, 844);
  const id = await surveyed(page, "Daybook");
  await visit(page, `/house/${id}/days`);
  await see(page, "Nothing is planned yet: choose crops first.");
  await press(page, "Choose crops in Match");

  await planted(page, "radish", "2026-05-20");
  await press(page, "Days");
  await see(page, "Fill it with");
  // The bag is wanted in two days: it is filled now, and what comes after is only told.
  await see(page, "from 20 May");
  const done = (what: string) => page.locator(`button::-p-text(Done ${what})`).click();
  await done("Fill it with");
  await see(page, "Stored: Fill it with");
  await press(page, "Undo it");
  await until(page, () => !document.body.innerText.includes("Stored: Fill it with"));
  await page.waitForSelector("button::-p-text(Done Fill it with)");
  await done("Fill it with");
  await see(page, "✓ Done");

  // On record of the whole bag, as the Log tells it; a bag that was filled is topped up once it has settled.
  await press(page, "Log");
  await see(page, "filled · 1 fabric");
  await see(page, "struck out");
  await press(page, "Days");
  await see(page, "Top up with about");

  // Sown two days early, it is sown: nobody asks for the sowing again. The bag was soaked when it was filled.
  await press(page, "Log");
  await page.locator('ul[aria-label="Due now"] button').click();
  await see(page, "Stored: sown");
  await press(page, "Days");
  await see(page, "No bag wants water today.");
  await see(page, "Mist radish");
  expect(await page.evaluate(() => document.body.innerText)).not.toContain("Sow radish");

  const file = await page.evaluate(async () => {
    const answer = await fetch(`${location.pathname}.ics`);
    return { type: answer.headers.get("content-type"), text: await answer.text() };
  });
  expect(file.type).toContain("text/calendar");
  expect(file.text).toContain("BEGIN:VEVENT");
  expect(file.text).not.toMatch(/SUMMARY:.*Water/);
  await page.close();
});

it("waters all bags that want it in one tap, and none of them again that day", async () => {
  const page = await openPage(opened.browser, "/?search=Tellick", 390, 844);
  const href = await page.$eval("main ul a::-p-text(Tellick)", (a) => a.getAttribute("href"));
  const days = `/house/${href!.split("/")[2]}/days`;
  await visit(page, days);
  // How large the cans are is the programme's own.
  await see(page, " cans of ");
  await press(page, "All watered");
  await see(page, "No bag wants water today.");
  await see(page, "Stored: watered");
  // Each bag's record is on its way by itself.
  await page.waitForNetworkIdle();
  await visit(page, days);
  await see(page, "last on 18 May");
  await see(page, "No bag wants water today.");
  await see(page, "Water to carry a week");
  await page.close();
});
