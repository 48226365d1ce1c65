import { roles, signIn } from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

export const t = translator({ roles, signIn });
