import * as z from "zod";
import { type Problem, problemMessage } from "../problem";
import { parseQuantity, type Quantity } from "./parse";
import type { Dimension } from "./units";

function problemWith(
  read: ReturnType<typeof parseQuantity>,
  dimension: Dimension,
  max: number,
): Problem | undefined {
  if (!read.ok) return { ...read.problem } as Problem;
  if (dimension !== "temperature" && read.value.value === 0) return { code: "zero" };
  return read.value.value > max ? { code: "too-large", understood: read.value.typed } : undefined;
}

function readInto(
  text: string,
  dimension: Dimension,
  max: number,
  complain: (message: string) => void,
): Quantity | undefined {
  const read = parseQuantity(text, dimension);
  const problem = problemWith(read, dimension, max);
  if (problem) complain(problemMessage(problem));
  return problem || !read.ok ? undefined : read.value;
}

/** A form field that holds a quantity as typed and comes out parsed. @param max the most that is believed, in core units */
export const quantityField = (dimension: Dimension, max: number) =>
  z
    .string()
    .transform(
      (text, ctx): Quantity =>
        readInto(text, dimension, max, (message) => ctx.addIssue({ code: "custom", message })) ?? z.NEVER,
    );

/** A quantity field that may be left empty, which comes out as null. */
export const optionalQuantityField = (dimension: Dimension, max: number) =>
  z
    .string()
    .transform((text, ctx): Quantity | null =>
      text.trim() === ""
        ? null
        : (readInto(text, dimension, max, (message) => ctx.addIssue({ code: "custom", message })) ?? z.NEVER),
    );

function readWhole(text: string, min: number, max: number, complain: (message: string) => void): number {
  const value = /^\s*\d{1,9}\s*$/.test(text) ? Number(text) : Number.NaN;
  if (Number.isInteger(value) && value >= min && value <= max) return value;
  complain(problemMessage({ code: "not-whole", min, max }));
  return z.NEVER;
}

/** A form field that holds a whole number between two bounds. */
export const wholeField = (min: number, max: number) =>
  z
    .string()
    .transform((text, ctx): number =>
      readWhole(text, min, max, (message) => ctx.addIssue({ code: "custom", message })),
    );

/** A whole number that may be left empty, which comes out as null. */
export const optionalWholeField = (min: number, max: number) =>
  z
    .string()
    .transform((text, ctx): number | null =>
      text.trim() === ""
        ? null
        : readWhole(text, min, max, (message) => ctx.addIssue({ code: "custom", message })),
    );

/** An amount of money without its currency, "60", "4.50" or "4,50"; empty comes out as null. */
export const amountField = (max: number) =>
  z.string().transform((text, ctx): number | null => {
    // A sign or a code of the currency beside the amount says nothing new.
    const plain = text.trim().replace(/^(?:[€$£]|[A-Z]{3}\b)\s*|\s*(?:[€$£]|\b[A-Z]{3})$/g, "");
    if (plain === "") return null;
    if (/^[1-9]\d{0,2}[.,]\d{3}$/.test(plain)) {
      const [whole = "", rest = ""] = plain.split(/[.,]/);
      const [either, or] = [Number(`${whole}.${rest}`), Number(whole + rest)];
      ctx.addIssue({
        code: "custom",
        message: problemMessage({ code: "ambiguous-number", understood: plain, either, or }),
      });
      return z.NEVER;
    }
    const value = /^\d{1,9}([.,]\d{1,3})?$/.test(plain) ? Number(plain.replace(",", ".")) : Number.NaN;
    if (value <= max) return value;
    ctx.addIssue({
      code: "custom",
      message: problemMessage(
        Number.isNaN(value)
          ? { code: "not-an-amount", understood: plain }
          : { code: "too-large", understood: plain },
      ),
    });
    return z.NEVER;
  });
