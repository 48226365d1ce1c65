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

/** An amount as it is read for a record, with its unit; empty where it has none. */
export interface FoundAmount {
  readonly text: string;
  readonly unit: string;
}

/** The amounts that a text holds, and the text without them. */
export function findAmounts(text: string): { readonly found: readonly FoundAmount[]; readonly rest: string } {
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

/** Whether a unit is of what is picked, and not of what is poured. */
export const isMassOrPiece = (unit: string) =>
  !/^(l|litres?|liters?|ml|tbsp|tsp|cups?|tablespoons?|teaspoons?)$/.test(unit);
