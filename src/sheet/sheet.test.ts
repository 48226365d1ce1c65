import { getDocument, OPS } from "pdfjs-dist/legacy/build/pdf.mjs";
import jsQR from "jsqr";
import { expect, it } from "vitest";
import { findClimate, MIXES } from "@/library";
import { id, planOf, planting } from "@/testing/garden";
import type { Plan } from "@/core/plan";
import { codePath } from "@/ui/draw/code-path";
import type { LabelAsk, PrintStyle, SheetAsk } from "./ask";
import { Printing } from "./printing";

const STYLE: PrintStyle = { units: "metric", currency: "EUR", paper: "A4" };
const HREF = "http://127.0.0.1:4000/house/4908bc9e-8c08-5586-8319-da2efe2cfaee/log";
const sheet = (plan: Plan, more: Partial<SheetAsk> = {}): SheetAsk => ({
  of: "sheet",
  household: { code: "07", name: "Corrinder", href: HREF },
  programme: "Stairwell Gardens, Larkmouth",
  plan,
  setting: { climate: findClimate("larkmouth")!, mix: MIXES[3]!, sunHours: 7, floorM2: 6 },
  overrides: [],
  records: [],
  today: "2026-05-18",
  ...more,
});
const label = (code: string, lines: LabelAsk["lines"]): LabelAsk => ({
  of: "label",
  household: { code, name: `House ${code}`, href: HREF },
  lines,
});

/** Prints, and reads the file back with another reader: size and text of each page. */
async function printed(asks: readonly (SheetAsk | LabelAsk)[], style = STYLE) {
  const printing = new Printing(style);
  await printing.add(asks);
  const { pdf } = await printing.finish();
  const file = await getDocument({ data: pdf.slice(), verbosity: 0 }).promise;
  const pages = await Promise.all(
    Array.from({ length: file.numPages }, async (_, i) => {
      const page = await file.getPage(i + 1);
      const { items } = await page.getTextContent();
      const text = items.map((item) => ("str" in item ? item.str : "")).join(" ");
      const { fnArray } = await page.getOperatorList();
      const paths = fnArray.filter((fn) => fn === OPS.constructPath).length;
      const [, , width, height] = page.view;
      return { text: text.replace(/\s+/g, " "), width, height, paths };
    }),
  );
  return pages;
}

const planted = planOf(
  "round-15-gal",
  planting(10, "tomato/cordon", "2026-05-20", { method: "bought" }),
  planting(11, "lettuce/leaf", "2026-09-01", { method: "cells", plants: 5 }),
);

const garden = { ...planted, bags: planted.bags.map((bag) => ({ ...bag, atHand: false })) };

it("holds a garden on two sides: rows, dates, water, how to pick, cautions and a log to fill", async () => {
  const [first, second, ...rest] = await printed([sheet(garden)]);
  expect(rest).toEqual([]);
  expect([first!.width!, first!.height!].map(Math.round)).toEqual([595, 842]);
  expect(first!.text).toMatch(
    /07 Corrinder.*1 fabric 15 gal.*L of mix.*tomato, cordon × 1, bought seedlings.*sow 20 May/,
  );
  expect(first!.text).toMatch(/Water .*Jun \d/);
  expect(first!.paths).toBeGreaterThan(6);
  expect(second!.text).toMatch(/What to do when.*20 May 1: Plant tomato/);
  expect(second!.text).toMatch(/Nobody carries this.*Lime burns.*Feed by the packet/);
  expect(second!.text).toMatch(/fill in with a pen Day Bag What/);
});

it("takes US paper and units, and never a third side, however full the garden and however long the name", async () => {
  const goals = ["pea/pod", "lettuce/leaf", "radish/root", "spinach/leaf"] as const;
  const full: Plan = {
    bags: Array.from({ length: 20 }, (_, i) => ({ ...garden.bags[0]!, id: id(100 + i), kindId: "tub-80-l" })),
    rows: Array.from({ length: 20 }, (_, i) => ({
      id: id(200 + i),
      bagId: id(100 + i),
      gapCm: null,
      plantings: goals.map((goal, k) =>
        planting(300 + 10 * i + k, goal, `2026-0${6 + (k % 3)}-0${1 + k}`, { plants: 4 }),
      ),
    })),
  };
  const household = {
    code: "1204",
    name: "Wennington-Ashkettle Under The Long Stairs Behind The Market",
    href: HREF,
  };
  const pages = await printed([sheet(full, { household }), sheet(garden)], {
    ...STYLE,
    units: "us",
    paper: "LETTER",
  });
  expect(pages).toHaveLength(4);
  expect(pages.every(({ width, height }) => width === 612 && height === 792)).toBe(true);
  expect(pages[0]!.text).toContain("and 6 bags more");
  expect(pages[0]!.text).toMatch(/gal of mix/);
  expect(pages[2]!.text).toContain("07 Corrinder");
});

it("says so where nothing is planned", async () => {
  const [first] = await printed([sheet({ bags: [], rows: [] })]);
  expect(first!.text).toContain("Nothing is planned yet");
});

it("labels eight parcels a page, each with what is in it", async () => {
  const lines = [
    { item: "bag/round-7-gal", amount: 2 },
    { item: "packet/kale", amount: 2 },
    { item: "gear/cane", amount: 4 },
  ];
  const pages = await printed(Array.from({ length: 9 }, (_, i) => label(String(i + 1), lines)));
  expect(pages).toHaveLength(2);
  expect(pages[0]!.text).toMatch(/1 House 1 .*2 fabric 7 gal 2 g seed: kale 4 canes/);
  expect(pages[1]!.text).toContain("9 House 9");
});

it("has a code that a reader takes back to the log", () => {
  const { d, side } = codePath(HREF);
  const scale = 4;
  const width = side * scale;
  const pixels = new Uint8ClampedArray(width * width * 4).fill(255);
  for (const [, x, y] of d.matchAll(/M(\d+) (\d+)h1v1h-1z/g))
    for (let i = 0; i < scale * scale; i++) {
      const at = (Number(y) * scale + Math.floor(i / scale)) * width + Number(x) * scale + (i % scale);
      pixels.set([0, 0, 0, 255], 4 * at);
    }
  expect(jsQR(pixels, width, width)?.data).toBe(HREF);
});
