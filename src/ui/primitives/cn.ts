import { type ClassValue, clsx } from "clsx";
import { extendTailwindMerge } from "tailwind-merge";

/** Our own sizes and rules, so that two of them are known to say the same thing. */
const merge = extendTailwindMerge({
  extend: {
    theme: { text: ["title", "lead", "note", "fine", "tiny"] },
    classGroups: { "border-w": ["border-rule", "border-thick"] },
  },
});

/** Classes joined; of two that say different things of one property the last counts. */
export const cn = (...classes: ClassValue[]): string => merge(clsx(classes));
