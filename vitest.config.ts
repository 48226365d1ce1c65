import { fileURLToPath } from "node:url";
import { defineConfig } from "vitest/config";
import { BaseSequencer, type TestSpecification } from "vitest/node";

/** What takes longest begins first: begun last, one core would wait for it. */
const LONG = [
  "walk.e2e.ts",
  "screens.e2e.ts",
  "people.e2e.ts",
  "plans.e2e.ts",
  "proposal.test.ts",
  "report.test.ts",
];

/** Files of a project one after the other: a process that shares what it has read ends where one of another project is next. */
class LongFirst extends BaseSequencer {
  override async sort(files: TestSpecification[]): Promise<TestSpecification[]> {
    const isLong = ({ moduleId }: TestSpecification) => LONG.some((name) => moduleId.endsWith(`/${name}`));
    const sorted = (await super.sort(files)).sort((a, b) => a.project.name.localeCompare(b.project.name));
    return [...sorted.filter(isLong), ...sorted.filter((file) => !isLong(file))];
  }
}

const here = (path: string) => fileURLToPath(new URL(path, import.meta.url));
const SETUP = ["src/testing/seeded.ts", "src/testing/cleared.ts"];
const UNIT = {
  // Each file anew would read the library and its schemas a hundred times over.
  isolate: false,
  testTimeout: 30_000,
};

export default defineConfig({
  resolve: { alias: { "@": here("./src") } },
  test: {
    // A small machine has two cores; a third browser only makes the others wait.
    maxWorkers: 2,
    sequence: { sequencer: LongFirst },
    projects: [
      {
        extends: true,
        test: {
          ...UNIT,
          name: "unit",
          setupFiles: SETUP,
          include: ["src/{core,library,solver,sheet,ui,demo}/**/*.test.ts", "src/*.test.ts"],
        },
      },
      {
        extends: true,
        resolve: { alias: { "next/navigation": here("./src/testing/navigation.ts") } },
        test: {
          ...UNIT,
          name: "screens",
          setupFiles: [...SETUP, "src/testing/document.ts"],
          include: ["src/ui/**/*.test.tsx"],
          environment: "happy-dom",
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
