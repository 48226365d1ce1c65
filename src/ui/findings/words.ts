import { detail, findings, letter, methods, places, season, shared, ways } from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

export const t = translator({ detail, findings, letter, methods, places, season, shared, ways });
