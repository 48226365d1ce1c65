import { cautions, dates, limitShort, match, methods, surfaces } from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

export const t = translator({ cautions, dates, limitShort, match, methods, surfaces });
