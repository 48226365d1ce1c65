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

/** Opens every screen at a size, and what opens on them: none breaks a rule of axe or scrolls sideways. */
export function walkThrough(width: number, height: number): void {
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

  it("no screen breaks a rule of axe or scrolls sideways, light or dark", async () => {
    const page = await openPage(opened.browser, "/", width, height);
    const theme = (value: string) => page.emulateMediaFeatures([{ name: "prefers-color-scheme", value }]);
    for (const path of screens()) {
      await theme("light");
      await visit(page, path);
      await expectSaid(page, path);
      await expectAccessible(page, `${path} light`);
      // The dark theme changes colours and nothing else, whatever the width.
      if (width < 1000) continue;
      await theme("dark");
      await expectAccessible(page, `${path} dark`, ["color-contrast"]);
    }
    await page.close();
  });

  it("opened panels and dialogs do not either", async () => {
    const page = await openPage(opened.browser, `/house/${house}/match`, width, height);
    await page.locator("td button").click();
    await expectAccessible(page, "match panel");
    await visit(page, "/findings");
    await page.locator('[id="pak-choi/leaf"] button').click();
    await see(page, "From sowing until up");
    await page.waitForSelector('[id="pak-choi/leaf"] svg path');
    await expectAccessible(page, "a finding");
    await visit(page, `/house/${house}/bench`);
    await page.locator('button[aria-label^="pea"]').click();
    await expectAccessible(page, "planting panel");
    await visit(page, `/house/${house}/bench`);
    await page.locator("section button[aria-pressed]").click();
    await expectAccessible(page, "row panel");
    await page.locator('::-p-aria([name="Versions"])').click();
    await see(page, "Version 1");
    await expectAccessible(page, "versions");
    await visit(page, `/house/${house}/bench`);
    await page.locator('::-p-aria([name="Propose"])').click();
    await see(page, "Bags that may be bought");
    await expectAccessible(page, "proposals");
    await page.keyboard.press("Escape");
    await page.keyboard.down("Control");
    await page.keyboard.press("k");
    await page.keyboard.up("Control");
    await see(page, "Go to row 1");
    await expectAccessible(page, "commands");
    await page.close();
  });
}
