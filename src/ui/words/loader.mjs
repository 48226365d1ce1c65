import compile from "icu-minify/compile";

/** A section's texts as they are formatted: each is read when the app is built, so that no page carries what reads them. */
const read = (texts) =>
  Object.fromEntries(
    Object.entries(texts).map(([key, text]) => [key, typeof text === "string" ? compile(text) : read(text)]),
  );

/** The bundler's loader for the files of `en/`. @param {string} source JSON */
export default function loader(source) {
  return `export default ${JSON.stringify(read(JSON.parse(source)))};`;
}
