import { rights, shared, steps } from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

export const t = translator({ rights, shared, steps });
