import type { OwnMix } from "@/core/mix";
import type { Db } from "./pool";

/** Keeps what a programme knows of a mix, in place of what it knew before. */
export async function putMix(on: Db, programmeId: string, author: string, mix: OwnMix): Promise<void> {
  await on.query(
    `INSERT INTO mix (programme_id, id, mix, author) VALUES ($1, $2, $3, $4)
     ON CONFLICT (programme_id, id) DO UPDATE SET mix = excluded.mix, author = excluded.author, changed_at = now()`,
    [programmeId, mix.id, JSON.stringify(mix), author],
  );
}

/** Takes back what a programme knows of a mix: a shipped one is as it ships, a recipe of its own is gone. */
export async function deleteMix(on: Db, programmeId: string, id: string): Promise<void> {
  await on.query(`DELETE FROM mix WHERE programme_id = $1 AND id = $2`, [programmeId, id]);
}
