import { draw } from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

export const t = translator({ draw });
