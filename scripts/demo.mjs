// Starts Pip Row with the demo programme in it: one command on a fresh machine.
import {
  checkDisk,
  checkNode,
  checkPort,
  at,
  ensureBuild,
  ensureDebian,
  ensurePackages,
} from "./parts/machine.mjs";
import { DEMO_DAY, loadDemo, migrateDatabase } from "./parts/database.mjs";
import { hasPostgres, startPostgres } from "./parts/postgres.mjs";
import { giveUp, say } from "./parts/say.mjs";
import { endLeftover, serve, untilStopped } from "./parts/serve.mjs";

const mode = process.argv[2] === "dev" ? "dev" : "start";

try {
  checkNode();
  checkDisk();
  const port = Number(process.env.PORT ?? 4310);
  await endLeftover();
  await checkPort(port);
  await ensureDebian("postgresql", hasPostgres);
  await ensurePackages();
  const database = await startPostgres(at(".data", "postgres"));
  let server;
  try {
    say(await migrateDatabase(database.url));
    say(await loadDemo(database.url));
    if (mode === "start") await ensureBuild();
    server = serve(mode, port, {
      DATABASE_URL: database.url,
      PIP_ROW_TODAY: DEMO_DAY,
      PIP_ROW_DEMO: "1",
    });
    await server.ready;
  } catch (error) {
    await server?.stop();
    await database.stop();
    throw error;
  }
  say(`Pip Row is ready: http://127.0.0.1:${port}   (Ctrl-C stops it)`);
  const leaveAlone = database.keep();
  await untilStopped(server, async () => {
    leaveAlone();
    await database.stop();
  });
} catch (error) {
  giveUp(error);
}
