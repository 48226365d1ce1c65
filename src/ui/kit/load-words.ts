import type { loadsOf } from "@/core/mix";
import type { wordsFor } from "@/ui/words/words-for";

/** Litres as people carry them: barrows, and buckets for the rest. */
export const loadWords = (
  { barrows, buckets }: ReturnType<typeof loadsOf>,
  { t }: ReturnType<typeof wordsFor>,
): string => t("kit.loads", { barrows, buckets, both: String(barrows > 0 && buckets > 0) });
