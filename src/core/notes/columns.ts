/** What a note can say, and in which columns. */
export const NOTE_FIELDS = [
  "household",
  "date",
  "what",
  "crop",
  "row",
  "amount",
  "unit",
  "note",
  "id",
] as const;
export type NoteField = (typeof NOTE_FIELDS)[number];

/** Which head of a table each field stands under; left out for a field that it has not. */
export type Columns = Readonly<Partial<Record<NoteField, string>>>;

/** One note as it was written: text, empty where a field says nothing. */
export type NoteRow = Readonly<Record<NoteField, string>>;

/** Heads by which people call each field, small and without what is no letter. Ours to choose. */
const CALLED: Readonly<Record<NoteField, readonly string[]>> = {
  household: [
    "household",
    "house",
    "home",
    "family",
    "code",
    "participant",
    "grower",
    "householdcode",
    "who",
  ],
  date: ["date", "day", "on", "when", "happenedon"],
  what: ["what", "kind", "event", "action", "activity", "task", "whathappened", "type"],
  crop: ["crop", "plant", "vegetable", "variety", "species", "planting", "name"],
  row: ["row", "bag", "bagno", "bagnumber", "container", "pot", "rowno", "no"],
  amount: [
    "amount",
    "howmuch",
    "quantity",
    "qty",
    "weight",
    "harvest",
    "yield",
    "typed",
    "count",
    "number",
    "value",
  ],
  unit: ["unit", "units", "typedunit", "measure"],
  note: ["note", "notes", "comment", "comments", "remark", "remarks", "observation"],
  id: ["recordid", "id", "uuid"],
};

const plain = (head: string) => head.toLowerCase().replace(/[^a-z]/g, "");

/** Which column most likely holds which field: by whole names first, then by names that begin alike; each column once. */
export function guessColumns(heads: readonly string[]): Columns {
  const taken = new Set<string>();
  const found: Partial<Record<NoteField, string>> = {};
  const fits: ((head: string, name: string) => boolean)[] = [
    (head, name) => plain(head) === name,
    (head, name) => name.length > 3 && plain(head).startsWith(name),
  ];
  for (const fit of fits)
    for (const field of NOTE_FIELDS) {
      if (found[field]) continue;
      const head = CALLED[field].flatMap((name) => heads.filter((h) => !taken.has(h) && fit(h, name)))[0];
      if (head === undefined) continue;
      found[field] = head;
      taken.add(head);
    }
  return found;
}

/** The notes of a table, each field taken from its column. */
export const noteRows = (rows: readonly Readonly<Record<string, string>>[], columns: Columns): NoteRow[] =>
  rows.map(
    (row) =>
      Object.fromEntries(
        NOTE_FIELDS.map((field) => [
          field,
          (row[columns[field] ?? ""] ?? "").trim().replace(/^'(?=[=+\-@])/, ""),
        ]),
      ) as Record<NoteField, string>,
  );
