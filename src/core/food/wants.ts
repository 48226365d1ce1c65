import * as z from "zod";
import { FOOD_GROUPS, HOW_OFTEN } from "./groups";

const CropId = z.string().regex(/^[a-z-]+$/);
/** A crop, or one goal of it where that is another food: sweet pepper, and hot. */
const FoodId = z.string().regex(/^[a-z-]+(\/[a-z-]+)?$/);

const said = {
  groups: z.partialRecord(z.enum(FOOD_GROUPS), z.enum(HOW_OFTEN)),
  must: z.array(CropId).max(20),
  never: z.array(FoodId).max(40),
};
const isOneOrOther = (w: { must: string[]; never: string[] }) => !w.must.some((id) => w.never.includes(id));
const EITHER = { error: "must-and-never", path: ["never"] };

/** What a household says that it eats: how often each kind of food, what must be there, and what nobody touches. */
export const Eats = z.strictObject(said).refine(isOneOrOther, EITHER);

/** What a household wants of its garden: what it eats, and what it would sell of the rest. */
export const Wants = z
  .strictObject({
    ...said,
    /** A kind of food to sell, how much a week, kg, and what a kg fetches, minor units of the currency. */
    sell: z
      .strictObject({
        group: z.enum(FOOD_GROUPS),
        kgWeek: z.number().positive(),
        minorKg: z.int().positive(),
      })
      .optional(),
  })
  .refine(isOneOrOther, EITHER);
export type Wants = z.infer<typeof Wants>;
