import { strToU8, Zip, ZipDeflate } from "fflate";

/** A table of a package: its columns as Table Schema has them, and its file, in parts, the head first. */
export interface PackageTable {
  readonly name: string;
  readonly fields: readonly {
    readonly name: string;
    readonly type: string;
    readonly description: string;
  }[];
  readonly primaryKey: string;
  readonly lines: AsyncIterable<string> | Iterable<string>;
}

interface About {
  readonly name: string;
  readonly title: string;
  /** When it was made, ISO 8601. */
  readonly made: string;
}

const fileOf = ({ name }: PackageTable) => `${name}.csv`;

/** What a package holds, as a Data Package with Table Schemas: specs.frictionlessdata.io, data-package and table-schema 1. */
const descriptorOf = (tables: readonly PackageTable[], { name, title, made }: About) => ({
  profile: "tabular-data-package",
  name,
  title,
  created: made,
  resources: tables.map((table) => ({
    profile: "tabular-data-resource",
    name: table.name,
    path: fileOf(table),
    format: "csv",
    mediatype: "text/csv",
    encoding: "utf-8",
    dialect: { delimiter: ",", lineTerminator: "\r\n", doubleQuote: true, header: true },
    schema: {
      fields: table.fields.map(({ name: column, type, description }) => ({
        name: column,
        type,
        ...(description ? { description } : {}),
        ...(type === "datetime" ? { format: "any" } : {}),
      })),
      primaryKey: table.primaryKey,
    },
  })),
});

/**
 * A zip with tables as CSV and a descriptor that says what each column holds, written while the lines are read, so that
 * few of them are held at a time.
 */
export async function* dataPackage(
  tables: readonly PackageTable[],
  about: About,
): AsyncGenerator<Uint8Array, void> {
  const ready: Uint8Array[] = [];
  const zip = new Zip((error, chunk) => {
    if (error) throw error;
    ready.push(chunk);
  });
  const descriptor = new ZipDeflate("datapackage.json");
  zip.add(descriptor);
  descriptor.push(strToU8(JSON.stringify(descriptorOf(tables, about), null, 2)), true);
  for (const table of tables) {
    const file = new ZipDeflate(fileOf(table));
    zip.add(file);
    for await (const part of table.lines) {
      file.push(strToU8(part));
      yield* ready.splice(0);
    }
    file.push(new Uint8Array(0), true);
  }
  zip.end();
  yield* ready.splice(0);
}
