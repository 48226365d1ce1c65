import { prices, shared } from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

export const t = translator({ prices, shared });
