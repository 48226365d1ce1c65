import { fileURLToPath } from "node:url";
import { defineConfig } from "vitest/config";

export default defineConfig({
  resolve: { alias: { "@": fileURLToPath(new URL("./src", import.meta.url)) } },
  test: {
    projects: [
      {
        extends: true,
        test: {
          name: "unit",
          include: ["src/{core,library,solver,sheet,ui,demo}/**/*.test.{ts,tsx}", "src/*.test.ts"],
          setupFiles: ["src/testing/seeded.ts"],
          testTimeout: 30_000,
        },
      },
      {
        extends: true,
        test: {
          name: "server",
          include: ["src/{db,server}/**/*.test.ts"],
          testTimeout: 30_000,
          fileParallelism: false,
        },
      },
      {
        extends: true,
        test: {
          name: "browser",
          include: ["e2e/**/*.e2e.ts"],
          testTimeout: 120_000,
          hookTimeout: 120_000,
          fileParallelism: false,
        },
      },
    ],
  },
});
