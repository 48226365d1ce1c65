import { offline } from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

export const t = translator({ offline });
