import { climate, files, profiles, weather } from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

export const t = translator({ climate, files, profiles, weather });
