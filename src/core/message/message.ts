import { addDays, type Day } from "../day";
import type { Problem } from "../problem";
import { type Amount, type Detail, isOfRow, MEASURES_OF, readAmount, type RecordKind } from "../record";
import { findAmounts, type FoundAmount, isMassOrPiece } from "./amounts";
import { closest } from "./fuzzy";
import { CONDITION_WORDS, isPest, REASON_WORDS, WEATHER_WORDS } from "./signs";
import { FILLERS, NOT_SO, plain, verbOf } from "./vocabulary";
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
