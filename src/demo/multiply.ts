import { multiply, tidy } from "@/db/multiply";
import { closePool, db, transaction } from "@/db/pool";
import { allProgrammes } from "@/db/programmes";
import { judgeAll } from "@/server/following";

const [households, records] = process.argv.slice(2).map(Number);
if (!Number.isInteger(households) || !Number.isInteger(records)) {
  console.error("Say how many households and how many records: npm run multiply -- 1000 97000");
  process.exit(1);
}
for (const { id, name } of await allProgrammes(db("everything"))) {
  await transaction("everything", async (on) => {
    await on.query("SET LOCAL statement_timeout = 0");
    await multiply(on, id, { households: households ?? 0, records: records ?? 0 });
  });
  await tidy();
  await judgeAll(id);
  await tidy();
  console.log(`${name} has ${households} households and ${records} records`);
}
await closePool();
