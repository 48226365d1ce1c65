import { afterAll } from "vitest";
import { freePort } from "../scripts/parts/machine.mjs";
import { serve } from "../scripts/parts/serve.mjs";
import { copyOf } from "../scripts/parts/throwaway.mjs";

// Each file of checks has the app to itself, over the demo as it is loaded.
const copy = await copyOf(process.env.DATABASE_URL!);
const port = await freePort();
const server = serve("start", port, { DATABASE_URL: copy.url }, { quiet: true });
await server.ready;
process.env.PIP_ROW_URL = `http://127.0.0.1:${port}`;
afterAll(async () => {
  await server.stop();
  await copy.drop();
});
