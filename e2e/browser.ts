import { existsSync, mkdtempSync, readFileSync, rmSync, statSync } from "node:fs";
import { createRequire } from "node:module";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { parse } from "csv-parse/sync";
import puppeteer, { type Browser, type Page } from "puppeteer-core";
import { afterAll, beforeAll, expect } from "vitest";
import { DEMO_ACCOUNTS } from "@/server/demo-accounts";

export const APP = process.env.PIP_ROW_URL!;
const AXE = readFileSync(createRequire(import.meta.url).resolve("axe-core/axe.min.js"), "utf8");
/** So long a page may take to show what is waited for. */
export const WAIT_MS = 120_000;
/** So often it is asked whether that has come: asked at each frame, a long page would do little else. */
const POLL_MS = 100;
const FLAGS = [
  "--headless",
  "--no-sandbox",
  "--disable-gpu",
  "--disable-quic",
  "--no-first-run",
  "--disable-background-networking",
  "--disable-component-update",
  "--disable-sync",
];

/** Waits until something holds in the page, of a text where one is given. */
export const until = (page: Page, holds: (text: string) => unknown, text = "") =>
  page.waitForFunction(holds, { polling: POLL_MS }, text);

/** Types a name and a password where one signs in, and waits until one is in. */
export async function goIn(page: Page, account: string, password: string): Promise<void> {
  await type(page, "Name or card code", account);
  await type(page, "Password or PIN", password);
  await page.locator("form button[type=submit]").click();
  await until(page, () => location.pathname !== "/sign-in" && document.readyState === "complete");
  // A device that was without signal may still be fetching what it keeps: whoever goes on waits for what they need.
  await page.waitForNetworkIdle({ timeout: 5000 }).catch(() => undefined);
}

/** Signs in as one of the demo's people, whoever was in before. */
export async function signedIn(page: Page, account: string, app = APP): Promise<void> {
  await page.goto(new URL("/sign-in", app).href, { waitUntil: "networkidle0" });
  await goIn(page, account, DEMO_ACCOUNTS.find((a) => a.account === account)!.password);
}

/**
 * A browser with a profile of its own, and the folder that it downloads to.
 *
 * @param as who has signed in on it; nobody for null
 */
export async function openBrowser(as: string | null = "ilva"): Promise<{
  browser: Browser;
  downloads: string;
  close: () => Promise<void>;
}> {
  const home = mkdtempSync(join(tmpdir(), "pip-row-browser-"));
  const downloads = join(home, "downloads");
  const browser = await puppeteer.launch({
    executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium-headless-shell",
    args: FLAGS,
    userDataDir: join(home, "profile"),
    downloadBehavior: { policy: "allow", downloadPath: downloads },
  });
  if (as !== null) {
    const page = await browser.newPage();
    page.setDefaultTimeout(WAIT_MS);
    await signedIn(page, as);
    await page.close();
  }
  return {
    browser,
    downloads,
    close: async () => {
      await browser.close();
      rmSync(home, { recursive: true, force: true });
    },
  };
}

type Opened = Awaited<ReturnType<typeof openBrowser>>;

/** A browser for a file of checks: there before the first of them, gone after the last. */
export function ownBrowser(as?: string | null): Opened {
  const opened = {} as Opened;
  beforeAll(async () => void Object.assign(opened, await openBrowser(as)));
  afterAll(() => opened.close());
  return opened;
}

/** The id of the demo's first household. */
export async function firstHouse({ browser }: Opened): Promise<string> {
  const page = await openPage(browser, "/?sort=number");
  const id = await page.$eval("main ul a", (a) => (a as HTMLAnchorElement).pathname.split("/")[2]!);
  await page.close();
  return id;
}

/** A page that fails the test on any error that the app throws in the browser. */
export async function openPage(browser: Browser, path: string, width = 1280, height = 800): Promise<Page> {
  const page = await browser.newPage();
  page.on("pageerror", (error) => {
    throw error;
  });
  await page.setViewport({ width, height });
  page.setDefaultTimeout(WAIT_MS);
  await visit(page, path);
  return page;
}

export async function visit(page: Page, path: string): Promise<void> {
  await page.goto(new URL(path, APP).href, { waitUntil: "networkidle0" });
}

/** What has this name, for those who hear the page. */
const field = (label: string) => `::-p-aria([name="${label}"])`;

/** Replaces what a text field holds as people do, who select it and type: emptied by script, it is filled again by a page that is shown anew at that moment. */
export async function type(page: Page, label: string, text: string): Promise<void> {
  const input = await page
    .locator(field(label))
    .filter((element) => !(element as HTMLInputElement).disabled)
    .waitHandle();
  await input.focus();
  await input.evaluate((element) => (element as HTMLInputElement).select());
  await (text ? page.keyboard.type(text) : page.keyboard.press("Delete"));
}

/** Sets a date field as a date picker does: the whole value at once. */
export async function pickDate(page: Page, label: string, day: string): Promise<void> {
  const input = await page.waitForSelector(field(label));
  await input!.evaluate((element, value) => {
    Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")!.set!.call(element, value);
    element.dispatchEvent(new Event("input", { bubbles: true }));
  }, day);
}

/** Presses what has this name; a page behind another one draws nothing, so it comes to the front first. */
export async function press(page: Page, name: string): Promise<void> {
  await page.bringToFront();
  await page.locator(field(name)).click();
}

/** Chooses by name from a list that is searched. */
export async function choose(page: Page, label: string, name: string): Promise<void> {
  await page.locator(`button[aria-label^="${label}: "]`).click();
  await page.locator("[cmdk-input]").fill(name);
  await until(
    page,
    (n) => [...document.querySelectorAll("[cmdk-item]")].some((e) => e.textContent?.trim() === n),
    name,
  );
  await page.$$eval(
    "[cmdk-item]",
    (all, n) => (all.find((e) => e.textContent?.trim() === n) as HTMLElement).click(),
    name,
  );
}

/** Waits until the page shows a text; what it shows instead is told. */
export async function see(page: Page, text: string): Promise<void> {
  try {
    await until(page, (t) => document.body.innerText.replace(/\s+/g, " ").includes(t), text);
  } catch (error) {
    const shown = await page
      .evaluate(() => document.body.innerText.replace(/\s+/g, " "))
      .catch(() => "nothing");
    throw new Error(`“${text}” does not come up at ${page.url()}, which shows: ${shown}`, { cause: error });
  }
}

export const textOf = (page: Page, selector: string) =>
  page.$eval(selector, (e) => (e as HTMLElement).innerText.replace(/\s+/g, " "));

/** Holds the page against axe's rules, all or only some, and against sideways scrolling. */
export async function expectAccessible(page: Page, what: string, only?: readonly string[]): Promise<void> {
  // A page that is shown anew after an act goes without its title for a moment.
  await until(page, () => document.title);
  if (!(await page.evaluate(() => "axe" in window))) await page.evaluate(AXE);
  const violations = await page.evaluate(async (rules) => {
    const { axe } = window as unknown as {
      axe: {
        run: (
          options: object,
        ) => Promise<{ violations: { id: string; nodes: { html: string; failureSummary: string }[] }[] }>;
      };
    };
    return (
      await axe.run({ resultTypes: ["violations"], selectors: false, ...(rules && { runOnly: rules }) })
    ).violations.map(
      (v) =>
        `${v.id}: ${v.nodes
          .map((n) => `${n.html} ${n.failureSummary}`)
          .slice(0, 3)
          .join(" | ")}`,
    );
  }, only);
  expect(violations, what).toEqual([]);
  const [content, screen] = await page.evaluate(() => [
    document.documentElement.scrollWidth,
    window.innerWidth,
  ]);
  expect(content, `${what} scrolls sideways`).toBeLessThanOrEqual(screen!);
}

/** Puts the first crop of a name that Match finds into the plan, sown on a day. */
export async function planted(page: Page, crop: string, day: string): Promise<void> {
  await page.waitForSelector("[data-cell]");
  await pickDate(page, "Sow on", day);
  await type(page, "Find a crop", crop);
  await page.locator("[data-cell]").click();
  await press(page, "Put into the plan");
  await see(page, "is in the plan, row 1.");
}

/** Fills in the least that a survey asks, on the survey of a new household; its id. */
export async function surveyed(page: Page, name: string): Promise<string> {
  for (const [label, text] of [
    ["Household's name", name],
    ["Adults", "2"],
    ["Length", "3 m"],
    ["Width", "1.2 m"],
  ] as const)
    await type(page, label, text);
  await press(page, "Save and choose crops");
  await until(page, () => /house\/.+\/match/.test(location.pathname));
  return (await page.evaluate(() => location.pathname)).split("/")[2]!;
}

/** Surveys a household whose floor has a limit; its id. */
export async function survey(page: Page, name: string): Promise<string> {
  await visit(page, "/households/new");
  await type(page, "Household's name", name);
  await type(page, "Adults", "2");
  await type(page, "Length", "10 ft 6 in");
  await type(page, "Width", "1.2 m");
  await type(page, "Floor's load limit, if somebody has given one", "40 psf");
  await press(page, "Save and choose crops");
  await until(page, () => /house\/.+\/match/.test(location.pathname));
  return (await page.evaluate(() => location.pathname)).split("/")[2]!;
}

/** What was downloaded. The browser keeps the name with an empty file until the whole is there. */
export async function downloadedText({ downloads }: { downloads: string }, name: string): Promise<string> {
  const file = join(downloads, name);
  const isWhole = () => existsSync(file) && statSync(file).size > 0;
  for (let i = 0; i < 100 && !isWhole(); i++) await new Promise((resolve) => setTimeout(resolve, 100));
  return readFileSync(file, "utf8");
}

/** The rows of a downloaded table. */
export const downloaded = async (
  opened: { downloads: string },
  name: string,
): Promise<Record<string, string>[]> => parse(await downloadedText(opened, name), { columns: true });
