import { app, choose, grades, pages, shared } from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

export const t = translator({ app, choose, grades, pages, shared });
