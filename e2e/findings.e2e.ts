import { readFileSync } from "node:fs";
import { join } from "node:path";
import { parse } from "csv-parse/sync";
import { expect, it } from "vitest";
import {
  openBrowser,
  ownBrowser,
  openPage,
  press,
  see,
  signedIn,
  textOf,
  type,
  visit,
  until,
} from "./browser";

const opened = ownBrowser();

it("leads from a sentence to its picture and its table, to what it would change, and to a file of one season", async () => {
  const page = await openPage(opened.browser, "/findings");
  await page.locator("main ul button ::-p-text(pak choi, leaf is up in)").click();
  await see(page, "From sowing until up");
  await page.waitForSelector('[id="pak-choi/leaf"] svg path');
  await page.locator('[id="pak-choi/leaf"] summary').click();
  await see(page, "share so far");
  await see(page, "What became of them");
  await see(page, "Beside each other");
  // Looked at and not taken: nothing is changed by looking.
  await page.locator('[id="pak-choi/leaf"] button ::-p-text(What it changes in all plans)').click();
  await page.waitForSelector('[id="pak-choi/leaf"] table, [id="pak-choi/leaf"] [role=status]');
  await visit(page, "/library");
  expect(await textOf(page, "main")).not.toContain("from our own records");

  await visit(page, "/findings");
  const all = /What (\d+) plantings/.exec(await textOf(page, "main"))![1];
  await page.select('::-p-aria([name="Season"])', "2025");
  await until(page, () => location.search === "?year=2025");
  await until(page, (n) => !document.body.innerText.includes(`What ${n} plantings`), all);
  const some = /What (\d+) plantings/.exec(await textOf(page, "main"))![1];
  expect(Number(some)).toBeLessThan(Number(all));
  await page.locator("a::-p-text(Findings (CSV))").click();
  const file = join(opened.downloads, "findings.csv");
  await expect.poll(() => readFileSync(file, "utf8"), { timeout: 20_000 }).toContain("days_to_up");
  const rows: { plantings: string }[] = parse(readFileSync(file, "utf8"), { columns: true });
  expect(rows.reduce((sum, { plantings }) => sum + Number(plantings), 0)).toBe(Number(some));
  await page.close();
});

it("keeps what was typed of a side-by-side that cannot be begun, and says why", async () => {
  const page = await openPage(opened.browser, "/side-by-sides", 390, 844);
  await see(page, "under straw gives");
  await type(page, "One way", "deep");
  await type(page, "The other way", "level");
  await press(page, "Begin, and let chance say which");
  await see(page, "✕");
  await type(page, "What is asked", "Deep or level?");
  await press(page, "Begin, and let chance say which");
  await see(page, "fewer than 6 pairs can tell nothing");
  expect(await page.$eval('::-p-aria([name="One way"])', (e) => (e as HTMLInputElement).value)).toBe("deep");
  await page.close();
});

it("shows somebody who only reads one table for all, and no household's name", async () => {
  const other = await openBrowser(null);
  const page = await other.browser.newPage();
  await signedIn(page, "desk");
  await visit(page, "/findings?year=2025");
  await see(page, "of three households and more");
  const text = await textOf(page, "main");
  expect(text).toMatch(/pak choi, leaf \d+ \d+ days/);
  expect(text).not.toMatch(/Orvane|Braskel|Tellick/);
  const answer = await page.goto(new URL("/findings.csv", page.url()).href);
  expect(answer!.status()).toBeGreaterThanOrEqual(400);
  await other.close();
});
