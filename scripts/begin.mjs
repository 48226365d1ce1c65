// Lets the first organiser in, and begins a programme where there is none: npm run begin -- --organiser "Jo Marsh" --account jo
import { withDatabase } from "./parts/backup.mjs";
import { migrateDatabase } from "./parts/database.mjs";
import { at, checkNode, ensurePackages, ROOT } from "./parts/machine.mjs";
import { must } from "./parts/run.mjs";
import { giveUp, say } from "./parts/say.mjs";

try {
  checkNode();
  await ensurePackages();
  const told = await withDatabase(async (url) => {
    await migrateDatabase(url);
    return must(
      "The programme could not be begun.",
      process.execPath,
      [at("node_modules/tsx/dist/cli.mjs"), at("src/server/begin.ts"), ...process.argv.slice(2)],
      { cwd: ROOT, env: { ...process.env, DATABASE_URL: url } },
    );
  });
  say(told.trim());
} catch (error) {
  giveUp(error);
}
