import { access, roles, shared } from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

export const t = translator({ access, roles, shared });
