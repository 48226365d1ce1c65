import { copyFileSync, mkdirSync } from "node:fs";
import { createRequire } from "node:module";
import type { NextConfig } from "next";

// The solver's WebAssembly is served beside the app, where the planner's worker finds it.
mkdirSync("public", { recursive: true });
copyFileSync(createRequire(import.meta.url).resolve("highs/runtime"), "public/highs.wasm");

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  // Found at run time, not bundled.
  serverExternalPackages: ["pg-boss"],
  // Types are checked by the test command; a build on a household's old laptop need not do it again.
  typescript: { ignoreBuildErrors: true },
};

export default config;
