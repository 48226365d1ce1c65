import { due, households, places, round, shared, stages } from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

export const t = translator({ due, households, places, round, shared, stages });
