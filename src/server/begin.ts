import { parseArgs } from "node:util";
import { closePool } from "@/db/pool";
import { letFirstIn } from "./first-organiser";

/** `npm run begin`: lets the first organiser in, by what was typed behind it. */
const TYPED = ["organiser", "account", "programme", "town", "currency"] as const;

/** What is wrong, and what to type instead. */
const MEANINGS: Record<string, string> = {
  "organiser-there": "Every programme has an organiser already: they let in whom they want.",
  "programme-missing":
    'The database is empty: name the programme too, --programme "Stairwell Gardens" --town "Larkmouth" --currency EUR',
  organiser: 'Name the organiser: npm run begin -- --organiser "Jo Marsh" --account jo',
  account: "--account takes 3 to 30 small letters, digits, dots or underscores, and none that is taken.",
  programme: "--programme takes up to 60 letters.",
  town: "--town takes up to 60 letters.",
  currency: "--currency takes one of ISO 4217, such as EUR, USD or KES.",
  "database-unreachable": "The database does not answer.",
};

const { values } = parseArgs({
  options: Object.fromEntries(TYPED.map((name) => [name, { type: "string" as const }])),
});
const outcome = await letFirstIn(values);
if (outcome.ok) {
  const { name, account, password } = outcome.value;
  console.log(
    `${name} signs in as ${account} with the password ${password}: write it down, it is kept nowhere.`,
  );
} else {
  const wrong = Object.keys(outcome.fields ?? {})[0] ?? outcome.problem.code;
  console.error(MEANINGS[wrong] ?? wrong);
  process.exitCode = 1;
}
await closePool();
