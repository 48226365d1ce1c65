import * as z from "zod";
import { FOOD_GROUPS, HOW_OFTEN } from "./groups";

const CropId = z.string().regex(/^[a-z-]+$/);
/** A crop, or one goal of it where that is another food: sweet pepper, and hot. */
const FoodId = z.string().regex(/^[a-z-]+(\/[a-z-]+)?$/);

/** What a household says that it eats: how often each kind of food, what must be there, and what nobody touches. */
export const Wants = z
  .strictObject({
    groups: z.partialRecord(z.enum(FOOD_GROUPS), z.enum(HOW_OFTEN)),
    must: z.array(CropId).max(20),
    never: z.array(FoodId).max(40),
  })
  .refine((w) => !w.must.some((id) => w.never.includes(id)), { error: "must-and-never", path: ["never"] });
export type Wants = z.infer<typeof Wants>;
