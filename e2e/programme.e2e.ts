import { mkdirSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { expect, it } from "vitest";
import { downloaded, downloadedText, ownBrowser, openPage, press, see, type, visit, until } from "./browser";

const opened = ownBrowser();

it("lets a programme know better: previewed against its plans, with a reason, and back", async () => {
  const page = await openPage(opened.browser, "/library");
  await type(page, "Find a crop or a bag", "camote");
  await press(page, "sweet potato tops Ipomoea batatas");
  await type(page, "Find a crop or a bag", "chard");
  await press(page, "chard Beta vulgaris subsp. vulgaris, Cicla group");
  await press(page, "Change soil a plant, good: 2.5 L");
  await type(page, "This programme's value", "lots");
  await press(page, "What would it change?");
  await see(page, "No number could be read in “lots”.");
  await type(page, "This programme's value", "5 gal");
  await press(page, "What would it change?");
  await see(page, "01 Orvane, Row 2, chard:");
  await press(page, "Use this value");
  await see(page, "Say why, so that the next trainer can judge it.");
  await type(page, "Reason", "bottles dried out by noon");
  await press(page, "Use this value");
  await see(page, "▲ 19 L");
  await see(page, "one value is this programme's own");
  await press(page, "Change soil a plant, good: 19 L");
  await press(page, "Back to 2.5 L");
  await see(page, "none of their values is changed here");
  await page.close();
});

it("chooses a school for the programme and another for a bag, and sees what each changes", async () => {
  const page = await openPage(opened.browser, "/schools");
  await page.locator('::-p-aria([name="Stones up the middle of towers"])').fill("none");
  await see(page, "the bottom rings can starve of water");
  await see(page, "What that changes, in");
  await see(page, "No planting gets another verdict, count or date");
  await page.locator('::-p-aria([name="Size of bags"])').fill("one-up");
  await see(page, "plantings change");
  await page.locator('::-p-aria([name="Size of bags"])').fill("");
  await press(page, "Save the schools");
  await see(page, "Saved. Every plan follows them.");

  await visit(page, "/");
  await press(page, "Orvane");
  await until(page, () => location.pathname.endsWith("/log"));
  await visit(page, (await page.evaluate(() => location.pathname)).replace("/log", "/bench"));
  await see(page, "111 L");
  await page.locator('section[aria-label="Row 4"] button[aria-pressed]').click();
  await page.locator("aside details > summary").click();
  await page.locator('::-p-aria([name="Stones up the middle of towers"])').fill("stones");
  await see(page, "103 L");

  await visit(page, "/schools");
  await page.locator('::-p-aria([name="Stones up the middle of towers"])').fill("");
  await press(page, "Save the schools");
  await see(page, "Saved. Every plan follows them.");
  await page.close();
});

it("moves the town: found by name, twelve months pasted, and back to the profile", async () => {
  const page = await openPage(opened.browser, "/climate");
  await see(page, "Nights of 15.5 °C and more (warm crops)");
  await type(page, "Find a town", "ushuaia");
  await press(page, "Find");
  await page.locator("::-p-text(Ushuaia)").click();
  expect(await page.$eval('::-p-aria([name="Latitude"])', (e) => (e as HTMLInputElement).value)).toContain(
    "-54.",
  );
  await type(page, "Mean lowest of the day, January to December", "6 6 4 2 0 -1 -2 -1 1 2 4");
  await see(page, "11 numbers were read; it takes twelve");
  await type(page, "Mean lowest of the day, January to December", "6 6 4 2 0 -1 -2 -1 1 2 4 5");
  await type(
    page,
    "Mean highest of the day, January to December",
    "15, 14, 12, 10, 7, 5, 5, 6, 8, 11, 12, 14",
  );
  await see(page, "Nights that can freeze");
  await press(page, "Save the climate");
  await see(page, "Saved. Every plan follows it.");
  await press(page, "Back to Larkmouth: mild wet winter, dry warm summer, 37° N");
  await see(page, "Saved. Every plan follows it.");
  await page.close();
});

it("takes values in from a file, or names each wrong row and gives them back", async () => {
  const page = await openPage(opened.browser, "/library");
  const file = join(opened.downloads, "own.csv");
  mkdirSync(opened.downloads, { recursive: true });
  const offer = async (content: string) => {
    writeFileSync(file, content);
    await (await page.$('input[type="file"]'))!.uploadFile(file);
  };
  await offer(
    "name,value,reason\ncrop/kale/heatC,31,hot roofs\ncrop/kale/germination,1.4,packet\ncrop/mango/heatC,30,none\n",
  );
  await see(page, "2 rows are wrong, so nothing was stored:");
  await see(page, "Line 3 crop/kale/germination: With this value the profile makes no sense");
  await see(page, "none of their values is changed here");
  await press(page, "The refused rows as a file");
  expect((await downloaded(opened, "refused-rows.csv")).map((r) => [r.line, r.problem])).toEqual([
    ["3", "override-senseless"],
    ["4", "value-unknown"],
  ]);

  await visit(page, "/library");
  await offer("name,value,reason\ncrop/kale/heatC,31,hot roofs\n");
  await see(page, "One row was taken in.");
  await press(page, "All values (JSON)");
  await downloadedText(opened, "library-values.json").then((text) =>
    expect(JSON.parse(text).values).toContainEqual({
      name: "crop/kale/heatC",
      shipped: 33,
      source: "assumption",
      value: 31,
      reason: "hot roofs",
    }),
  );
  await type(page, "Find a crop or a bag", "borecole");
  await see(page, "leaf kale ▲ own value");
  await page.locator("main li button[aria-pressed]").click();
  await press(page, "Change heat that spoils it: 31 °C");
  await press(page, "Back to 33 °C");
  await see(page, "none of their values is changed here");
  await page.close();
});

it("computes the town's months from a daily weather file, and asks for a column that it cannot tell", async () => {
  const page = await openPage(opened.browser, "/climate");
  const file = join(opened.downloads, "weather.csv");
  mkdirSync(opened.downloads, { recursive: true });
  const days = Array.from({ length: 365 }, (_, i) =>
    new Date(Date.UTC(2025, 0, 1 + i)).toISOString().slice(0, 10),
  );
  const row = (day: string) => `${day},${50 + Number(day.slice(5, 7))},${70 + Number(day.slice(5, 7))}`;
  writeFileSync(file, ["date,night,A", ...days.map(row), "2025-13-01,1,2", ""].join("\n"));
  await (await page.$('input[type="file"]'))!.uploadFile(file);
  await see(page, "No column was recognised for: lowest, highest.");
  await page.locator('::-p-aria([name="Lowest"])').fill("night");
  await page.locator('::-p-aria([name="Highest"])').fill("A");
  await see(page, "365 days of one year; no day is missing, one line was passed over.");
  await see(page, "Line 367: Not a day of the calendar.");
  // The summers of over 60 tell that these are °F: 51 °F in January is 10.6 °C.
  const lows = await page.$eval("textarea", (e) => (e as HTMLTextAreaElement).value);
  expect(lows.split(/\s+/).slice(0, 2)).toEqual(["10.6", "11.1"]);
  await page.close();
});
