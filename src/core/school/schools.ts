import * as z from "zod";
import { SCHOOLS } from "./names";

/** What a programme, a household or a row has chosen; what is left out is as the level above has it. */
export const Schools = z
  .strictObject({
    start: z.enum(SCHOOLS.start),
    density: z.enum(SCHOOLS.density),
    bagSize: z.enum(SCHOOLS.bagSize),
    core: z.enum(SCHOOLS.core),
    brassicaDepth: z.enum(SCHOOLS.brassicaDepth),
    colour: z.enum(SCHOOLS.colour),
    water: z.enum(SCHOOLS.water),
    feed: z.enum(SCHOOLS.feed),
    gardenSoil: z.enum(SCHOOLS.gardenSoil),
    lime: z.enum(SCHOOLS.lime),
    refresh: z.enum(SCHOOLS.refresh),
    onions: z.enum(SCHOOLS.onions),
  })
  .partial();
export type Schools = z.infer<typeof Schools>;
