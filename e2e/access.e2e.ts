import type { Page } from "puppeteer-core";
import { beforeAll, expect, it } from "vitest";
import { APP, firstHouse, openPage, ownBrowser, see, visit, until } from "./browser";

const opened = ownBrowser();
let house: string;
beforeAll(async () => void (house = await firstHouse(opened)));

/** Presses Tab until the focused element's name holds a text. */
async function tabTo(page: Page, name: string): Promise<void> {
  for (let i = 0; i < 120; i++) {
    await page.keyboard.press("Tab");
    const found = await page.evaluate((n) => {
      const e = document.activeElement as HTMLElement | null;
      return `${e?.getAttribute("aria-label") ?? ""} ${e?.textContent ?? ""}`.includes(n);
    }, name);
    if (found) return;
  }
  throw new Error(`no way to ${name} by keyboard`);
}

it("a crop is chosen, changed and undone by keyboard alone", async () => {
  const page = await openPage(opened.browser, `/house/${house}/match`);
  await tabTo(page, "fabric 15 gal:");
  const first = await page.evaluate(() => document.activeElement?.textContent);
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("ArrowRight");
  const moved = await page.evaluate(() => document.activeElement?.textContent);
  expect(first).toContain("fabric 15 gal:");
  expect(moved).toContain("tub 80 L, drilled:");
  expect(moved!.split(",")[0]).not.toBe(first!.split(",")[0]);
  await page.keyboard.press("Enter");
  await see(page, "Wanted on the table by");

  await visit(page, `/house/${house}/bench`);
  // The year's sums are there once the screen listens to keys.
  await see(page, "of food");
  await tabTo(page, "leaf kale × 2: sown");
  await page.keyboard.press("Enter");
  await until(page, () => document.activeElement?.closest("aside") !== null);
  // What the panel holds comes with a script of its own.
  await page.waitForSelector('::-p-aria([name="One plant more"])');
  await tabTo(page, "One plant more");
  await page.keyboard.press("Enter");
  await see(page, "leaf kale × 3");
  await see(page, "Not saved");
  await page.keyboard.down("Control");
  await page.keyboard.press("z");
  await page.keyboard.up("Control");
  await see(page, "leaf kale × 2");
  await see(page, "Version 1");
  await page.close();
});

it("answers bad addresses with a stable code", async () => {
  const page = await openPage(opened.browser, "/library");
  const answered = (path: string) =>
    page.evaluate(async (p) => {
      const response = await fetch(p);
      return { status: response.status, text: await response.text() };
    }, path);
  for (const id of ["00000000-0000-4000-8000-000000000000", "not-an-id"]) {
    const { status, text } = await answered(`/house/${id}/records.csv`);
    expect(status).toBe(404);
    expect(JSON.parse(text)).toEqual({ problem: { code: "not-found" } });
    expect((await answered(`/house/${id}/bench`)).status).toBe(404);
  }
  await page.close();
});

it("lets no other site frame a page, take its forms, or learn its address", async () => {
  for (const path of ["/", `/house/${house}/garden`, "/worker.js"]) {
    const { headers } = await fetch(APP + path);
    expect(headers.get("content-security-policy")).toContain("frame-ancestors 'none'");
    expect(headers.get("referrer-policy")).toBe("same-origin");
    expect(headers.get("x-content-type-options")).toBe("nosniff");
    expect(headers.get("x-powered-by")).toBeNull();
  }
});
