import {
  amounts,
  cautions,
  detail,
  draw,
  due,
  log,
  next,
  recordKinds,
  rights,
  shared,
  story,
  trouble,
} from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

export const t = translator({
  amounts,
  cautions,
  detail,
  draw,
  due,
  log,
  next,
  recordKinds,
  rights,
  shared,
  story,
  trouble,
});
