import { createRequire } from "node:module";
import { join } from "node:path";
import { Font } from "@react-pdf/renderer";

const packages = join(process.cwd(), "package.json");
const file = (name: string) => createRequire(packages).resolve(`@fontsource/${name}`);

/** The families of the screens, as they ship with the app. */
export const TEXT = "Atkinson Hyperlegible Next";
export const HEAD = "Bricolage Grotesque";

const weight = (family: string, path: string, fontWeight: number) =>
  ({ src: file(`${path}/files/${path}-latin-${fontWeight}-normal.woff`), fontWeight, family }) as const;

for (const { family, ...font } of [
  weight(TEXT, "atkinson-hyperlegible-next", 400),
  weight(TEXT, "atkinson-hyperlegible-next", 700),
  weight(HEAD, "bricolage-grotesque", 700),
])
  Font.register({ family, ...font });

// Words stay whole: a sheet is read by people who learn the language too.
Font.registerHyphenationCallback((word) => [word]);
