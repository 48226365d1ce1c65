import {
  also,
  bags,
  cautions,
  compass,
  doorstep,
  draw,
  foodGroups,
  howOften,
  places,
  shared,
  skills,
  trayPlaces,
} from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

export const t = translator({
  also,
  bags,
  cautions,
  compass,
  doorstep,
  draw,
  foodGroups,
  howOften,
  places,
  shared,
  skills,
  trayPlaces,
});
