import { parse } from "csv-parse/sync";
import { expect, it } from "vitest";
import { faultsToCsv, readValues, valuesToCsv, valuesToJson, type ValueRow } from ".";

const ROWS: ValueRow[] = [
  {
    name: "crop/kale/heatC",
    shipped: 33,
    source: "assumption",
    value: 30,
    reason: 'hot roofs, "two" summers',
  },
  { name: "crop/kale/germination", shipped: 0.75, source: "cfr-201", value: null, reason: "" },
];

it("comes back from CSV and from JSON as it went", () => {
  const expected = {
    rows: [{ line: 2, name: "crop/kale/heatC", value: 30, reason: 'hot roofs, "two" summers' }],
    faults: [],
  };
  expect(readValues(valuesToCsv(ROWS))).toEqual(expected);
  expect(readValues(valuesToJson(ROWS))).toEqual(expected);
  expect(readValues(`\uFEFF${valuesToCsv(ROWS)}`)).toEqual(expected);
  expect(parse(valuesToCsv(ROWS), { columns: true })).toHaveLength(2);
});

it("names each wrong row with its line, and gives it back", () => {
  const read = readValues(
    "name,value,reason\r\na,1,ok\r\nb,two,ok\r\nc,3,\r\na,4,again\r\n,5,ok\r\nd,,passed over\r\n",
  );
  if ("code" in read) throw new Error(read.code);
  expect(read.rows.map((r) => r.name)).toEqual(["a"]);
  expect(read.faults.map((f) => [f.line, f.problem.code])).toEqual([
    [3, "not-a-number"],
    [4, "reason-missing"],
    [5, "value-twice"],
    [6, "value-unknown"],
  ]);
  expect(parse(faultsToCsv(read.faults), { columns: true })[0]).toEqual({
    line: "3",
    problem: "not-a-number",
    name: "b",
    value: "two",
    reason: "ok",
  });
});

it.each([
  ["{", "file-broken"],
  ['{"values": []}', "file-shape"],
  ["a,b\r\n1,2\r\n", "file-columns"],
  ["", "file-columns"],
  ['name,value,reason\r\n"a,1,x\r\n', "file-broken"],
])("says why %j is no such file: %s", (text, code) => {
  expect(readValues(text)).toMatchObject({ code });
});
