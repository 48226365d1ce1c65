import { BagMake, BagShape } from "../bag";
import { Crop } from "../crop";
import type { FieldProblems } from "../problem";
import type { Reference } from "../setting";
import { type Changed, changedBy, type Override, withChanged } from "./apply";

export type Applied =
  { readonly ok: true; readonly value: Reference } | { readonly ok: false; readonly fields: FieldProblems };

const CONTRACTS = { make: BagMake, shape: BagShape, crop: Crop };
const isSound = ({ kind, part }: Changed): boolean => CONTRACTS[kind].safeParse(part).success;

/** The library with a programme's own values in place; each that makes no sense is named, and then nothing is applied. */
export function applyOverrides(reference: Reference, overrides: readonly Override[]): Applied {
  const fields: Record<string, { code: string }> = {};
  let result = reference;
  for (const override of overrides) {
    const changed = changedBy(result, override);
    if (changed && isSound(changed)) result = withChanged(result, changed);
    else fields[override.name] = { code: changed ? "override-senseless" : "value-unknown" };
  }
  return Object.keys(fields).length > 0 ? { ok: false, fields } : { ok: true, value: result };
}

/** Those of a programme's own values that the library still understands, one by one in their order. */
export function soundOverrides(reference: Reference, overrides: readonly Override[]): Override[] {
  let result = reference;
  return overrides.filter((override) => {
    const applied = applyOverrides(result, [override]);
    if (applied.ok) result = applied.value;
    return applied.ok;
  });
}
