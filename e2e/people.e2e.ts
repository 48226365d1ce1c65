import { readdirSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { Browser, BrowserContext, Page } from "puppeteer-core";
import { beforeAll, describe, expect, it } from "vitest";
import { DEMO_ACCOUNTS } from "@/server/demo-accounts";
import {
  APP,
  expectAccessible,
  goIn,
  ownBrowser,
  press,
  see,
  signedIn,
  textOf,
  type,
  visit,
  WAIT_MS,
  until,
} from "./browser";

const opened = ownBrowser(null);
let browser: Browser;
beforeAll(async () => {
  browser = opened.browser;
});

/** Somebody on a phone of their own, signed in where a name is given. */
async function phoneOf(account?: string): Promise<{ page: Page; context: BrowserContext }> {
  const context = await browser.createBrowserContext();
  const page = await context.newPage();
  await page.setViewport({ width: 390, height: 844 });
  page.setDefaultTimeout(WAIT_MS);
  if (account) await signedIn(page, account);
  return { page, context };
}

/** Asks the server as whoever has signed in on a page: the status, where it leads, and every byte. */
const asked = (page: Page, path: string) =>
  page.evaluate(async (p) => {
    const response = await fetch(p, { headers: { accept: "text/html" }, cache: "no-store" });
    return { status: response.status, url: response.url, text: await response.text() };
  }, path);

/** Every address of the app, as its folders have them, with an id of a household in the place of one. */
const addresses = (house: string) =>
  readdirSync("src/app", { recursive: true, encoding: "utf8" })
    .filter((file) => /(^|\/)(page\.tsx|route\.ts)$/.test(file))
    .map((file) => `/${file}`.replace(/\/(page\.tsx|route\.ts)$/, ""))
    .map((path) => path.replace(/\/\([^)]+\)/g, ""))
    .map((path) =>
      path
        .replace("/house/[id]", `/house/${house}`)
        .replace("[format]", "csv")
        .replace(/\[[a-z]+\]/g, house),
    )
    .map((path) => (path === "" ? "/" : path))
    .sort();

const houseOf = async (page: Page, name: string) => {
  const { text } = await asked(page, `/households/search?q=${name}`);
  return (JSON.parse(text) as { households: { id: string }[] }).households[0]!.id;
};

/** Names of the demo's households. */
const NAMES = [
  "Orvane",
  "Tellick",
  "Braskel",
  "Quillow",
  "Marrowby",
  "Velshe",
  "Corrinder",
  "Pellomy",
  "Ashkettle",
  "Drummeld",
  "Sorrowick",
  "Yarnbeck",
];
/** What is there for everybody, and what a household and a helper come to besides. */
const OPEN = ["/health", "/offline", "/sign-in"];
/** Opened by its secret part alone. */
const isSecret = (path: string) => /^\/(calendar|paper)\//.test(path);
const OWN = [
  "days",
  "days.ics",
  "garden",
  "log",
  "records",
  "records.csv",
  "records.zip",
  "season",
  "sheet.pdf",
  "steps",
];

it("shows nobody anything before they sign in, and leads them back to where they wanted to go", async () => {
  const trainer = await phoneOf("ilva");
  const house = await houseOf(trainer.page, "Orvane");
  const { page, context } = await phoneOf();
  await visit(page, "/sign-in");
  const paths = addresses(house);
  expect(paths.length).toBeGreaterThan(35);
  for (const path of paths.filter((p) => isSecret(p))) expect((await asked(page, path)).status).toBe(404);
  for (const path of paths.filter((p) => !OPEN.includes(p) && !isSecret(p))) {
    const { status, url, text } = await asked(page, path);
    // A page leads to where one signs in; a file is refused.
    expect(
      status === 401 || new URL(url).pathname === "/sign-in" || text.includes("/sign-in?to="),
      path,
    ).toBe(true);
    for (const name of NAMES.filter((n) => n !== "Orvane")) expect(text, path).not.toContain(name);
  }
  await visit(page, `/house/${house}/kit`);
  expect(page.url()).toContain("/sign-in?to=");
  await expectAccessible(page, "sign-in");
  await type(page, "Name or card code", "ilva");
  await type(page, "Password or PIN", "not her password");
  await page.locator("form button[type=submit]").click();
  await see(page, "That name and password do not belong together.");
  // What was typed stays.
  expect(await page.$eval("[name=username]", (e) => (e as HTMLInputElement).value)).toBe("ilva");
  await goIn(page, "ilva", "larkmouth-stairs");
  await see(page, "Kit: 01 Orvane");
  await context.close();
  await trainer.context.close();
});

describe.each([
  ["a household's card", "card01", ["Orvane"]],
  ["a helper", "tob", ["Orvane", "Quillow", "Corrinder"]],
])("%s", (_, account, theirs) => {
  it("comes to its own screens and files alone, and to no other household's name in any byte", async () => {
    const trainer = await phoneOf("ilva");
    const [house, other] = [await houseOf(trainer.page, "Orvane"), await houseOf(trainer.page, "Tellick")];
    await trainer.context.close();
    const { page, context } = await phoneOf(account);
    const others = NAMES.filter((name) => !theirs.includes(name));
    for (const path of addresses(house)) {
      const { status, text } = await asked(page, path);
      for (const name of others) expect(text, `${path} names ${name}`).not.toContain(name);
      const own = OWN.some((place) => path === `/house/${house}/${place}`);
      if (own) expect(status, path).toBe(200);
      const isFile = /\.(csv|ics|pdf|zip)$|search|prints|places|list|values/.test(path);
      if (isFile && !own && !OPEN.includes(path)) expect([403, 404], path).toContain(status);
    }
    for (const place of [...OWN, "bench", "doorstep", "match", "kit"]) {
      const { status, text } = await asked(page, `/house/${other}/${place}`);
      expect(status === 404 || text.includes("Nothing here"), place).toBe(true);
      expect(text).not.toContain("Tellick");
    }
    await context.close();
  });
});

it("gives a household a card, with which it signs in, writes down what happened, and sees itself alone", async () => {
  const trainer = await phoneOf("ilva");
  await visit(trainer.page, "/people");
  await expectAccessible(trainer.page, "who may do what");
  await press(trainer.page, "Make a card: Velshe");
  await see(trainer.page, "it is shown once");
  const [code, pin] = await trainer.page.$$eval("main li [role=status] dd", (all) =>
    all.map((e) => e.textContent!),
  );
  expect(code).toMatch(/^[a-z2-9]{4}-[a-z2-9]{4}$/);
  expect(pin).toMatch(/^\d{6}$/);
  await expectAccessible(trainer.page, "a card");

  const { page, context } = await phoneOf();
  // As its code leads one who scans it.
  await visit(page, `/sign-in?card=${code!.replace("-", "")}`);
  await goIn(page, code!, pin!);
  await see(page, "Our garden");
  expect(await textOf(page, "header")).not.toContain("Households");
  await press(page, "Log");
  await see(page, "What happened");
  await expectAccessible(page, "a household's log");
  await press(page, "weather");
  await page.locator('select[name="detail.weather"]').fill("hail");
  await type(page, "Note", "stones like peas");
  await press(page, "Save record");
  await see(page, "Stored: weather");

  await visit(trainer.page, "/?search=Velshe");
  await trainer.page.locator("main ul a::-p-text(Velshe)").click();
  await press(trainer.page, "Log");
  await see(trainer.page, "stones like peas");
  await see(trainer.page, "by House 06");
  await visit(trainer.page, "/people");
  // A lost card: the next one ends it, wherever it is in use.
  await press(trainer.page, "New card: Velshe");
  await press(trainer.page, "Make a card: Velshe");
  await see(trainer.page, "it is shown once");
  await visit(page, "/");
  expect(page.url()).toContain("/sign-in");
  await context.close();
  await trainer.context.close();
});

/** Signs out, and in as the next one, once the page that follows has taken the place of the one before: that one shows the way in too. */
async function handOn(page: Page, account: string): Promise<void> {
  await page.evaluate(() => Object.assign(window, { isBefore: true }));
  await press(page, "Sign out");
  await until(
    page,
    () => !("isBefore" in window) && location.pathname === "/sign-in" && document.readyState === "complete",
  );
  await page.waitForSelector("[name=username]");
  await goIn(page, account, DEMO_ACCOUNTS.find((a) => a.account === account)!.password);
}

it("keeps what a household wrote without signal on a shared phone from the next one, and sends it when it is back", async () => {
  const { page, context } = await phoneOf("card01");
  await press(page, "Log");
  await see(page, "What happened");
  await press(page, "note");
  await page.setOfflineMode(true);
  await type(page, "Note", "written in the cellar");
  await press(page, "Save record");
  await see(page, "One record waits");
  await page.locator("header summary").click();
  await press(page, "Sign out");
  await page.waitForSelector("header details [role=alert]");
  await page.setOfflineMode(false);
  // Before the next try, somebody else takes the phone.
  await handOn(page, "tob");
  await see(page, "My round");
  expect(await textOf(page, "body")).not.toContain("record waits");
  await page.locator("header summary").click();
  await handOn(page, "card01");
  await press(page, "Log");
  await see(page, "written in the cellar");
  await see(page, "by House 01");
  await context.close();
});

it("lets a helper go from house to house, and a photo with what was seen", async () => {
  const { page, context } = await phoneOf("tob");
  await see(page, "04 Quillow");
  expect(await textOf(page, "main")).not.toContain("Tellick");
  await expectAccessible(page, "my round");
  await press(page, "Write down: Quillow");
  await see(page, "What happened");
  await press(page, "note");
  const input = await page.waitForSelector('input[type="file"]');
  await (input as unknown as { uploadFile: (path: string) => Promise<void> }).uploadFile(
    "docs/screenshots/bench.png",
  );
  await page.waitForSelector('img[alt="Photo"]');
  await press(page, "Save record");
  await see(page, "Stored: note");
  const photo = await page.waitForSelector('main li img[src*="/photo/"]');
  const size = await photo!.evaluate(async (img) => {
    const bytes = await (await fetch((img as HTMLImageElement).src)).arrayBuffer();
    return bytes.byteLength;
  });
  expect(size).toBeGreaterThan(1000);
  expect(size).toBeLessThan(400_000);
  expect(await page.evaluate(async (app) => (await fetch(`${app}/records.csv`)).status, APP)).toBe(403);
  await context.close();
});

it("shows whoever only reads what there is, and no way to change it", async () => {
  const { page, context } = await phoneOf("desk");
  const id = await houseOf(page, "Orvane");
  const may =
    /^(Save|Add (?!a bag)|Put |Send |Take |Propose|Sown|Planted|Picked|Done|All .*watered|Strike|Correct|Remove)/;
  const offered = () =>
    page.$$eval("main button:not(:disabled), main input[type=submit]:not(:disabled)", (all) =>
      all.map((b) => b.textContent?.trim() ?? ""),
    );
  for (const path of [
    ...[
      "/proposals",
      "/kit",
      "/library",
      "/climate",
      "/schools",
      "/mixes",
      "/prices",
      "/groups",
      "/messages",
    ],
    ...["doorstep", "bench", "days", "steps", "log"].map((place) => `/house/${id}/${place}`),
  ]) {
    await visit(page, path);
    expect(
      (await offered()).filter((name) => may.test(name)),
      path,
    ).toEqual([]);
  }
  await context.close();
});

it("takes a weight from the kitchen scale into the open record, and not before it rests", async () => {
  const { page, context } = await phoneOf("card01");
  await press(page, "Log");
  await press(page, "picked");
  await press(page, "Weigh on the kitchen scale");
  await see(page, "No scale is heard");
  const scale = await context.newPage();
  await visit(scale, "/scale");
  await type(scale, "Put on the scale", "350 g");
  await page.bringToFront();
  await see(page, "350 g taken over");
  expect(await page.$eval("input[name=amount]", (field) => (field as HTMLInputElement).value)).toBe("350 g");
  await press(page, "Save record");
  await see(page, "Stored: picked");
  await context.close();
});

it("withdraws the code on a household's papers, once asked twice, and says where there is none", async () => {
  const { page, context } = await phoneOf("card01");
  await press(page, "Days");
  const house = new URL(page.url()).pathname.split("/")[2]!;
  expect((await asked(page, `/house/${house}/sheet.pdf`)).status).toBe(200);
  for (const answer of ["Withdrawn. Print a new sheet.", "No sheet and no label was printed"]) {
    await press(page, "Withdraw the code on paper");
    await see(page, "lead nowhere then");
    await press(page, "Withdraw it");
    await see(page, answer);
  }
  await visit(page, "/paper/AAAAAAAAAAAAAAAA");
  await see(page, "This code was withdrawn, or it never was one.");
  await context.close();
});

it("gives a phone's calendar an address that opens these days alone, until it is withdrawn", async () => {
  const { page, context } = await phoneOf("card01");
  await press(page, "Days");
  await press(page, "Make an address");
  await see(page, "it is shown once");
  const address = await page.$eval('a[href*="/calendar/"]', (a) => (a as HTMLAnchorElement).href);
  const stranger = await phoneOf();
  await visit(stranger.page, "/sign-in");
  const read = await asked(stranger.page, new URL(address).pathname);
  expect(read.status).toBe(200);
  expect(read.text).toMatch(/^BEGIN:VCALENDAR[\s\S]*BEGIN:VEVENT/);
  for (const name of NAMES.slice(1)) expect(read.text).not.toContain(name);
  const guess = new URL(address).pathname.replace(
    /(.)(\.ics)$/,
    (_, last: string, end: string) => `${last === "A" ? "B" : "A"}${end}`,
  );
  expect((await asked(stranger.page, guess)).status).toBe(404);
  await press(page, "Withdraw it");
  await see(page, "it opens nothing any more");
  expect((await asked(stranger.page, new URL(address).pathname)).status).toBe(404);
  await stranger.context.close();
  await context.close();
});

it("takes in a table of other people's notes: columns guessed, rows told, stored whole, and known the second time", async () => {
  const { page, context } = await phoneOf("ilva");
  await page.setViewport({ width: 1280, height: 800 });
  await visit(page, "/notes");
  const file = join(tmpdir(), `pip-row-notes-${process.pid}.csv`);
  writeFileSync(
    file,
    "House;Day;What;Plant;Weight\n01;12/5/26;harvested;strawbery;200 g\n01;17/5/26;harvested;mango;1 kg\n",
  );
  const choose = async () => {
    const input = await page.waitForSelector('input[type="file"]');
    await (input as unknown as { uploadFile: (path: string) => Promise<void> }).uploadFile(file);
  };
  await choose();
  await see(page, "2 notes");
  await press(page, "See what they say");
  await see(page, "1 new, 0 on record already, 1 wrong");
  await expectAccessible(page, "notes that were read");
  writeFileSync(file, "House;Day;What;Plant;Weight\n01;12/5/26;harvested;strawbery;200 g\n");
  await visit(page, "/notes");
  await choose();
  await see(page, "One note");
  await press(page, "See what they say");
  await see(page, "picked strawberry, everbearing 200 g");
  await press(page, "Store this note");
  await see(page, "One record stored.");
  await press(page, "See what they say");
  await see(page, "0 new, 1 on record already, 0 wrong");
  // From paper, by the keyboard alone.
  await page.locator('input[data-cell="0 household"]').click();
  for (const text of ["04", "yesterday", "watered"]) {
    await page.keyboard.type(text);
    await page.keyboard.press("Tab");
  }
  await page.keyboard.type("all bags");
  await page.keyboard.press("Enter");
  await until(page, () => (document.activeElement as HTMLElement).dataset.cell === "1 crop");
  await page.keyboard.type("bag 1");
  expect(await page.$eval('input[data-cell="1 what"]', (e) => (e as HTMLInputElement).value)).toBe("watered");
  await press(page, "Read these lines");
  await see(page, "2 notes");
  await press(page, "See what they say");
  await see(page, "2 new");
  await context.close();
});
