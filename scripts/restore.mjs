// Puts a backup in the place of the database, which stays beside it: npm run restore -- file
import { resolve } from "node:path";
import { restore, withDatabase } from "./parts/backup.mjs";
import { checkNode, ensurePackages } from "./parts/machine.mjs";
import { CannotGoOn, giveUp, say } from "./parts/say.mjs";

try {
  checkNode();
  const file = process.argv[2];
  if (!file) throw new CannotGoOn("Which backup? npm run restore -- file");
  await ensurePackages();
  await withDatabase((url) => restore(url, resolve(file)));
  say("the backup is in its place; what was there before is the database beside it, named …_before");
} catch (error) {
  giveUp(error);
}
