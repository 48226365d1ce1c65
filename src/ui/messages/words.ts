import { also, messages, recordKinds } from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

export const t = translator({ also, messages, recordKinds });
