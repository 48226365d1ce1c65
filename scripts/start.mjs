// Serves Pip Row on a real server: DATABASE_URL names its database, HOST and PORT where it listens.
import { checkNode, checkPort, ensureBuild, ensurePackages } from "./parts/machine.mjs";
import { migrateDatabase } from "./parts/database.mjs";
import { CannotGoOn, giveUp, say } from "./parts/say.mjs";
import { endLeftover, serve, untilStopped } from "./parts/serve.mjs";

try {
  checkNode();
  const url = process.env.DATABASE_URL;
  if (!url)
    throw new CannotGoOn(
      "DATABASE_URL is not set: it names the database to use. For a try without one: npm run demo",
    );
  const port = Number(process.env.PORT ?? 4310);
  await endLeftover();
  await checkPort(port);
  await ensurePackages();
  say(await migrateDatabase(url));
  await ensureBuild();
  const server = serve("start", port, { DATABASE_URL: url }, { host: process.env.HOST ?? "127.0.0.1" });
  await server.ready;
  say(`Pip Row is ready on port ${port}`);
  await untilStopped(server, async () => {});
} catch (error) {
  giveUp(error);
}
