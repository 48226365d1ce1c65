import { BagMake, BagShape } from "../bag";
import { Crop } from "../crop";
import type { Reference } from "../setting";

import type { FieldProblems } from "../problem";

/** A value that a programme puts in place of the library's, and why. */
export interface Override {
  readonly name: string;
  readonly value: number;
  readonly reason: string;
  readonly author: string;
}

export type Applied =
  { readonly ok: true; readonly value: Reference } | { readonly ok: false; readonly fields: FieldProblems };

/** A deep copy of `part` with the number at `path` replaced; undefined when no number stands there. */
function withNumber<T>(part: T, path: readonly string[], value: number): T | undefined {
  const [key, ...rest] = path;
  if (key === undefined) return typeof part === "number" ? (value as T) : undefined;
  if (typeof part !== "object" || part === null || !(key in part)) return undefined;
  const inner = withNumber((part as Record<string, unknown>)[key], rest, value);
  if (inner === undefined) return undefined;
  return Array.isArray(part)
    ? (part.map((x, i) => (String(i) === key ? inner : x)) as T)
    : { ...part, [key]: inner };
}

function applyOne(reference: Reference, { name, value }: Override): Reference | string {
  const [kind, ...rest] = name.split("/");
  const path = (rest.at(-1) ?? "").split(".");
  const id = rest.slice(0, -1).join("/");
  if (kind === "bag") {
    const bag = reference.bagKinds.find((b) => b.id === id);
    if (!bag) return "value-unknown";
    if (path[0] === "lifeSeasons") {
      const make = BagMake.safeParse(withNumber(bag.make, path, value));
      return make.success
        ? {
            ...reference,
            bagKinds: reference.bagKinds.map((b) => (b === bag ? { ...b, make: make.data } : b)),
          }
        : "override-senseless";
    }
    const shape = BagShape.safeParse(withNumber(bag.shape, path, value));
    if (!shape.success) return "override-senseless";
    return {
      ...reference,
      bagKinds: reference.bagKinds.map((b) => (b === bag ? { ...b, shape: shape.data } : b)),
    };
  }
  const crop = reference.crops.find((c) =>
    kind === "crop" ? c.id === id : kind === "goal" && c.goals.some((g) => g.id === id),
  );
  if (!crop) return "value-unknown";
  const changed =
    kind === "crop"
      ? withNumber(crop, path, value)
      : { ...crop, goals: crop.goals.map((g) => (g.id === id ? (withNumber(g, path, value) ?? g) : g)) };
  if (changed === undefined || JSON.stringify(changed) === JSON.stringify(crop)) {
    // Nothing changed: either the value is what it was, or the path leads nowhere.
    const known =
      kind === "crop"
        ? withNumber(crop, path, Number.NaN)
        : crop.goals.some((g) => g.id === id && withNumber(g, path, Number.NaN) !== undefined);
    return known ? reference : "value-unknown";
  }
  const parsed = Crop.safeParse(changed);
  if (!parsed.success) return "override-senseless";
  return { ...reference, crops: reference.crops.map((c) => (c === crop ? parsed.data : c)) };
}

/** The library with a programme's own values in place; each that makes no sense is named, and then nothing is applied. */
export function applyOverrides(reference: Reference, overrides: readonly Override[]): Applied {
  const fields: Record<string, { code: string }> = {};
  let result = reference;
  for (const override of overrides) {
    const next = applyOne(result, override);
    if (typeof next === "string") fields[override.name] = { code: next };
    else result = next;
  }
  return Object.keys(fields).length > 0 ? { ok: false, fields } : { ok: true, value: result };
}
