import { scale } from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

export const t = translator({ scale });
