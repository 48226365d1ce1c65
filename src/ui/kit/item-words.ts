import type { Wanted } from "@/core/money";
import type { wordsFor } from "@/ui/words/words-for";

/** Less seed than this nobody weighs, g. */
const PINCH_G = 0.1;

/** Something to buy in words: its name, how much of it, and the size of its packs where they have one. */
export function itemWords({ item, amount }: Wanted, words: ReturnType<typeof wordsFor>) {
  const { t, bag, cropName, quantity, number } = words;
  const [group = "", id = ""] = item.split("/");
  switch (group) {
    case "bag":
      return { name: bag(id), amount: number(amount), sizeOf: () => "" };
    case "mix":
      return {
        name: t(`mixes.${id as "potting-mix"}`),
        amount: quantity(amount, "volume"),
        sizeOf: (size: number) => quantity(size, "volume"),
      };
    case "packet":
      return {
        name: t("kit.seedOf", { crop: cropName(id) }),
        amount: amount < PINCH_G ? t("kit.pinch") : quantity(amount / 1000, "mass"),
        sizeOf: (size: number) => quantity(size / 1000, "mass"),
      };
    default:
      return { name: t("kit.piecesOf", { crop: cropName(id) }), amount: number(amount), sizeOf: () => "" };
  }
}
