import { z } from "zod";
import { type Problem, problemMessage } from "../problem";
import { parseQuantity, type Quantity } from "./parse";
import type { Dimension } from "./units";

function problemWith(read: ReturnType<typeof parseQuantity>, dimension: Dimension, max: number): Problem | undefined {
  if (!read.ok) return { ...read.problem } as Problem;
  if (dimension !== "temperature" && read.value.value === 0) return { code: "zero" };
  return read.value.value > max ? { code: "too-large", understood: read.value.typed } : undefined;
}

function readInto(text: string, dimension: Dimension, max: number, complain: (message: string) => void): Quantity | undefined {
  const read = parseQuantity(text, dimension);
  const problem = problemWith(read, dimension, max);
  if (problem) complain(problemMessage(problem));
  return problem || !read.ok ? undefined : read.value;
}

/** A form field that holds a quantity as typed and comes out parsed. @param max the most that is believed, in core units */
export const quantityField = (dimension: Dimension, max: number) =>
  z.string().transform((text, ctx): Quantity => readInto(text, dimension, max, (message) => ctx.addIssue({ code: "custom", message })) ?? z.NEVER);

/** A quantity field that may be left empty, which comes out as null. */
export const optionalQuantityField = (dimension: Dimension, max: number) =>
  z.string().transform((text, ctx): Quantity | null =>
    text.trim() === "" ? null : (readInto(text, dimension, max, (message) => ctx.addIssue({ code: "custom", message })) ?? z.NEVER),
  );

/** A form field that holds a whole number between two bounds. */
export const wholeField = (min: number, max: number) =>
  z.string().transform((text, ctx): number => {
    const value = /^\s*\d{1,9}\s*$/.test(text) ? Number(text) : Number.NaN;
    if (Number.isInteger(value) && value >= min && value <= max) return value;
    ctx.addIssue({ code: "custom", message: problemMessage({ code: "not-whole", min, max }) });
    return z.NEVER;
  });
