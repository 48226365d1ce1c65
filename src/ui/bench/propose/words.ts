import { bench, cautions, foodGroups, meals, propose, shared } from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

export const t = translator({ bench, cautions, foodGroups, meals, propose, shared });
