import * as fc from "fast-check";
import { unit as independent } from "mathjs";
import { describe, expect, it } from "vitest";
import { amountField, formatQuantity, parseQuantity, parseRate, quantityField } from ".";
import type { Dimension } from ".";

const value = (text: string, dimension: Dimension) => {
  const read = parseQuantity(text, dimension);
  if (!read.ok) throw new Error(JSON.stringify(read.problem));
  return read.value.value;
};
const problem = (text: string, dimension: Dimension) => {
  const read = parseQuantity(text, dimension);
  return read.ok ? undefined : read.problem;
};

describe("exact factors (NIST Handbook 44 appendix C, NIST SP 811)", () => {
  it.each([
    ["1 gal", "volume", 3.785411784],
    ["1 qt", "volume", 0.946352946],
    ["1 cu ft", "volume", 28.316846592],
    ["1 cup", "volume", 0.2365882365],
    ["1 tbsp", "volume", 0.01478676478125],
    ["1 tsp", "volume", 0.00492892159375],
    ["1 in", "length", 2.54],
    ["1 lb", "mass", 0.45359237],
    ["1 oz", "mass", 0.028349523125],
    ["60 °F", "temperature", 28 / 1.8],
    ["1 psf", "load", 4.88243],
  ] as const)("%s", (text, dimension, expected) => {
    expect(value(text, dimension)).toBeCloseTo(expected, dimension === "load" ? 5 : 12);
  });

  it("agrees with an independent conversion package", () => {
    // Its tablespoon and teaspoon are the metric ones of 15 and 5 mL, so they are left out here.
    const pairs = [
      ["gal", "gallon", "L", "volume"],
      ["qt", "quart", "L", "volume"],
      ["cu ft", "cuft", "L", "volume"],
      ["cup", "cup", "L", "volume"],
      ["fl oz", "fluidounce", "L", "volume"],
      ["ft", "foot", "cm", "length"],
      ["yd", "yard", "cm", "length"],
      ["lb", "lbm", "kg", "mass"],
      ["oz", "ounce", "kg", "mass"],
      ["sq ft", "sqft", "cm^2", "area"],
    ] as const;
    for (const [ours, theirs, core, dimension] of pairs) {
      expect(value(`7 ${ours}`, dimension) / independent(7, theirs).toNumber(core), ours).toBeCloseTo(1, 5);
    }
  });
});

describe("reading what people write", () => {
  it.each([
    ["5 gal", "volume", 18.92705892],
    ["1.5 cu ft", "volume", 42.475269888],
    ["90 qt", "volume", 85.17176514],
    ["20L", "volume", 20],
    ['14"', "length", 35.56],
    ["1 ft 6 in", "length", 45.72],
    ["5ft3in", "length", 160.02],
    ["5' 3\"", "length", 160.02],
    ["1 1/2 cups", "volume", 0.35488235475],
    ["½ cup", "volume", 0.11829411825],
    ["1,5 L", "volume", 1.5],
    ["2 ft3", "volume", 56.633693184],
    ["15.5°C", "temperature", 15.5],
    ["-9 C", "temperature", -9],
    ["15F", "temperature", -17 / 1.8],
    ["2 kPa", "load", 203.943],
    ["40 lb/ft²", "load", 195.297],
    ["4 oz", "mass", 0.1133980925],
    ["14''", "length", 35.56],
    ["2 cu. ft.", "volume", 56.633693184],
    ["5-gallon", "volume", 18.92705892],
    ["about 5 gal", "volume", 18.92705892],
    ["~5 gal", "volume", 18.92705892],
    ["half a cup", "volume", 0.11829411825],
    ["a cup", "volume", 0.2365882365],
    ["3 ft, 2 in", "length", 96.52],
    ["1 ft and 6 in", "length", 45.72],
    ["2 m 10", "length", 210],
    ["10 000 L", "volume", 10_000],
    ["1.234,5 g", "mass", 1.2345],
    ["40 lbs/sq ft", "load", 195.297],
    ["40 lb per sq ft", "load", 195.297],
    ["60 degrees F", "temperature", 28 / 1.8],
    ["50 cl", "volume", 0.5],
    ["5 dl", "volume", 0.5],
    ["3 yds", "length", 274.32],
    ["3⁄4 cup", "volume", 0.177441177375],
    ["1⅝ in", "length", 4.1275],
    ["⅚ cup", "volume", 0.19715686375],
  ] as const)("%s", (text, dimension, expected) => {
    expect(value(text, dimension)).toBeCloseTo(expected, 3);
  });

  it("keeps what was typed and in which unit", () => {
    expect(parseQuantity(" 5 gal ", "volume")).toEqual({
      ok: true,
      value: { value: 18.92705892, typed: "5 gal", unit: "gal" },
    });
  });

  it.each([
    ["", "volume", "empty"],
    ["soil", "volume", "not-a-number"],
    ["5", "volume", "no-unit"],
    ["5 gallops", "volume", "unknown-unit"],
    ["5 kg", "volume", "wrong-dimension"],
    ["-3 L", "volume", "negative"],
    ["−3 cm", "length", "negative"],
    ["-0 cm", "length", "negative"],
    ["1,500 L", "volume", "ambiguous-number"],
    ["6 in 1 ft", "length", "mixed-parts"],
    ["1 ft 20 cm", "length", "mixed-parts"],
    ["1.2.3 L", "volume", "not-a-number"],
    ["1/0 cup", "volume", "not-a-number"],
    ["4 oz", "volume", "wrong-dimension"],
    ["5 T", "volume", "ambiguous-unit"],
    ["1 ft 14 in", "length", "part-too-large"],
  ] as const)("refuses %j as %s: %s", (text, dimension, code) => {
    expect(problem(text, dimension)?.code).toBe(code);
  });

  it("says what was understood", () => {
    expect(problem("1,500 L", "volume")).toMatchObject({ either: 1.5, or: 1500 });
    expect(problem("5 kg", "volume")).toEqual({
      code: "wrong-dimension",
      understood: "5 kg",
      is: "mass",
      want: "volume",
    });
    expect(problem("12 buckets", "volume")).toMatchObject({ understood: "12", unit: "buckets" });
  });

  it("reads rates", () => {
    const rate = (text: string, above: Dimension, below: Dimension) => {
      const read = parseRate(text, above, below);
      return read.ok ? read.value.value : read.problem.code;
    };
    expect(rate("20 L a week", "volume", "time")).toBeCloseTo(20 / 7, 10);
    expect(rate("1 in/week", "length", "time")).toBeCloseTo(2.54 / 7, 10);
    expect(rate("1 tsp a gallon", "volume", "volume")).toBeCloseTo(1 / 768, 10);
    expect(rate("5 L every 3 days", "volume", "time")).toBeCloseTo(5 / 3, 10);
    expect(rate("20 L twice a week", "volume", "time")).toBeCloseTo(40 / 7, 10);
    expect(rate("2 gal every day", "volume", "time")).toBeCloseTo(7.570823568, 8);
    expect(rate("20 L", "volume", "time")).toBe("no-unit");
    expect(rate("20 L a fortnight", "volume", "time")).toBe("unknown-unit");
  });
});

it("shows a quantity so that reading it back gives it again, to the figures shown, in both systems", () => {
  const dimensions = ["length", "volume", "mass", "load", "area"] as const;
  fc.assert(
    fc.property(
      fc.constantFrom(...dimensions),
      fc.constantFrom("metric" as const, "us" as const),
      fc.double({ min: 0.02, max: 5000, noNaN: true }),
      (dimension, system, amount) => {
        const back = value(formatQuantity(amount, dimension, system), dimension);
        expect(Math.abs(back - amount) / amount).toBeLessThan(0.07);
      },
    ),
  );
});

it("reads money with or without its sign, and asks where a comma could be either", () => {
  const read = (text: string) => {
    const parsed = amountField(100_000).safeParse(text);
    return parsed.success ? parsed.data : JSON.parse(parsed.error.issues[0]!.message).code;
  };
  expect([read("60"), read("60 €"), read("€60"), read("60 EUR"), read("4,50"), read("")]).toEqual([
    60,
    60,
    60,
    60,
    4.5,
    null,
  ]);
  expect([read("1,000"), read("1.000")]).toEqual(["ambiguous-number", "ambiguous-number"]);
});

it("keeps a form field's bounds", () => {
  const field = quantityField("length", 500);
  expect(field.safeParse("0 cm").error?.issues[0]?.message).toContain("zero");
  expect(field.safeParse("9 m").error?.issues[0]?.message).toContain("too-large");
  expect(field.parse("3.2 m").value).toBe(320);
});
