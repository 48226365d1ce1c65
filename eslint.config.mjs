import globals from "globals";
import next from "eslint-config-next/core-web-vitals";
import typescript from "eslint-config-next/typescript";

const config = [
  { ignores: [".next/**", ".data/**", "public/**", "next-env.d.ts"] },
  ...next,
  ...typescript,
  {
    rules: {
      "@typescript-eslint/no-unused-vars": ["error", { argsIgnorePattern: "^_", varsIgnorePattern: "^_" }],
      // More than four are told apart by name: one record instead.
      "max-params": ["error", 4],
      "@typescript-eslint/no-non-null-assertion": "error",
      "no-restricted-imports": [
        "error",
        {
          name: "next/link",
          message: "Take Link of ui/primitives: it asks for no page before somebody goes there.",
        },
        {
          name: "radix-ui",
          message: "What others built stands behind a primitive of ours, in ui/primitives.",
        },
      ],
    },
  },
  { files: ["src/ui/primitives/**"], rules: { "no-restricted-imports": "off" } },
  {
    // The planner and placement read typed arrays at places that their own loops bound; tests say what they expect to be there.
    files: [
      "src/core/planner/**",
      "src/core/placement/**",
      "src/core/course/**",
      "**/*.test.ts",
      "**/*.test.tsx",
      "e2e/**",
      "bench/**",
      "src/testing/**",
    ],
    rules: { "@typescript-eslint/no-non-null-assertion": "off" },
  },
  {
    // No compiler looks at these.
    files: ["**/*.mjs"],
    languageOptions: { globals: globals.node },
    rules: { "no-undef": "error" },
  },
  // A property's arguments come one by one.
  { files: ["**/*.test.ts"], rules: { "max-params": "off" } },
];

export default config;
