import {
  mkdtempSync,
  readFileSync,
  rmSync,
  statSync,
  truncateSync,
  writeFileSync,
  copyFileSync,
  readdirSync,
} from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { Client } from "pg";
import { afterAll, beforeAll, expect, it } from "vitest";
import { backUp, restore } from "../../scripts/parts/backup.mjs";

const source = process.env.DATABASE_URL!;
const at = (name: string) => Object.assign(new URL(source), { pathname: `/${name}` }).href;
const kept = at("kept");
let folder: string;

async function connected<T>(url: string, act: (client: Client) => Promise<T>): Promise<T> {
  const client = new Client({ connectionString: url });
  await client.connect();
  try {
    return await act(client);
  } finally {
    await client.end();
  }
}

/** A fingerprint of every row of the tables that nobody could type again. */
const heldBy = (url: string) =>
  connected(url, async (client) => {
    const sums: Record<string, unknown> = {};
    for (const table of ["household", "plan_version", "record", "price", "library_override", "message"])
      sums[table] = (
        await client.query(
          `SELECT count(*)::int AS rows, md5(string_agg(t::text, '|' ORDER BY t::text)) AS sum FROM ${table} t`,
        )
      ).rows[0];
    return sums;
  });

const change = (url: string) =>
  connected(url, (client) => client.query("UPDATE household SET name = name || ' changed'"));

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), "pip-row-backup-"));
  await connected(source, (client) => client.query("CREATE DATABASE kept"));
});
afterAll(async () => {
  for (const name of ["kept", "kept_before"])
    await connected(source, (client) => client.query(`DROP DATABASE IF EXISTS ${name}`));
  rmSync(folder, { recursive: true, force: true });
});

it("puts back every row as it was, into an empty database and over a changed one, which stays beside it", async () => {
  const file = await backUp(source, folder);
  expect(file).toMatch(/pip-row-\d{4}-\d\d-\d\d-\d{4}\.backup$/);
  expect(statSync(file).mode & 0o077).toBe(0);
  const held = await heldBy(source);
  expect(held.record).toMatchObject({ rows: expect.any(Number) });
  expect((held.record as { rows: number }).rows).toBeGreaterThan(10);

  await restore(kept, file);
  expect(await heldBy(kept)).toEqual(held);

  await change(kept);
  const changed = await heldBy(kept);
  expect(changed).not.toEqual(held);
  await restore(kept, file);
  expect(await heldBy(kept)).toEqual(held);
  expect(await heldBy(at("kept_before"))).toEqual(changed);
  // What may only grow still may only grow.
  await expect(connected(kept, (client) => client.query("DELETE FROM record"))).rejects.toThrow();
});

it("refuses what is no whole backup of this release, and a database in use, and changes nothing then", async () => {
  const file = join(folder, "good.backup");
  await backUp(source, file);
  await restore(kept, file);
  await change(kept);
  const held = await heldBy(kept);

  const broken = join(folder, "broken.backup");
  copyFileSync(file, broken);
  truncateSync(broken, Math.floor(statSync(file).size * 0.7));
  const text = join(folder, "letter.txt");
  writeFileSync(text, "Dear all");
  await expect(restore(kept, broken)).rejects.toThrow(/as it was|is no backup/);
  await expect(restore(kept, text)).rejects.toThrow("is no backup of Pip Row");
  await expect(restore(kept, join(folder, "nowhere"))).rejects.toThrow("There is no file");
  await connected(kept, () => expect(restore(kept, file)).rejects.toThrow("stop Pip Row first"));
  expect(await heldBy(kept)).toEqual(held);

  await connected(kept, (client) =>
    client.query("INSERT INTO pgmigrations (name, run_on) VALUES ('9999_of-tomorrow', now())"),
  );
  const newer = await backUp(kept, join(folder, "newer.backup"));
  await expect(restore(kept, newer)).rejects.toThrow("newer version of Pip Row");
  expect(await heldBy(kept)).toEqual(held);

  await expect(backUp(source, file)).rejects.toThrow("is there already");
  await expect(backUp(at("postgres"), join(folder, "empty.backup"))).rejects.toThrow("nothing to keep yet");
  await expect(backUp(source, join(folder, "no", "such", "folder"))).rejects.toThrow("There is no folder");
  expect(readdirSync(folder).filter((name) => name.endsWith(".part"))).toEqual([]);
  expect(readFileSync(text, "utf8")).toBe("Dear all");
});
