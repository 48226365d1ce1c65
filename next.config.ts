import { copyFileSync, mkdirSync } from "node:fs";
import { createRequire } from "node:module";
import { buildSync } from "esbuild";
import type { NextConfig } from "next";

// The solver's WebAssembly is served beside the app, where the planner's worker finds it.
mkdirSync("public", { recursive: true });
copyFileSync(createRequire(import.meta.url).resolve("highs/runtime"), "public/highs.wasm");

// What opens pages without signal has to be one script at the root of the site.
buildSync({
  entryPoints: ["src/ui/offline/worker.ts"],
  outfile: "public/worker.js",
  bundle: true,
  minify: true,
  logLevel: "error",
  define: { "process.env.NODE_ENV": '"production"' },
});

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  // Texts are read when the app is built; what formats them then is small.
  turbopack: {
    rules: { "**/words/en/*.json": { loaders: ["./src/ui/words/loader.mjs"], as: "*.js" } },
    resolveAlias: { "use-intl/format-message": "use-intl/format-message/format-only" },
  },
  // A photo, or a table of five thousand notes, comes in one piece.
  experimental: { serverActions: { bodySizeLimit: "4mb" } },
  // Found at run time, not bundled.
  serverExternalPackages: ["pg-boss", "rate-limiter-flexible"],
  // Types are checked by the test command; a build on a household's old laptop need not do it again.
  typescript: { ignoreBuildErrors: true },
  // No other site learns which household was looked at. What a page may run is said by `src/proxy.ts`.
  headers: async () => [
    {
      source: "/:path*",
      headers: [
        { key: "Referrer-Policy", value: "same-origin" },
        { key: "X-Content-Type-Options", value: "nosniff" },
      ],
    },
  ],
};

export default config;
