import type { Goal } from "@/core/crop";
import { useWords } from "@/ui/words/use-words";
import { ripenessWords } from "./ripeness-words";

/** When a goal is ripe, how it is cut, how much is left, and whether that is its end. */
export function RipenessLine({ goal }: { goal: Goal }) {
  return <p className="text-note">{ripenessWords(goal, useWords())}</p>;
}
