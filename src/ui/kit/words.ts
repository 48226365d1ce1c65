import { cautions, feeds, heap, kit, kitAll, parts, shared, sheet } from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

export const t = translator({ cautions, feeds, heap, kit, kitAll, parts, shared, sheet });
