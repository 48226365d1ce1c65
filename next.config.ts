import type { NextConfig } from "next";
import createNextIntlPlugin from "next-intl/plugin";

const withNextIntl = createNextIntlPlugin("./src/ui/words/request.ts");

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
};

export default withNextIntl(config);
