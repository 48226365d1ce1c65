import type { loadsOf } from "@/core/mix";
import { t } from "./words";

/** Litres as people carry them: barrows, and buckets for the rest. */
export const loadWords = ({ barrows, buckets }: ReturnType<typeof loadsOf>): string =>
  t("kit.loads", { barrows, buckets, both: String(barrows > 0 && buckets > 0) });
