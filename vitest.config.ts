import { fileURLToPath } from "node:url";
import { defineConfig } from "vitest/config";

/** What waits for a database or a browser a good part of its time takes one more at once than a small machine has cores. */
const WAITING = 3;

export default defineConfig({
  resolve: { alias: { "@": fileURLToPath(new URL("./src", import.meta.url)) } },
  test: {
    // A small machine has two cores.
    maxWorkers: 2,
    projects: [
      {
        extends: true,
        test: {
          name: "unit",
          include: ["src/{core,library,solver,sheet,ui,demo}/**/*.test.{ts,tsx}", "src/*.test.ts"],
          setupFiles: ["src/testing/seeded.ts", "src/testing/cleared.ts"],
          // Each file anew would read the library and its schemas a hundred times over.
          isolate: false,
          testTimeout: 30_000,
        },
      },
      {
        extends: true,
        test: {
          name: "server",
          maxWorkers: WAITING,
          include: ["src/{db,server}/**/*.test.ts"],
          setupFiles: ["src/testing/own-database.ts"],
          testTimeout: 30_000,
          hookTimeout: 30_000,
        },
      },
      {
        extends: true,
        test: {
          name: "browser",
          maxWorkers: WAITING,
          include: ["e2e/**/*.e2e.ts"],
          setupFiles: ["e2e/own-app.ts"],
          testTimeout: 120_000,
          hookTimeout: 120_000,
        },
      },
    ],
  },
});
