import type { Detail } from "../record";

type Reason = NonNullable<Detail["reason"]>;
type Weather = NonNullable<Detail["weather"]>;
type Condition = NonNullable<Detail["condition"]>;

const inWords = <T extends string>(table: Readonly<Partial<Record<T, string>>>): ReadonlyMap<string, T> =>
  new Map(
    Object.entries(table).flatMap(([meaning, words]) =>
      (words as string).split(" ").map((word) => [word, meaning as T] as const),
    ),
  );

/** What harms plants, by the words that people have for it; each is a reason to lose them by. */
export const REASON_WORDS = inWords<Reason>({
  slugs: "slug slugs snail snails",
  caterpillars: "caterpillar caterpillars grub grubs maggot maggots",
  birds: "bird birds pigeon pigeons sparrow sparrows",
  animals: "mouse mice rat rats cat cats squirrel squirrels rabbit rabbits",
  disease: "disease mildew rust blight rot rotted rotten mould mold virus",
  frost: "frost frosted frozen freeze",
  heat: "heat scorched",
  dry: "dry dried drought",
  wet: "drowned waterlogged",
  broken: "broken snapped",
});

/** Pests that suck or hide: seen and noted, and seldom what a plant is lost by. */
const PESTS = new Set(
  "aphid aphids greenfly blackfly whitefly whiteflies mite mites thrips beetle beetles bug bugs ant ants pest pests".split(
    " ",
  ),
);

const SEEN = new Set<Reason>(["slugs", "caterpillars", "birds", "animals", "disease"]);

/** Whether a word names a pest or a disease that somebody saw. */
export function isPest(word: string): boolean {
  const reason = REASON_WORDS.get(word);
  return PESTS.has(word) || (reason !== undefined && SEEN.has(reason));
}

export const WEATHER_WORDS = inWords<Weather>({
  frost: "frost frosty frozen",
  heat: "heat heatwave hot",
  rain: "rain rained raining",
  hail: "hail hailed hailstorm",
  storm: "storm stormy",
});

export const CONDITION_WORDS = inWords<Condition>({
  torn: "torn ripped split",
  worn: "worn faded fraying",
  sound: "sound",
});
