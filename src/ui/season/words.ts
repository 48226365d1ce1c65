import { amounts, detail, places, season, shared } from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

export const t = translator({ amounts, detail, places, season, shared });
