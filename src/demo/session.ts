import { randomUUID } from "node:crypto";
import { closePool } from "@/db/pool";
import { signIn } from "@/server/auth";
import { DEMO_ACCOUNTS } from "@/server/demo-accounts";

/** Signs the demo's trainer in, and prints the cookie: benches ask for pages with it. */
const trainer = DEMO_ACCOUNTS.find(({ role }) => role === "trainer");
if (!trainer) throw new Error("the demo has no trainer");
const signed = await signIn(trainer.account, trainer.password, {
  address: randomUUID(),
  headers: new Headers(),
});
if (signed.is !== "in") throw new Error(`the demo's trainer could not sign in: ${signed.is}`);
console.log(signed.cookies.map((cookie) => cookie.split(";")[0]).join("; "));
await closePool();
