import { addDays, type Day } from "../day";
import type { Problem } from "../problem";
import { type Amount, type Detail, isOfRow, MEASURES_OF, readAmount, type RecordKind } from "../record";
import { closest } from "./fuzzy";
import { CONDITION_WORDS, isPest, REASON_WORDS, WEATHER_WORDS } from "./signs";
import { findWhen } from "./when";

/** A planting as people call it. */
export interface KnownPlanting {
  readonly id: string;
  readonly rowId: string;
  /** Its row's number in the plan, from 1. */
  readonly row: number;
  /** Names of its crop, the usual one first. */
  readonly names: readonly string[];
  /** It has ended: people still write about it, but less likely. */
  readonly isOver: boolean;
}

/** What is known of who writes. */
export interface Known {
  readonly plantings: readonly KnownPlanting[];
  readonly rows: readonly { readonly id: string; readonly number: number }[];
  readonly today: Day;
}

/** A record as the message has it, without an id of its own. */
export interface Draft {
  readonly plantingId: string | null;
  readonly rowId?: string;
  readonly kind: RecordKind;
  readonly on: Day;
  readonly amount: Amount | null;
  readonly note: string;
  readonly detail?: Detail;
}

export type MessageRead =
  | { readonly is: "records"; readonly records: readonly Draft[] }
  /** No more reminders, or again some; what can be written; strike out what was stored last. */
  | { readonly is: "stop" | "start" | "help" | "undo" }
  | { readonly is: "unclear"; readonly problem: Problem };

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
const FILLERS = new Set(
  "a an the of in into on at from for to my our we i it is are was were have has and all with today some only just more out came come coming planted bag row pot tub box sack hi hello please pls thanks thank you seeds seed plants plant seedlings seedling".split(
    " ",
  ),
);

/** What is asked, denied or still to come is no record. */
const NOT_SO =
  /\b(not|no|never|none|nothing|didnt|dont|hasnt|havent|isnt|wont|tomorrow|will|going to|should|shall|when|how|why|what|which|can i|could|maybe|if|next)\b|\?/;

const NUMBER_WORDS: Readonly<Record<string, string>> = {
  one: "1",
  two: "2",
  three: "3",
  four: "4",
  five: "5",
  six: "6",
  seven: "7",
  eight: "8",
  nine: "9",
  ten: "10",
  eleven: "11",
  twelve: "12",
  dozen: "12",
};

const UNITS =
  "kg|kgs|kilo|kilos|kilogram|kilograms|g|gr|gm|gms|gram|grams|lb|lbs|pound|pounds|oz|ounce|ounces|l|litre|litres|liter|liters|ml|tbsp|tablespoon|tablespoons|tsp|teaspoon|teaspoons|cup|cups|bunch|bunches|bundle|bundles|piece|pieces|pcs|pc|head|heads|pod|pods|cob|cobs|fruit|fruits|root|roots|bulb|bulbs";
/** Units as people shorten them, as the amounts of records are read. */
const UNIT_OF: Readonly<Record<string, string>> = {
  kilo: "kg",
  kilos: "kg",
  kgs: "kg",
  gr: "g",
  gm: "g",
  gms: "g",
  pcs: "pieces",
  pc: "pieces",
};

const plain = (text: string) =>
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

const unclear = (code: string, more: Record<string, string | number> = {}): MessageRead => ({
  is: "unclear",
  problem: { code, ...more },
});

/** A message may say several things, one a line or parted by semicolons: all of them are stored, or none. */
export function readMessage(text: string, known: Known): MessageRead {
  const word = plain(text);
  if (/^(stop|unsubscribe|stop all)$/.test(word)) return { is: "stop" };
  if (/^(start|subscribe)$/.test(word)) return { is: "start" };
  if (/^(help|info|\?)$/.test(word)) return { is: "help" };
  if (/^(undo|wrong|oops|take back)$/.test(word)) return { is: "undo" };
  const parts = text
    .split(/[;\n]+/)
    .map((part) => part.trim())
    .filter((part) => part !== "");
  if (parts.length === 0) return unclear("message-empty");
  const records: Draft[] = [];
  for (const part of parts) {
    const read = readPart(part, known);
    if (read.is !== "records") return read;
    records.push(...read.records);
  }
  return { is: "records", records };
}

/** What is found of one thing that a message says, and the words that are left. */
function readPart(text: string, known: Known): MessageRead {
  const said = plain(text);
  if (NOT_SO.test(said)) return unclear("message-not-so");
  const when = findWhen(said, known.today);
  if (when.isUnclear) return unclear("message-day");
  const on = when.day ?? known.today;
  if (on < addDays(known.today, -400)) return unclear("message-day");
  const bag = findBag(when.rest);
  const amounts = findAmounts(bag.rest);
  if (amounts.found.length > 1) return unclear("message-two-amounts");
  const words = amounts.rest.split(" ").filter((w) => w !== "");
  const verbs = [...new Set(words.map((w) => verbOf(w)).filter((kind) => kind !== undefined))];
  // "came up" and "picked up" have their verb beside the small word.
  const kinds = verbs.length > 1 ? verbs.filter((kind) => kind !== "up") : verbs;
  if (kinds.length > 1) return unclear("message-two-things");
  const [amount] = amounts.found;
  const kind =
    kinds[0] ??
    (amount && amount.unit !== "" && isMassOrPiece(amount.unit) ? "picked" : undefined) ??
    (amount ? undefined : seenIn(words, known, bag.number));
  if (!kind) return unclear("message-what");
  const detail = detailIn(kind, words);
  const others = words.filter((w) => verbOf(w) === undefined && !(kind === "lost" && REASON_WORDS.has(w)));
  if (kind === "weather")
    return {
      is: "records",
      records: [{ plantingId: null, kind, on, amount: null, note: "", ...detail }],
    };
  return isOfRow(kind)
    ? ofRows(kind, {
        on,
        bag: bag.number,
        isAll: /\b(all|every|everything)\b/.test(said),
        known,
        amount,
        others,
        ...detail,
      })
    : ofPlanting(kind, { on, bag: bag.number, known, amount, others, ...detail });
}

/** What words without a verb say that somebody saw: a pest on a crop, how a bag is, or the weather. */
function seenIn(words: readonly string[], known: Known, bag: number | undefined): RecordKind | undefined {
  const isOfCrop = plantingsNamed(words, known.plantings).found.length > 0;
  if (bag !== undefined && !isOfCrop && words.some((w) => CONDITION_WORDS.has(w))) return "checked";
  if ((isOfCrop || bag !== undefined) && words.some(isPest)) return "pest";
  return !isOfCrop && bag === undefined && words.some((w) => WEATHER_WORDS.has(w)) ? "weather" : undefined;
}

/** What else words say of a record of a kind. */
function detailIn(kind: RecordKind, words: readonly string[]): { readonly detail?: Detail } {
  const meaning = <T>(table: ReadonlyMap<string, T>) =>
    words.map((w) => table.get(w)).find((m) => m !== undefined);
  const detail: Detail = {
    ...(kind === "lost" && { reason: meaning(REASON_WORDS) }),
    ...(kind === "weather" && { weather: meaning(WEATHER_WORDS) }),
    ...(kind === "checked" && { condition: meaning(CONDITION_WORDS) }),
  };
  return Object.values(detail).some((value) => value !== undefined) ? { detail } : {};
}

function verbOf(word: string): RecordKind | undefined {
  const exact = VERBS[word];
  if (exact) return exact;
  // A short word is too near to others to be forgiven; words of one meaning may be alike near.
  if (word.length < 5) return undefined;
  const near = LONG_VERBS.filter((verb) => closest(word, [verb]) !== undefined);
  const kinds = new Set(near.map((verb) => VERBS[verb]));
  return kinds.size === 1 ? [...kinds][0] : undefined;
}

const isMassOrPiece = (unit: string) =>
  !/^(l|litres?|liters?|ml|tbsp|tsp|cups?|tablespoons?|teaspoons?)$/.test(unit);

function findBag(text: string): { readonly number?: number; readonly rest: string } {
  const found =
    /\b(?:bag|row|pot|tub|box|sack|tower|planter)s?\s*(?:no|nr|number)?\s*#?\s*(\d{1,3})\b/.exec(text) ??
    /#\s*(\d{1,3})\b/.exec(text) ??
    /\b(?:no|nr|b)\s?(\d{1,3})\b/.exec(text);
  return found
    ? {
        number: Number(found[1]),
        rest: `${text.slice(0, found.index)} ${text.slice(found.index + found[0].length)}`,
      }
    : { rest: text };
}

interface FoundAmount {
  readonly text: string;
  readonly unit: string;
}

function findAmounts(text: string): { readonly found: readonly FoundAmount[]; readonly rest: string } {
  const spelled = text
    .replace(/\bhalf a (kilo|kg|pound|lb)\b/g, "0.5 $1")
    .replace(/\b(?:a|one) (kilo|kg|pound|bunch|bundle|handful|dozen)\b/g, (_, unit: string) =>
      unit === "dozen" ? "12" : `1 ${unit}`,
    )
    .split(" ")
    .map((w) => NUMBER_WORDS[w] ?? w)
    .join(" ");
  const found: FoundAmount[] = [];
  const pounds = /\b(\d+) ?(?:lbs?|pounds?) ?(\d+(?:\.\d+)?) ?(?:oz|ounces?)\b/.exec(spelled);
  if (pounds) {
    found.push({ text: `${pounds[1]} lb ${pounds[2]} oz`, unit: "lb" });
    return {
      found,
      rest: `${spelled.slice(0, pounds.index)} ${spelled.slice(pounds.index + pounds[0].length)}`,
    };
  }
  const rest = spelled.replace(
    new RegExp(`(?<![\\w.])(\\d*\\.?\\d+)\\s?(?:(${UNITS})\\b|(?![\\w.]))`, "g"),
    (_, number: string, unit: string | undefined) => {
      const as = unit === undefined ? "" : (UNIT_OF[unit] ?? unit);
      const value = number.startsWith(".") ? `0${number}` : number;
      found.push({ text: as === "" ? value : `${value} ${as}`, unit: as });
      return " ";
    },
  );
  return { found, rest };
}

interface Said {
  readonly on: Day;
  readonly bag: number | undefined;
  readonly known: Known;
  readonly amount: FoundAmount | undefined;
  readonly others: readonly string[];
  readonly detail?: Detail;
}

/** The amount as a record of this kind has it. */
function amountOf(
  kind: RecordKind,
  amount: FoundAmount | undefined,
): { ok: true; value: Amount | null } | { ok: false; read: MessageRead } {
  if (!amount) return { ok: true, value: null };
  if (MEASURES_OF[kind].length === 0)
    return { ok: false, read: unclear("message-amount", { understood: amount.text }) };
  const read = readAmount(kind, amount.text);
  if (read.ok) return { ok: true, value: read.value };
  return read.problem.code === "picked-of-what"
    ? { ok: false, read: unclear("message-picked-of-what", { understood: amount.text }) }
    : { ok: false, read: unclear("message-amount", { understood: amount.text }) };
}

function ofRows(
  kind: RecordKind,
  { on, bag, isAll, known, amount, others, detail }: Said & { isAll: boolean },
): MessageRead {
  const read = amountOf(kind, amount);
  if (!read.ok) return read.read;
  const named = bag === undefined && !isAll ? plantingsNamed(others, known.plantings).found : [];
  const numbers =
    bag !== undefined
      ? [bag]
      : isAll
        ? known.rows.map(({ number }) => number)
        : [...new Set(named.map(({ row }) => row))];
  if (numbers.length === 0 && known.rows.length === 1) numbers.push(known.rows[0]?.number ?? 1);
  if (numbers.length === 0 || (!isAll && numbers.length > 1)) return unclear("message-which-bag");
  const rows = numbers.map((number) => known.rows.find((row) => row.number === number));
  if (rows.some((row) => row === undefined)) return unclear("message-no-bag", { bag: bag ?? 0 });
  return {
    is: "records",
    records: rows.flatMap((row) =>
      row
        ? [
            {
              plantingId: null,
              rowId: row.id,
              kind,
              on,
              amount: read.value,
              note: "",
              ...(detail && { detail }),
            },
          ]
        : [],
    ),
  };
}

/** The plantings that words name, the best named first, and the words that name none. */
function plantingsNamed(words: readonly string[], plantings: readonly KnownPlanting[]) {
  const scored = plantings.map((planting) => {
    let [best, used] = [0, [] as number[]];
    for (const name of planting.names) {
      const parts = plain(name).split(" ");
      const hits = parts.flatMap((part) => {
        const at = words.findIndex(
          (word) =>
            word === part ||
            isPlural(word, part) ||
            (part.length >= 4 && closest(word, [part]) !== undefined),
        );
        return at < 0 ? [] : [at];
      });
      // The last word of a name, or the only one, is the crop itself: "leaf kale" is kale.
      const score = hits.length === 0 ? 0 : hits.length / parts.length + hits.length / 10;
      if (score > best) [best, used] = [score, hits];
    }
    return { planting, best, used };
  });
  const top = Math.max(0, ...scored.map(({ best }) => best));
  const found = top > 0 ? scored.filter(({ best }) => best >= top - 1e-9) : [];
  const used = new Set(found.flatMap((s) => s.used));
  return { found: found.map((s) => s.planting), rest: words.filter((_, i) => !used.has(i)) };
}

const isPlural = (word: string, part: string) =>
  word === `${part}s` || word === `${part}es` || `${word}s` === part;

function ofPlanting(kind: RecordKind, { on, bag, known, amount, others, detail }: Said): MessageRead {
  const inBag = bag === undefined ? known.plantings : known.plantings.filter(({ row }) => row === bag);
  if (bag !== undefined && !known.rows.some(({ number }) => number === bag))
    return unclear("message-no-bag", { bag });
  const words = others.filter((word) => !FILLERS.has(word));
  const everywhere = plantingsNamed(words, known.plantings);
  const { found, rest } = plantingsNamed(words, inBag);
  // A crop that stands elsewhere is no crop of this bag.
  if (bag !== undefined && found.length === 0 && everywhere.found.length > 0)
    return unclear("message-not-there", { bag });
  const meant = found.length > 0 ? found : bag !== undefined ? inBag : [];
  const current = meant.filter(({ isOver }) => !isOver);
  const one = current.length > 0 ? current : meant;
  if (one.length === 0) return unclear("message-which-crop");
  if (one.length > 1) return unclear("message-which-bag");
  const read = amountOf(kind, amount);
  if (!read.ok) return read.read;
  if (read.value === null && (kind === "picked" || kind === "lost"))
    return unclear(`message-how-much-${kind}`);
  const note = rest.join(" ").slice(0, 200);
  const plantingId = one[0]?.id ?? null;
  return {
    is: "records",
    records: [{ plantingId, kind, on, amount: read.value, note, ...(detail && { detail }) }],
  };
}
