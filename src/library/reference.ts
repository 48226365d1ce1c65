import { type Override, withOverrides } from "@/core/override";
import type { Reference } from "@/core/setting";
import { SHIPPED } from "./shipped";

/** References that were asked for lately, the newest last: working one out reads the whole library. */
const known = new Map<string, Reference>();
const MOST_KNOWN = 20;

/** The library as a programme has it: its own values in place of the shipped ones. @param overrides that were checked */
export function referenceWith(overrides: readonly Override[]): Reference {
  if (overrides.length === 0) return SHIPPED;
  const key = JSON.stringify(overrides.map(({ name, value }) => [name, value]));
  const found = known.get(key);
  if (found) return found;
  const reference = withOverrides(SHIPPED, overrides);
  known.set(key, reference);
  const [oldest] = known.keys();
  if (known.size > MOST_KNOWN && oldest !== undefined) known.delete(oldest);
  return reference;
}
