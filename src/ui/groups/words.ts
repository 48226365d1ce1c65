import { groupPick, groups, heap, parts, taskKinds } from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

export const t = translator({ groupPick, groups, heap, parts, taskKinds });
