import type { Page } from "puppeteer-core";
import { beforeAll, expect, it } from "vitest";
import * as words from "@/ui/words/en";
import { expectAccessible, firstHouse, openPage, ownBrowser, see, visit } from "./browser";

/** A text that is missing, or cannot be said of its values, is shown as its path. */
const PATH = new RegExp(`\\b(${Object.keys(words).join("|")})\\.(?!csv|ics|pdf|zip)[a-z][\\w-]*`, "g");

async function expectSaid(page: Page, what: string): Promise<void> {
  const said = await page.$eval("body", (body) =>
    [...body.querySelectorAll("[aria-label]")].map((e) => e.ariaLabel).concat(body.innerText),
  );
  expect(said.join("\n").match(PATH), what).toBeNull();
}

const opened = ownBrowser();
let house: string;
let group: string;
let story: string;
beforeAll(async () => {
  house = await firstHouse(opened);
  const page = await openPage(opened.browser, "/groups");
  group = (await page.$eval("main ul a", (a) => a.getAttribute("href")))!;
  await visit(page, `/house/${house}/log`);
  story = (await page.$eval('main a[href*="/planting/"]', (a) => a.getAttribute("href")))!;
  await page.close();
});

const screens = () => [
  "/",
  "/library",
  "/climate",
  "/schools",
  "/prices",
  "/proposals",
  "/kit",
  "/nursery",
  "/days",
  "/groups",
  "/season",
  "/findings",
  "/side-by-sides",
  "/programmes",
  "/scale",
  "/people",
  "/notes",
  "/messages",
  group,
  "/mixes",
  "/households/new",
  ...["doorstep", "match", "bench", "kit", "steps", "days", "contrast", "garden", "log", "season"].map(
    (s) => `/house/${house}/${s}`,
  ),
  story,
  "/nowhere",
];

const LAPTOP = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

/** Holds what is shown against axe and against sideways scrolling, and its words, on a laptop and on a phone. */
async function expectAccessibleAtBoth(page: Page, what: string): Promise<void> {
  await expectSaid(page, what);
  await expectAccessible(page, `${what} on a laptop`);
  await page.setViewport(PHONE);
  // What is drawn to a width is drawn anew within a moment.
  await page
    .waitForFunction(() => document.documentElement.scrollWidth <= innerWidth, { timeout: 2000 })
    .catch(() => undefined);
  await expectSaid(page, what);
  await expectAccessible(page, `${what} on a phone`);
  await page.setViewport(LAPTOP);
}

it("no screen breaks a rule of axe or scrolls sideways, on a laptop or a phone, light or dark", async () => {
  const page = await openPage(opened.browser, "/");
  const theme = (value: string) => page.emulateMediaFeatures([{ name: "prefers-color-scheme", value }]);
  for (const path of screens()) {
    await theme("light");
    await visit(page, path);
    await expectAccessibleAtBoth(page, path);
    // The dark theme changes colours and nothing else, whatever the width.
    await theme("dark");
    await expectAccessible(page, `${path} dark`, ["color-contrast"]);
  }
  await page.close();
});

it("opened panels and dialogs do not either", async () => {
  const page = await openPage(opened.browser, `/house/${house}/match`);
  await page.locator("td button").click();
  await expectAccessibleAtBoth(page, "match panel");
  await visit(page, "/findings");
  await page.locator('[id="pak-choi/leaf"] button').click();
  await see(page, "From sowing until up");
  await page.waitForSelector('[id="pak-choi/leaf"] svg path');
  await expectAccessibleAtBoth(page, "a finding");
  await visit(page, `/house/${house}/bench`);
  await page.locator('button[aria-label^="pea"]').click();
  await expectAccessibleAtBoth(page, "planting panel");
  await visit(page, `/house/${house}/bench`);
  await page.locator("section button[aria-pressed]").click();
  await expectAccessibleAtBoth(page, "row panel");
  await page.locator('::-p-aria([name="Versions"])').click();
  await see(page, "Version 1");
  await expectAccessibleAtBoth(page, "versions");
  await visit(page, `/house/${house}/bench`);
  await page.locator('::-p-aria([name="Propose"])').click();
  await see(page, "Bags that may be bought");
  await expectAccessibleAtBoth(page, "proposals");
  await page.keyboard.press("Escape");
  await page.keyboard.down("Control");
  await page.keyboard.press("k");
  await page.keyboard.up("Control");
  await see(page, "Go to row 1");
  await expectAccessibleAtBoth(page, "commands");
  await page.close();
});
