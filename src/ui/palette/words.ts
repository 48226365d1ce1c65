import { nav, palette, problems, shared } from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

export const t = translator({ nav, palette, problems, shared });
