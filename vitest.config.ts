import { fileURLToPath } from "node:url";
import { defineConfig } from "vitest/config";
import { BaseSequencer, type TestSpecification } from "vitest/node";

/** What takes longest begins first: begun last, one core would wait for it. */
const LONG = [
  "screens.e2e.ts",
  "people.e2e.ts",
  "walk-laptop.e2e.ts",
  "walk-phone.e2e.ts",
  "plans.e2e.ts",
  "proposal.test.ts",
  "report.test.ts",
];

class LongFirst extends BaseSequencer {
  override async sort(files: TestSpecification[]): Promise<TestSpecification[]> {
    const isLong = ({ moduleId }: TestSpecification) => LONG.some((name) => moduleId.endsWith(`/${name}`));
    const sorted = await super.sort(files);
    return [...sorted.filter(isLong), ...sorted.filter((file) => !isLong(file))];
  }
}

export default defineConfig({
  resolve: { alias: { "@": fileURLToPath(new URL("./src", import.meta.url)) } },
  test: {
    // A small machine has two cores; a third browser only makes the others wait.
    maxWorkers: 2,
    sequence: { sequencer: LongFirst },
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
          include: ["e2e/**/*.e2e.ts"],
          setupFiles: ["e2e/own-app.ts"],
          // Two at once on a slow machine take their time; what hangs is ended by its page, after a minute.
          testTimeout: 300_000,
          hookTimeout: 120_000,
        },
      },
    ],
  },
});
