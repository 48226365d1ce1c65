import { randomUUID } from "node:crypto";
import { insertMember, putGiven } from "@/db/members";
import { db } from "@/db/pool";
import { makeAccount } from "@/server/auth";
import { DEMO_ACCOUNTS } from "@/server/demo-accounts";
import { known } from "@/core/known";

/** Lets the made-up people into the made-up programme. */
export async function loadPeople(programmeId: string, idOf: (code: string) => string): Promise<void> {
  const on = db({ programmeId });
  for (const { role, name, account, password, households: codes = [] } of DEMO_ACCOUNTS) {
    const id = randomUUID();
    const householdId = role === "household" ? idOf(known(codes[0])) : undefined;
    const userId = known(await makeAccount(account, password));
    await insertMember(on, programmeId, { id, userId, role, name, householdId });
    if (role === "helper") await putGiven(on, programmeId, id, codes);
  }
}
