// Keeps all that the database holds in one file: npm run backup -- [file or folder]
import { resolve } from "node:path";
import { backUp, usualFolder, withDatabase } from "./parts/backup.mjs";
import { checkNode } from "./parts/machine.mjs";
import { giveUp, say } from "./parts/say.mjs";

try {
  checkNode();
  const place = process.argv[2] ? resolve(process.argv[2]) : usualFolder();
  say(`kept in ${await withDatabase((url) => backUp(url, place))}`);
  say("keep a copy on another disk: what is lost with this one is lost with its backups");
} catch (error) {
  giveUp(error);
}
