import { foodGroups, nav, proposals, propose } from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

export const t = translator({ foodGroups, nav, proposals, propose });
