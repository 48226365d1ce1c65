import type words from "./en.json";

declare module "next-intl" {
  interface AppConfig {
    Messages: typeof words;
    Locale: "en-GB";
  }
}
