import { expect, it } from "vitest";
import { ownBrowser, openPage, press, see, surveyed, textOf, type, visit, planted, until } from "./browser";

const opened = ownBrowser();

it("goes from a plan to a kit that is bought and handed out, a filled and sown bag, and the sheet on paper", async () => {
  const page = await openPage(opened.browser, "/households/new", 390, 844);
  const id = await surveyed(page, "Parcelton");
  await planted(page, "radish", "2026-05-20");

  // What the plan takes, bought as shops sell it; another sack of feed is told apart from none.
  await press(page, "Kit");
  await see(page, "seed: radish");
  await see(page, "labels: what, and the day it was sown");
  await see(page, "A heap of");

  // Step by step, on cards with this bag's own amounts.
  await press(page, "Step by step");
  await see(page, "Fill bag 1");
  const [box] = await page.$$('main input[type="checkbox"]');
  await box!.click();
  await see(page, "1 of ");
  await press(page, "Start 15 minutes");
  await see(page, "14:5");
  // What was ticked is still so after the screen was left.
  await visit(page, `/house/${id}/steps`);
  await see(page, "1 of ");
  await page.locator("button::-p-text(All done: write it down Fill)").click();
  await see(page, "✓ Written down");
  await page.locator("button::-p-text(All done: write it down 1)").click();
  await until(page, () => document.body.innerText.split("✓ Written down").length === 3);
  await press(page, "Log");
  await see(page, "filled · 1");
  await see(page, "sown · ");

  const sheet = await page.evaluate(async (path) => {
    const answer = await fetch(path);
    return { type: answer.headers.get("content-type"), head: (await answer.text()).slice(0, 5) };
  }, `/house/${id}/sheet.pdf?paper=LETTER`);
  expect(sheet).toEqual({ type: "application/pdf", head: "%PDF-" });

  // On the hand-out: what is in store is not bought, and the labels are one file.
  await visit(page, "/kit");
  const stored = await page.waitForSelector('input[aria-label^="In store: fabric"]');
  await stored!.type("200");
  await page.keyboard.press("Tab");
  await see(page, "enough");
  await press(page, "Labels for the parcels (PDF)");
  await page.waitForSelector('a[href^="/prints/"]');
  const labels = await page.evaluate(async () =>
    (
      await (await fetch(document.querySelector<HTMLAnchorElement>('a[href^="/prints/"]')!.href)).text()
    ).slice(0, 5),
  );
  expect(labels).toBe("%PDF-");
  await page.close();
});

it("tells the weather, moves and warns by it, and shows the last known with its age when the service is silent", async () => {
  const page = await openPage(opened.browser, "/");
  const href = await page.$eval("main ul a::-p-text(Orvane)", (a) => a.getAttribute("href"));
  const days = `/house/${href!.split("/")[2]}/days`;
  const tells = async (mode: string) => {
    await visit(page, "/climate");
    const select = await page.waitForSelector('::-p-aria([name="The simulated service tells of"])');
    await select!.select(mode);
    await see(page, "Switched.");
    await visit(page, days);
  };
  await tells("heat-wave");
  await see(page, "may bolt, turn bitter or drop flowers");
  await tells("failing");
  await see(page, "The weather service does not answer. As it was told");
  // What it told before still stands.
  await see(page, "may bolt, turn bitter or drop flowers");
  await tells("usual");
  await see(page, "simulated");
  await page.close();
});

it("keeps what was typed of a recipe that makes no sense, and fills a bag with one that does", async () => {
  const page = await openPage(opened.browser, "/mixes");
  await type(page, "What you call it", "Quay mix");
  await press(page, "Add the recipe");
  await see(page, "A recipe needs at least one part.");
  await type(page, "sand", "-20 L");
  await press(page, "Add the recipe");
  await see(page, "✕");
  expect(await page.$eval('::-p-aria([name="What you call it"])', (e) => (e as HTMLInputElement).value)).toBe(
    "Quay mix",
  );
  await type(page, "sand", "1");
  await type(page, "compost", "3");
  await press(page, "Add the recipe");
  await see(page, "3 × compost · 1 × sand");
  await visit(page, "/?search=Pellomy");
  const href = await page.$eval("main ul a::-p-text(Pellomy)", (a) => a.getAttribute("href"));
  await visit(page, `/house/${href!.split("/")[2]}/bench`);
  await page.locator("section button[aria-pressed]").click();
  const filled = await page.waitForSelector('::-p-aria([name="Filled with"])');
  await filled!.select("own/Quay mix");
  await press(page, "Save");
  await visit(page, `/house/${href!.split("/")[2]}/bench`);
  await page.locator("section button[aria-pressed]").click();
  await see(page, "Quay mix");
  await page.close();
});

it("understands a text message, says what was stored, and takes it back", async () => {
  const page = await openPage(opened.browser, "/messages", 390, 844);
  await type(page, "Message", "pickd kale 120 g yesterday");
  await press(page, "Send it");
  await see(page, "Stored: picked leaf kale 120 g bag 1 17 May. Wrong? Answer UNDO.");
  await type(page, "Message", "picked kale 12");
  await press(page, "Send it");
  await see(page, "Nothing stored. 12 of what?");
  await type(page, "Message", "undo");
  await press(page, "Send it");
  await see(page, "Taken back.");
  await type(page, "Number", "+44 7700 900999");
  await type(page, "Message", "picked kale 1 kg");
  await press(page, "Send it");
  await see(page, "so nothing was stored");
  await see(page, "not kept: nobody here goes by that number");
  await page.close();
});

it("teaches a group from its own plans, and says what may be wrong with what is seen", async () => {
  const page = await openPage(opened.browser, "/groups");
  await type(page, "Name of the group", "Quay side");
  await press(page, "Add the group");
  await page.locator("main a::-p-text(Quay side)").click();
  await see(page, "A course of five lessons");
  await type(page, "Add a household: some of its name or number", "Drumm");
  await page.locator("button::-p-text(+ 10 Drummeld)").click();
  await see(page, "What each takes home");
  await see(page, "mix the heaps");
  await press(page, "Kit of this group");
  await see(page, "The order for one household");
  await visit(page, "/?search=Orvane");
  const href = await page.$eval("main ul a::-p-text(Orvane)", (a) => a.getAttribute("href"));
  await visit(page, `/house/${href!.split("/")[2]}/days`);
  await page.locator("summary::-p-text(Something looks wrong?)").click();
  const planting = await page.waitForSelector('::-p-aria([name="Which planting"])');
  const [, first] = await planting!.$$eval("option", (all) => all.map((o) => (o as HTMLOptionElement).value));
  await planting!.select(first!);
  const sign = await page.waitForSelector('::-p-aria([name="What you see"])');
  await sign!.select("wilting");
  await see(page, "thirsty");
  await press(page, "Write it down");
  await see(page, "✓ Written down");
  await press(page, "Log");
  await see(page, "wilting; likely:");
  expect(await textOf(page, "main")).toContain("note");
  await page.close();
});
