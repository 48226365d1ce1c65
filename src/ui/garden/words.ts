import { cautions, due, meals, own, shared, water } from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

export const t = translator({ cautions, due, meals, own, shared, water });
