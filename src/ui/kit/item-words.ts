import type { Gear, Wanted } from "@/core/money";
import type { wordsFor } from "@/ui/words/words-for";
import { t } from "./words";

/** Less seed than this nobody weighs, g. */
const PINCH_G = 0.1;

/** Something to buy in words: its name, how much of it, and the size of its packs where they have one. */
export function itemWords({ item, amount }: Wanted, words: ReturnType<typeof wordsFor>) {
  const { bag, cropName, quantity, number, mix } = words;
  const [group = ""] = item.split("/");
  const id = item.slice(group.length + 1);
  const volume = (litres: number) => quantity(litres, "volume");
  const mass = (kg: number) => quantity(kg, "mass");
  switch (group) {
    case "bag":
      return { name: bag(id), amount: number(amount), sizeOf: () => "" };
    case "mix":
      return { name: mix(id), amount: volume(amount), sizeOf: volume };
    case "feed":
      return { name: t(`feeds.${id as "organic-granules"}`), amount: mass(amount), sizeOf: mass };
    case "gear": {
      const name = t(`kit.gear.${id as Gear}`);
      if (id === "stones") return { name, amount: volume(amount), sizeOf: volume };
      if (id === "lime") return { name, amount: mass(amount), sizeOf: mass };
      return { name, amount: number(amount), sizeOf: (size: number) => (size > 1 ? number(size) : "") };
    }
    case "packet":
      return {
        name: t("kit.seedOf", { crop: cropName(id) }),
        amount: amount < PINCH_G ? t("kit.pinch") : mass(amount / 1000),
        sizeOf: (size: number) => mass(size / 1000),
      };
    default:
      return { name: t("kit.piecesOf", { crop: cropName(id) }), amount: number(amount), sizeOf: () => "" };
  }
}
