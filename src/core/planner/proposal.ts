import * as z from "zod";
import { Plan } from "../plan";
import { Sketch } from "../year";
import { Covered, Missing } from "./explain";

const Helpings = z.number();

/** A garden that is proposed, with what it comes to. */
export const Proposal = z.object({
  plan: Plan,
  worth: Helpings,
  /** No garden of the same choices is worth more. */
  bound: Helpings,
  /** Share of the bound that is missing at most, 0 to 1. */
  gap: z.number(),
  /** Plantings that were chosen from. */
  considered: z.number(),
  /** Bags to buy, and what all that is new costs, minor units. */
  bags: z.array(z.object({ kindId: z.string(), count: z.number() })),
  minor: z.number(),
  /** Hours of sowing, moving and picking. */
  hours: z.number(),
  /** What the whole garden gives in its year, kg. */
  harvest: z.object({ low: z.number(), likely: z.number(), high: z.number() }),
  /** The whole garden, to be drawn small. */
  sketch: Sketch,
  /** How much of each kind of food is covered, what each new planting adds in helpings, and which musts are missing and why. */
  covered: z.array(Covered),
  adds: z.record(z.string(), Helpings),
  missing: z.array(Missing),
});
export type Proposal = z.infer<typeof Proposal>;
