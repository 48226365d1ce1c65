import { closePool, db } from "@/db/pool";
import { allProgrammes } from "@/db/programmes";
import { rebuild } from "./following";

for (const { id, name } of await allProgrammes(db("everything"))) {
  await rebuild(id);
  console.log(`worked out anew from its plans and records: ${name}`);
}
await closePool();
