// Imports run one way: core ← library ← db ← server ← app, core ← library ← ui ← app, and core ← solver ← ui; standins stand beside server and ui, demo beside server.
const LAYERS = {
  core: ["core"],
  library: ["core", "library"],
  db: ["core", "library", "db"],
  standins: ["core", "standins"],
  sheet: ["core", "library", "ui", "sheet"],
  server: ["core", "library", "db", "standins", "sheet", "server"],
  demo: ["core", "library", "db", "server", "standins", "sheet", "demo"],
  solver: ["core", "solver"],
  ui: ["core", "library", "standins", "solver", "ui"],
  app: ["core", "server", "ui", "app"],
};
const TESTS = "\\.(test|e2e)\\.tsx?$";

const layers = Object.entries(LAYERS).map(([layer, allowed]) => ({
  name: `${layer}-imports-only-${allowed.join("-")}`,
  severity: "error",
  from: { path: `^src/${layer}/`, pathNot: TESTS },
  to: { path: "^src/", pathNot: `^src/(${allowed.join("|")})/` },
}));

module.exports = {
  forbidden: [
    ...layers,
    {
      name: "core-is-pure",
      severity: "error",
      comment: "No React, Next, database, file or clock in the computation.",
      from: { path: "^src/core/", pathNot: TESTS },
      to: {
        dependencyTypes: ["core", "npm", "npm-dev"],
        pathNot:
          "node_modules/(zod|@stdlib/[^/]+|ml-matrix|papaparse|ical-generator|@types/papaparse|date-fns|pure-rand|damerau-levenshtein|fflate|@types/damerau-levenshtein)/",
      },
    },
    {
      name: "core-folders-by-their-face",
      severity: "error",
      comment: "A core folder's index.ts is all that others see of it.",
      from: { path: "^src/(?:core/([^/]+)|[^/]+)/", pathNot: TESTS },
      to: { path: "^src/core/([^/]+)/(?!index\\.ts$)", pathNot: "^src/core/$1/" },
    },
    {
      name: "a-page-carries-its-own-words",
      severity: "error",
      comment: "Folders of the interface name the sections that they say in their words.ts.",
      from: { path: "^src/ui/", pathNot: TESTS },
      to: { path: "^src/ui/words/all\\.ts$" },
    },
    {
      name: "what-judges-comes-behind-the-frame",
      severity: "error",
      comment:
        "Routes take screens that judge in the browser from judged-screens.ts, which loads them later.",
      from: { path: "^src/app/" },
      to: {
        path: "^src/ui/(bench/bench|match/match|days/days|kit/kit|steps/steps|doorstep/doorstep|garden/own-garden)\\.tsx$",
      },
    },
    {
      name: "sql-only-in-db",
      severity: "error",
      from: { path: "^src/", pathNot: "^src/db/" },
      to: { path: "node_modules/(pg|@types/pg|node-pg-migrate)/" },
    },
    {
      name: "no-circles",
      severity: "error",
      from: { path: "^src/" },
      to: { circular: true },
    },
  ],
  options: {
    tsConfig: { fileName: "tsconfig.json" },
    tsPreCompilationDeps: true,
    doNotFollow: { path: "node_modules" },
    enhancedResolveOptions: {
      extensions: [".ts", ".tsx", ".mjs", ".js", ".json"],
      exportsFields: ["exports"],
      conditionNames: ["import", "require", "node", "default", "types"],
    },
  },
};
