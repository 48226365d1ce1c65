import { contrast, shared, water } from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

export const t = translator({ contrast, shared, water });
