import * as z from "zod";
import { OWN, ownMixName } from "./own-name";
import { MIX_PARTS } from "./parts";

/** What a programme knows of a mix: a recipe of its own, or what a litre of a shipped one weighs. */
export const OwnMix = z
  .strictObject({
    id: z
      .string()
      .max(60 + OWN.length, { error: "too-long" })
      .refine((id) => ownMixName(id) !== "" && id.trim() !== "", { error: "name-missing" }),
    recipe: z
      .array(
        z.strictObject({
          part: z.enum(MIX_PARTS),
          parts: z.number().positive({ error: "parts-positive" }).max(1000, { error: "too-large" }),
        }),
      )
      .min(1, { error: "recipe-empty" })
      .max(MIX_PARTS.length)
      .optional(),
    isLimed: z.boolean().optional(),
    /** A litre of it, soaked and drained, on a scale, kg: from bark at about 0.3 to wet sand at 2.2. */
    wetKgL: z.number().min(0.3, { error: "wet-litre" }).max(2.2, { error: "wet-litre" }).optional(),
  })
  .refine(({ recipe = [] }) => new Set(recipe.map(({ part }) => part)).size === recipe.length, {
    error: "part-twice",
    path: ["recipe"],
  })
  .refine(({ id, recipe }) => (ownMixName(id) === undefined) === (recipe === undefined), {
    error: "recipe-empty",
    path: ["recipe"],
  });
export type OwnMix = z.infer<typeof OwnMix>;
