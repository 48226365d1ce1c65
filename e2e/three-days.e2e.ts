import type { Page } from "puppeteer-core";
import { afterAll, beforeAll, expect, it } from "vitest";
import { freePort } from "../scripts/parts/machine.mjs";
import { serve } from "../scripts/parts/serve.mjs";
import { copyOf } from "../scripts/parts/throwaway.mjs";
import { openBrowser, openPage, planted, press, see, signedIn, surveyed, textOf, visit } from "./browser";

let opened: Awaited<ReturnType<typeof openBrowser>>;
let database: Awaited<ReturnType<typeof copyOf>>;
beforeAll(async () => {
  [opened, database] = await Promise.all([openBrowser(null), copyOf(process.env.DATABASE_URL!)]);
});
afterAll(async () => {
  await opened.close();
  await database.drop();
});

/** Does something on a phone on a day: the app is started on that day, and ended after it. */
async function on(
  today: string,
  port: number,
  path: string,
  act: (page: Page) => Promise<void>,
): Promise<void> {
  const env = { DATABASE_URL: database.url, PIP_ROW_TODAY: today };
  const server = serve("start", port, env, { quiet: true });
  try {
    await server.ready;
    const app = `http://127.0.0.1:${port}`;
    const page = await openPage(opened.browser, `${app}/sign-in`, 390, 844);
    // Whoever signed in on the first day still is on the others.
    if (page.url().includes("sign-in")) await signedIn(page, "ilva", app);
    await visit(page, `${app}${path}`);
    await act(page);
    await page.waitForNetworkIdle();
    await page.close();
  } finally {
    await server.stop();
  }
}

it("leads a household through its first three days on a phone: what was done stays done, and the next thing follows", async () => {
  const port = await freePort();
  const done = async (page: Page, what: string) => {
    await page.locator(`button::-p-text(Done ${what})`).click();
    await see(page, `Stored: ${what}`);
  };
  let days = "";
  await on("2026-05-18", port, "/households/new", async (page) => {
    days = `/house/${await surveyed(page, "Threeday")}/days`;
    await planted(page, "radish microgreens", "2026-05-19");
    await press(page, "Days");
    await see(page, "Fill it with");
    expect(await textOf(page, "main")).not.toContain("Top up with");
    await done(page, "Fill it with");
  });
  await on("2026-05-19", port, days, async (page) => {
    await see(page, "Sow radish microgreens");
    expect(await textOf(page, "main")).not.toContain("Fill it with");
    await done(page, "Top up with");
    await done(page, "Sow radish microgreens");
  });
  await on("2026-05-21", port, days, async (page) => {
    await see(page, "Mist radish microgreens");
    await see(page, "last on 18 May");
    const text = await textOf(page, "main");
    for (const over of ["Fill it with", "Top up with", "Sow radish", "Put a net"])
      expect(text).not.toContain(over);
    await done(page, "Look whether radish microgreens is up");
    await press(page, "Log");
    await see(page, "filled · 1");
    await see(page, "sown · ");
  });
});
