import * as z from "zod";
import { isDay } from "./day";

/** A date of the calendar as text, at any boundary. */
export const DayText = z.string().refine(isDay, { error: "not-a-date" });
