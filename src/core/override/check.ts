import { BagMake, BagShape } from "../bag";
import { Crop } from "../crop";
import type { FieldProblems } from "../problem";
import type { Reference } from "../setting";
import { type Changed, changedBy, type Override, withChanged } from "./apply";

export type Applied =
  { readonly ok: true; readonly value: Reference } | { readonly ok: false; readonly fields: FieldProblems };

const CONTRACTS = { make: BagMake, shape: BagShape, crop: Crop };
const isSound = ({ kind, part }: Changed): boolean => CONTRACTS[kind].safeParse(part).success;

/**
 * Applies values one by one, in their order but for those that make sense only once others are in place, as the ends of a
 * range do that moves as a whole.
 */
function applied(reference: Reference, overrides: readonly Override[]) {
  const sound: Override[] = [];
  let [result, waiting] = [reference, [...overrides]];
  for (;;) {
    const refused: Override[] = [];
    for (const override of waiting) {
      const changed = changedBy(result, override);
      if (changed && isSound(changed)) {
        result = withChanged(result, changed);
        sound.push(override);
      } else refused.push(override);
    }
    if (refused.length === 0 || refused.length === waiting.length) return { result, sound, refused };
    waiting = refused;
  }
}

/** The library with a programme's own values in place; each that makes no sense is named, and then nothing is applied. */
export function applyOverrides(reference: Reference, overrides: readonly Override[]): Applied {
  const { result, refused } = applied(reference, overrides);
  if (refused.length === 0) return { ok: true, value: result };
  const fields = Object.fromEntries(
    refused.map((override) => [
      override.name,
      { code: changedBy(result, override) ? "override-senseless" : "value-unknown" },
    ]),
  );
  return { ok: false, fields };
}

/** Those of a programme's own values that the library still understands, in an order in which they can be applied one by one. */
export const soundOverrides = (reference: Reference, overrides: readonly Override[]): Override[] =>
  applied(reference, overrides).sound;
