import type { RecordKind } from "../record";
import { closest } from "./fuzzy";

/** Words for what happened. */
const VERBS: Readonly<Record<string, RecordKind>> = {
  picked: "picked",
  pick: "picked",
  picking: "picked",
  harvested: "picked",
  harvest: "picked",
  cut: "picked",
  got: "picked",
  pulled: "picked",
  dug: "picked",
  up: "up",
  sprouted: "up",
  germinated: "up",
  emerged: "up",
  sown: "sown",
  sowed: "sown",
  sow: "sown",
  seeded: "sown",
  planted: "sown",
  moved: "moved",
  transplanted: "moved",
  thinned: "thinned",
  staked: "staked",
  tied: "staked",
  lost: "lost",
  died: "lost",
  dead: "lost",
  fed: "fed",
  fertilized: "fed",
  fertilised: "fed",
  watered: "watered",
  watering: "watered",
  filled: "filled",
  emptied: "emptied",
  covered: "covered",
  netted: "covered",
  finished: "ended",
  ended: "ended",
  cleared: "ended",
};
const LONG_VERBS = Object.keys(VERBS).filter((verb) => verb.length >= 5);

/** Words that say nothing of their own. */
export const FILLERS = new Set(
  "a an the of in into on at from for to my our we i it is are was were have has and all with today some only just more out came come coming planted bag row pot tub box sack hi hello please pls thanks thank you seeds seed plants plant seedlings seedling".split(
    " ",
  ),
);

/** What is asked, denied or still to come is no record. */
export const NOT_SO =
  /\b(not|no|never|none|nothing|didnt|dont|hasnt|havent|isnt|wont|tomorrow|will|going to|should|shall|when|how|why|what|which|can i|could|maybe|if|next)\b|\?/;

/** A text in small letters, without accents and marks that say nothing. */
export const plain = (text: string) =>
  text
    .normalize("NFD")
    .replace(/\p{M}/gu, "")
    .toLowerCase()
    .replace(/[’']/g, "")
    .replace(/½/g, ".5")
    .replace(/(\d),(\d)/g, "$1.$2")
    .replace(/[!;:()"]+|,|\.(?!\d)/g, " ")
    .replace(/\s+/g, " ")
    .trim();

/** What a word says happened, slips of the thumb forgiven; undefined for one that says nothing of it, or might say two things. */
export function verbOf(word: string): RecordKind | undefined {
  const exact = VERBS[word];
  if (exact) return exact;
  // A short word is too near to others to be forgiven; words of one meaning may be alike near.
  if (word.length < 5) return undefined;
  const near = LONG_VERBS.filter((verb) => closest(word, [verb]) !== undefined);
  const kinds = new Set(near.map((verb) => VERBS[verb]));
  return kinds.size === 1 ? [...kinds][0] : undefined;
}
