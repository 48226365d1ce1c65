import { begin, profiles, programmes, roles, shared, stages } from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

export const t = translator({ begin, profiles, programmes, roles, shared, stages });
