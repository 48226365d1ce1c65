import { readdirSync, readFileSync } from "node:fs";
import { dirname, join } from "node:path";
import compile from "icu-minify/compile";
import format from "icu-minify/format";
import { describe, expect, it } from "vitest";
import { matchAll } from "@/core/match";
import { parseQuantity } from "@/core/quantity";
import { readAmount, RECORD_KINDS } from "@/core/record";
import { CROP_GOALS } from "@/library";
import { ALL_BAGS, settingWith } from "@/testing/garden";
import * as words from "./en";
import { t } from "./all";

/** All texts with their paths. */
const texts = (value: unknown, path: string[] = []): [string, string][] =>
  typeof value === "string"
    ? [[path.join("."), value]]
    : Object.entries(value as object).flatMap(([k, v]) => texts(v, [...path, k]));

/** The names of the values that a text takes. */
const argumentsOf = (text: string) => new Set([...text.matchAll(/\{(\w+)(?=[},])/g)].map((m) => m[1]!));

describe("every fact that the core can say has words, with its numbers", () => {
  const setting = settingWith({ sunHours: 3, floorM2: 2 });
  const lines = ["2026-01-05", "2026-04-10", "2026-07-01", "2026-10-10"].flatMap((day) =>
    matchAll(CROP_GOALS, ALL_BAGS, day, setting),
  );

  const expectWords = (group: Record<string, string>, fact: { code: string }) => {
    const text = group[fact.code];
    expect(text, fact.code).toBeDefined();
    for (const name of argumentsOf(text!)) expect(fact, `${fact.code} has {${name}}`).toHaveProperty(name);
  };

  it("seasons and dates", () => {
    for (const { season } of lines.flatMap((l) => l.cells)) {
      expectWords(words.seasonReasons, season.reason);
      for (const reason of season.stages.reasons) expectWords(words.dateReasons, reason);
    }
    expect(new Set(lines.map((l) => l.season.reason.code)).size).toBeGreaterThan(4);
  });

  it("limits, notes, fixes and methods", () => {
    for (const { choice, cells } of lines) {
      expect(words.methodWhy).toHaveProperty(choice.why);
      for (const { fit } of cells) {
        for (const limit of fit.limits) expect(words.limitShort).toHaveProperty(limit.code);
        for (const note of fit.notes) expect(words.notes).toHaveProperty(note.code);
        for (const fix of fit.fixes) expect(words.fixes).toHaveProperty(fix.code);
      }
    }
  });

  it("problems with what was typed", () => {
    const typed = ["", "x", "5", "5 zz", "5 kg", "-1 cm", "1,500 cm", "1 in 2 ft"].map((text) =>
      parseQuantity(text, "length"),
    );
    const amounts = RECORD_KINDS.flatMap((kind) =>
      ["12", "lots", "5 kg"].map((text) => readAmount(kind, text)),
    );
    const problems = [...typed, ...amounts].flatMap((read) => (read.ok ? [] : [read.problem]));
    expect(problems.length).toBeGreaterThan(12);
    for (const problem of problems) expectWords(words.problems, problem);
  });
});

it("holds no text that cannot be read, and none that is empty but for hints of things without an amount", () => {
  for (const [path, text] of texts(words)) {
    const values = Object.fromEntries([...argumentsOf(text)].map((name) => [name, 1]));
    const key = path as "app.name";
    expect(() => t.rich(key, values), path).not.toThrow();
    expect(t.rich(key, values) === path, `${path} cannot be read`).toBe(false);
    if (!path.startsWith("log.amountHints.")) expect(text, path).not.toBe("");
  }
});

it("says a text that was read when the app was built as one that is read when it is said", () => {
  const formatters = {
    getDateTimeFormat: (...args: ConstructorParameters<typeof Intl.DateTimeFormat>) =>
      new Intl.DateTimeFormat(...args),
    getNumberFormat: (...args: ConstructorParameters<typeof Intl.NumberFormat>) =>
      new Intl.NumberFormat(...args),
    getPluralRules: (...args: ConstructorParameters<typeof Intl.PluralRules>) =>
      new Intl.PluralRules(...args),
  };
  for (const [path, text] of texts(words)) {
    const chosen = new Set([...text.matchAll(/\{(\w+), select,/g)].map((m) => m[1]));
    const options = chosen.size > 0 ? [...text.matchAll(/([\w-]+) \{/g)].map((m) => m[1]!) : [""];
    for (const [count, option] of [0, 1, 2, 1234].flatMap((n) => options.map((o) => [n, o] as const))) {
      const values = Object.fromEntries(
        [...argumentsOf(text)].map((name) => [name, chosen.has(name) ? option : count]),
      );
      const built = format(compile(text), "en-GB", values, { formatters });
      expect(built, `${path} of ${count} ${option}`).toEqual(t.rich(path as "app.name", values));
    }
  }
});

it("goes to a page only where its folder says it", () => {
  const folders = readdirSync("src/ui", { recursive: true, encoding: "utf8" })
    .filter((path) => path.endsWith("/words.ts"))
    .map((path) => join("src/ui", dirname(path)));
  expect(folders.length).toBeGreaterThan(25);
  for (const folder of folders) {
    const [, named = ""] = /import \{([^}]*)\} from "@\/ui\/words\/en"/.exec(
      readFileSync(join(folder, "words.ts"), "utf8"),
    )!;
    const said = readdirSync(folder)
      .filter((file) => /\.tsx?$/.test(file) && !file.includes(".test."))
      .map((file) => readFileSync(join(folder, file), "utf8"))
      .join("\n");
    for (const section of named.match(/\w+/g)!)
      expect(said, `${folder}: ${section}`).toMatch(new RegExp(`["\`]${section}\\.`));
  }
});
