import {
  bill,
  bulbKinds,
  clash,
  dates,
  feedStages,
  feeds,
  food,
  gradeMeans,
  light,
  limits,
  methodHow,
  methodWhy,
  methods,
  ripeness,
} from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

export const t = translator({
  bill,
  bulbKinds,
  clash,
  dates,
  feedStages,
  feeds,
  food,
  gradeMeans,
  light,
  limits,
  methodHow,
  methodWhy,
  methods,
  ripeness,
});
