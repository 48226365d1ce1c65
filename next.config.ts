import type { NextConfig } from "next";
import createNextIntlPlugin from "next-intl/plugin";

const withNextIntl = createNextIntlPlugin("./src/ui/words/request.ts");

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  // Types are checked by the test command; a build on a household's old laptop need not do it again.
  typescript: { ignoreBuildErrors: true },
};

export default withNextIntl(config);
