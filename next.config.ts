import { copyFileSync, mkdirSync } from "node:fs";
import { createRequire } from "node:module";
import type { NextConfig } from "next";
import createNextIntlPlugin from "next-intl/plugin";

// The solver's WebAssembly is served beside the app, where the planner's worker finds it.
mkdirSync("public", { recursive: true });
copyFileSync(createRequire(import.meta.url).resolve("highs/runtime"), "public/highs.wasm");

const withNextIntl = createNextIntlPlugin("./src/ui/words/request.ts");

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  // Types are checked by the test command; a build on a household's old laptop need not do it again.
  typescript: { ignoreBuildErrors: true },
};

export default withNextIntl(config);
