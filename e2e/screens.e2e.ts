import { getDocument } from "pdfjs-dist/legacy/build/pdf.mjs";
import { beforeAll, describe, expect, it } from "vitest";
import {
  APP,
  firstHouse,
  openPage,
  ownBrowser,
  planted,
  press,
  see,
  surveyed,
  type,
  visit,
  until,
} from "./browser";

const opened = ownBrowser();
let house: string;
beforeAll(async () => void (house = await firstHouse(opened)));

const SIZES = [
  [1280, 800],
  [390, 844],
] as const;

describe.each(SIZES)("at %i × %i", (width, height) => {
  it("leads a new household from the door to its first record in at most 20 taps", async () => {
    const page = await openPage(opened.browser, "/", width, height);
    let taps = 0;
    await page.exposeFunction("tapped", () => void taps++);
    await page.evaluateOnNewDocument(() => {
      for (const kind of ["click", "change"])
        document.addEventListener(
          kind,
          () => void (window as unknown as { tapped: () => void }).tapped(),
          true,
        );
    });
    await visit(page, "/");
    await press(page, "Survey a household");
    await page.waitForSelector("form");
    await surveyed(page, `Quick ${width}`);
    await page.locator("[data-cell]").click();
    await press(page, "Put into the plan");
    await see(page, "is in the plan, row 1.");
    await press(page, "Log");
    await page.locator('ul[aria-label="Due now"] button').click();
    await see(page, "Stored: sown");
    expect(taps).toBeGreaterThan(8);
    expect(taps).toBeLessThanOrEqual(20);
    // A tap too many is taken back.
    await press(page, "Undo it");
    await see(page, "Stored: struck out");
    await page.close();
  });

  it("is never wider than the screen, with a name of 80 letters too", async () => {
    const page = await openPage(opened.browser, "/households/new", width, height);
    const id = await surveyed(page, `Long${width}${"w".repeat(76 - String(width).length)}`);
    for (const path of [
      "/",
      "/proposals",
      "/kit",
      ...["doorstep", "match", "bench", "kit", "days", "log", "garden"].map((p) => `/house/${id}/${p}`),
    ]) {
      await visit(page, path);
      const [wide, screen] = await page.evaluate(() => [document.documentElement.scrollWidth, innerWidth]);
      expect(wide, path).toBeLessThanOrEqual(screen!);
    }
    await page.close();
  });
});

it("asks the server for the page that somebody went to, and for none that it only leads to", async () => {
  const page = await openPage(opened.browser, "/library");
  const asked: string[] = [];
  page.on("request", (request) => {
    const { origin, pathname } = new URL(request.url());
    if (origin === APP && !pathname.startsWith("/_next/static/")) asked.push(pathname);
  });
  for (const path of ["/", `/house/${house}/bench`, `/house/${house}/log`]) {
    asked.length = 0;
    await visit(page, path);
    expect(await page.$$eval("a[href^='/']", (ways) => ways.length)).toBeGreaterThan(5);
    expect(asked).toEqual([path]);
  }
  await page.close();
});

it("goes by one key from a bar to its panel, and back by Escape; the same for a cell in Match", async () => {
  const page = await openPage(opened.browser, `/house/${house}/bench`);
  const focus = () =>
    page.evaluate(
      () => document.activeElement?.getAttribute("aria-label") ?? document.activeElement?.textContent,
    );
  const there = async (selector: string, panel: string) => {
    await page.focus(selector);
    // Keys were used: what has the focus is seen to have it.
    await page.keyboard.press("Shift");
    const from = await focus();
    await page.keyboard.press("Enter");
    await until(page, (p) => document.activeElement?.getAttribute("aria-label") === p, panel);
    await page.keyboard.press("Escape");
    expect(await focus()).toBe(from);
  };
  await there("[data-strip] button", "What is selected");
  await visit(page, `/house/${house}/match`);
  await there("[data-cell]", "Why");
  await page.close();
});

it("opens what was open once without a connection, says its age, and sends what was written", async () => {
  const page = await openPage(opened.browser, "/households/new");
  const id = await surveyed(page, "Faraway");
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await visit(page, `/house/${id}/bench`);
  await press(page, "Log");
  await see(page, "Save record");
  const isKept = (path: string) =>
    until(page, async (url) => (await caches.match(url, { ignoreVary: true })) !== undefined, APP + path);
  await isKept(`/house/${id}/log`);

  const worker = await opened.browser.waitForTarget((t) => t.type() === "service_worker");
  const line = await worker.createCDPSession();
  const connect = async (isOn: boolean) => {
    await page.setOfflineMode(!isOn);
    await line.send("Network.emulateNetworkConditions", {
      offline: !isOn,
      latency: 0,
      downloadThroughput: -1,
      uploadThroughput: -1,
    });
  };
  await line.send("Network.enable");
  try {
    await connect(false);
    await page.goto(`${APP}/house/${id}/log`, { waitUntil: "load" });
    await see(page, "No connection. You see this page as it was on");
    await type(page, "Note", "seen from far away");
    await press(page, "Save record");
    await see(page, "One record waits on this device");
    // Another screen of the household, and one that was never open.
    await page.goto(`${APP}/house/${id}/bench`, { waitUntil: "load" });
    await see(page, "Choose crops in Match");
    await see(page, "1 record waits on this device");
    await page.goto(`${APP}/house/${id}/garden`, { waitUntil: "load" });
    await see(page, "this page is not on this device");
  } finally {
    await connect(true);
  }

  // Back in reach, it goes by itself, from whichever screen.
  await page.goto(`${APP}/house/${id}/bench`, { waitUntil: "load" });
  await until(page, () => !document.body.innerText.includes("waits on this device"));
  await visit(page, `/house/${id}/log`);
  await see(page, "“seen from far away”");
  await page.close();
});

it("moves a planting's strip, the own view and a proposal by a record that comes late", async () => {
  const page = await openPage(opened.browser, "/households/new");
  const id = await surveyed(page, "Lateness");
  await planted(page, "radish", "2026-05-04");
  const titles = () => page.$$eval("[data-strip] button", (bars) => bars.map((b) => b.ariaLabel ?? ""));
  const firstPick = async () => /first pick (\d+ \w+)/.exec((await titles())[0]!)![1]!;
  await visit(page, `/house/${id}/bench`);
  expect((await titles())[0]).toContain("sown 4 May");
  const planned = await firstPick();

  await press(page, "Log");
  await page.locator('ul[aria-label="Due now"] button').click();
  await see(page, "Stored: sown");
  await visit(page, `/house/${id}/bench`);
  expect((await titles())[0]).toContain("sown 18 May");
  const now = await firstPick();
  expect(now).not.toBe(planned);
  await see(page, `days late by the records, first pick ${now}, was ${planned}`);
  await visit(page, `/house/${id}/garden`);
  await see(page, now);

  // What is sown stays by record: a proposal has it, as it was sown.
  await visit(page, `/house/${id}/bench`);
  await press(page, "Propose");
  await press(page, "Work out three gardens");
  await until(page, () =>
    document.querySelector('[role="dialog"]')!.textContent!.includes("Look at it on the Bench"),
  );
  await press(page, "Stop, keep the best so far");
  await page.locator('section[aria-label="Soonest food"] button').click();
  await see(page, "It is not the plan until you save it.");
  expect(
    (await titles()).filter((title) => title.startsWith("radish") && title.includes("on record to 18 May")),
  ).toHaveLength(1);
  await page.close();
});

it("follows the slider over all crops and bags, and edits of a plan, to the last; long tasks are told", async () => {
  const page = await openPage(opened.browser, `/house/${house}/match`);
  const observe = () =>
    page.evaluate(() => {
      const told = window as unknown as { long: number[] };
      told.long = [];
      new PerformanceObserver((list) => told.long.push(...list.getEntries().map((e) => e.duration))).observe({
        type: "longtask",
      });
    });
  await observe();
  const longTasks = () =>
    page.evaluate(() => (window as unknown as { long: number[] }).long.splice(0).map(Math.round));
  await press(page, "Show all 129 crops and uses");
  await page.locator('::-p-aria([name="Bags"])').fill("buy");
  await see(page, "129 crops and uses against 25 bags");
  await page.focus('input[type="range"]');
  await longTasks();
  for (let step = 0; step < 20; step++) await page.keyboard.press("ArrowRight");
  await see(page, "sown 5 Oct");
  const slid = await longTasks();

  await visit(page, `/house/${house}/bench`);
  await observe();
  await page.locator('[data-strip] button[aria-label^="leaf kale"]').click();
  await page.waitForSelector('::-p-aria([name="One plant more"])');
  const plants = async () =>
    Number(await page.$eval('::-p-aria([name="Plants"])', (e) => (e as HTMLInputElement).value));
  const before = await plants();
  await longTasks();
  for (let edit = 0; edit < 6; edit++) await press(page, "One plant more");
  await page.waitForSelector(`[data-strip] button[aria-label^="leaf kale × ${before + 6}"]`);
  const edited = await longTasks();
  // Taken back, so that no draft stays behind.
  for (let edit = 0; edit < 6; edit++) await press(page, "Undo");
  const told = (tasks: readonly number[]) => tasks.join(", ") || "none";
  console.log(
    `long tasks, ms: ${told(slid)} in 20 steps of the slider over 129 × 25, ${told(edited)} in 6 edits`,
  );
  await page.close();
});

it.each(["bench", "kit", "days", "log", "garden", "season"])(
  "prints %s as pages of its own",
  async (screen) => {
    const page = await openPage(opened.browser, `/house/${house}/${screen}`);
    const pdf = await page.pdf({ preferCSSPageSize: true, printBackground: false });
    const read = await getDocument({ data: new Uint8Array(pdf) }).promise;
    const texts = await Promise.all(
      Array.from({ length: read.numPages }, async (_, i) => {
        const { items } = await (await read.getPage(i + 1)).getTextContent();
        return items.map((item) => ("str" in item ? item.str : "")).join(" ");
      }),
    );
    const text = texts.join(" ");
    expect(read.numPages).toBeLessThanOrEqual(2);
    expect(text).toContain("Orvane");
    // Nothing of the screen's own, and nobody else.
    for (const other of ["Households", "Library", "Save", "Undo", "Tellick", "Doorstep"])
      expect(text, other).not.toContain(other);
    await page.close();
  },
);
