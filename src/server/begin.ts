import { randomUUID } from "node:crypto";
import { parseArgs } from "node:util";
import { insertMember, listMembers, noteChange } from "@/db/members";
import { closePool, db, transaction } from "@/db/pool";
import { allProgrammes, insertProgramme } from "@/db/programmes";
import { CLIMATES, MIXES } from "@/library";
import { makeAccount } from "./auth";
import { newPassword } from "./people";

/**
 * Lets the first organiser in, who lets in everybody else: `npm run begin -- --organiser "Jo Marsh" --account jo`. In a
 * database without a programme it begins one: `--programme`, `--town` and `--currency` name it.
 */
const { values } = parseArgs({
  options: {
    organiser: { type: "string" },
    account: { type: "string" },
    programme: { type: "string" },
    town: { type: "string" },
    currency: { type: "string", default: "EUR" },
  },
});

async function begin(): Promise<string> {
  const { organiser, account, programme, town, currency } = values;
  if (!organiser || !account)
    return 'name the organiser: npm run begin -- --organiser "Jo Marsh" --account jo';
  if (!/^[a-z0-9_.]{3,30}$/.test(account))
    return "--account takes 3 to 30 small letters, digits, dots or underscores.";
  if (!Intl.supportedValuesOf("currency").includes(currency))
    return `${currency} is no currency of ISO 4217, such as EUR, USD or KES.`;
  const on = db("everything");
  const there = await allProgrammes(on);
  const kept = await Promise.all(there.map(async ({ id }) => ({ id, members: await listMembers(on, id) })));
  const open = kept.filter(({ members }) => !members.some(({ role }) => role === "organiser"));
  if (there.length > 0 && open.length === 0)
    return "every programme has an organiser already: they let in whom they want.";
  if (there.length === 0 && (!programme || !town))
    return 'name the programme too: --programme "Stairwell Gardens" --town "Larkmouth" --currency EUR';
  const password = newPassword();
  const userId = await makeAccount(account, password);
  if (!userId) return `the sign-in name ${account} is taken.`;
  await transaction("everything", async (tx) => {
    if (programme && town && there.length === 0) {
      const id = randomUUID();
      const [climate, mix] = [CLIMATES[0], MIXES[0]];
      if (!climate || !mix) throw new Error("the library is empty");
      await insertProgramme(tx, {
        id,
        name: programme,
        town,
        climateId: climate.id,
        mixId: mix.id,
        currency,
        trainer: organiser,
      });
      open.push({ id, members: [] });
    }
    for (const { id } of open) {
      await insertMember(tx, id, { id: randomUUID(), userId, role: "organiser", name: organiser });
      await noteChange(tx, id, { author: organiser, act: "invited", about: `${organiser} (organiser)` });
    }
  });
  return `${organiser} signs in as ${account} with the password ${password}: write it down, it is kept nowhere.`;
}

console.log(await begin());
await closePool();
