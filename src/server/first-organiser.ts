import * as z from "zod";
import type { Outcome } from "@/core/problem";
import { listMembers } from "@/db/members";
import { db, transaction } from "@/db/pool";
import { allProgrammes } from "@/db/programmes";
import { CLIMATES } from "@/library";
import { makeAccount } from "./auth";
import { outcomeOf, parsed, refused } from "./outcome";
import { AccountName, type Key, newPassword, PersonName } from "./people";
import { Currency, letOrganise, openProgramme } from "./programmes";

const First = z.strictObject({
  organiser: PersonName,
  account: AccountName,
  /** What a programme is called that begins, where and in which money; only an empty database needs it. */
  programme: PersonName.optional(),
  town: PersonName.optional(),
  currency: Currency.default("EUR"),
});

/**
 * Lets the first organiser in, where nobody else could: into every programme that has none, or into one that begins in an
 * empty database.
 *
 * @returns what opens their account; refused with `organiser-there` where every programme has one
 */
export function letFirstIn(input: unknown): Promise<Outcome<Key>> {
  return outcomeOf(async () => {
    const first = parsed(First, input);
    if (!first.ok) return first;
    const { organiser: name, account, programme, town, currency } = first.value;
    const on = db("everything");
    const there = await allProgrammes(on);
    const members = await Promise.all(there.map(({ id }) => listMembers(on, id)));
    const open = there.filter((_, i) => !members[i]?.some(({ role }) => role === "organiser"));
    if (there.length > 0 && open.length === 0) return refused({ code: "organiser-there" });
    if (there.length === 0 && (!programme || !town)) return refused({ code: "programme-missing" });
    const password = newPassword();
    const userId = await makeAccount(account, password);
    if (!userId) return refused({ code: "invalid-input" }, { account: { code: "account-taken" } });
    const organiser = { userId, name };
    await transaction("everything", async (tx) => {
      for (const { id } of open) await letOrganise(tx, id, organiser);
      if (there.length === 0 && programme && town)
        await openProgramme(
          tx,
          { name: programme, town, climateId: CLIMATES[0]?.id ?? "", currency },
          organiser,
        );
    });
    return { ok: true, value: { name, account, password } };
  });
}
