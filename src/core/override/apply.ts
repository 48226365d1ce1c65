import type { BagMake, BagShape } from "../bag";
import type { Crop } from "../crop";
import type { Reference } from "../setting";

/** A value that a programme puts in place of the library's, and why. */
export interface Override {
  readonly name: string;
  readonly value: number;
  readonly reason: string;
  readonly author: string;
  /** Taken from findings: it follows new records until somebody puts another value in its place. */
  readonly follows?: boolean;
}

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

/** The part of the library that an override changes, as it is then. */
export type Changed =
  | { readonly kind: "make"; readonly id: string; readonly part: BagMake }
  | { readonly kind: "shape"; readonly id: string; readonly part: BagShape }
  | { readonly kind: "crop"; readonly id: string; readonly part: Crop };

/** What an override changes; undefined when the library has no number of that name. */
export function changedBy(reference: Reference, { name, value }: Override): Changed | undefined {
  const [kind, ...rest] = name.split("/");
  const path = (rest.at(-1) ?? "").split(".");
  const id = rest.slice(0, -1).join("/");
  if (kind === "bag") {
    const bag = reference.bagKinds.find((b) => b.id === id);
    if (bag && path[0] === "lifeSeasons") {
      const part = withNumber(bag.make, path, value);
      return part && { kind: "make", id, part };
    }
    const part = bag && withNumber(bag.shape, path, value);
    return part && { kind: "shape", id, part };
  }
  const crop = reference.crops.find((c) =>
    kind === "crop" ? c.id === id : c.goals.some((g) => g.id === id),
  );
  if (!crop || (kind !== "crop" && kind !== "goal")) return undefined;
  if (kind === "crop") {
    const part = withNumber(crop, path, value);
    return part && { kind: "crop", id: crop.id, part };
  }
  const goals = crop.goals.map((g) => (g.id === id ? withNumber(g, path, value) : g));
  const known = goals.filter((g) => g !== undefined);
  return known.length === goals.length
    ? { kind: "crop", id: crop.id, part: { ...crop, goals: known } }
    : undefined;
}

/** The library with a changed part in place. */
export function withChanged(reference: Reference, changed: Changed): Reference {
  const { kind, id, part } = changed;
  return kind === "crop"
    ? { ...reference, crops: reference.crops.map((c) => (c.id === id ? part : c)) }
    : { ...reference, bagKinds: reference.bagKinds.map((b) => (b.id === id ? { ...b, [kind]: part } : b)) };
}

/** The library with a programme's own values in place, which were checked before; a name that it no longer has is left out. */
export function withOverrides(reference: Reference, overrides: readonly Override[]): Reference {
  return overrides.reduce((so, override) => {
    const changed = changedBy(so, override);
    return changed ? withChanged(so, changed) : so;
  }, reference);
}
