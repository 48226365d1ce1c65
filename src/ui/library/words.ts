import { colours, library, materials, shared, sources, values } from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

export const t = translator({ colours, library, materials, shared, sources, values });
