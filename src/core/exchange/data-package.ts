import { strToU8, Zip, ZipDeflate } from "fflate";
import { RECORD_FIELDS } from "./records-csv";

const FILE = "records.csv";

/** What a package of records holds, as a Data Package with a Table Schema: specs.frictionlessdata.io, data-package and table-schema 1. */
const descriptorOf = (name: string, title: string, made: string) => ({
  profile: "tabular-data-package",
  name,
  title,
  created: made,
  resources: [
    {
      profile: "tabular-data-resource",
      name: "records",
      path: FILE,
      format: "csv",
      mediatype: "text/csv",
      encoding: "utf-8",
      dialect: { delimiter: ",", lineTerminator: "\r\n", doubleQuote: true, header: true },
      schema: {
        fields: RECORD_FIELDS.map(({ name: column, type, description }) => ({
          name: column,
          type,
          ...(description ? { description } : {}),
          ...(column === "noted_at" ? { format: "any" } : {}),
        })),
        primaryKey: "record_id",
      },
    },
  ],
});

/**
 * A zip with records as CSV and a descriptor that says what each column holds, written while the lines are read, so that
 * few of them are held at a time.
 *
 * @param lines the file of records, in parts: its head first
 * @param made when, ISO 8601
 */
export async function* dataPackage(
  lines: AsyncIterable<string>,
  { name, title, made }: { readonly name: string; readonly title: string; readonly made: string },
): AsyncGenerator<Uint8Array, void> {
  const ready: Uint8Array[] = [];
  const zip = new Zip((error, chunk) => {
    if (error) throw error;
    ready.push(chunk);
  });
  const descriptor = new ZipDeflate("datapackage.json");
  zip.add(descriptor);
  descriptor.push(strToU8(JSON.stringify(descriptorOf(name, title, made), null, 2)), true);
  const table = new ZipDeflate(FILE);
  zip.add(table);
  for await (const part of lines) {
    table.push(strToU8(part));
    yield* ready.splice(0);
  }
  table.push(new Uint8Array(0), true);
  zip.end();
  yield* ready.splice(0);
}
