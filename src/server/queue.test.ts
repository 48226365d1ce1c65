import { randomUUID } from "node:crypto";
import { afterAll, expect, it } from "vitest";
import { closePool, connectionOf, db } from "@/db/pool";
import { enqueue, startWorkers, stopQueue, type Workers } from "./queue";

afterAll(closePool);

const idle = async () => undefined;

it("gives back what it still works on when it ends, and is not troubled by what becomes of that", async () => {
  const [programmeId, lost] = [randomUUID(), [] as unknown[]];
  process.on("unhandledRejection", (reason) => lost.push(reason));
  let fail: (reason: Error) => void = () => undefined;
  const begun = new Promise<void>((began) => {
    const judge: Workers["judge"] = (job) =>
      job.programmeId === programmeId
        ? new Promise((_, reject) => {
            fail = reject;
            began();
          })
        : idle();
    void startWorkers({
      ...{ judge, propose: idle, print: idle, follow: idle, find: idle, remind: idle, "new-day": idle },
      ...{ "propose-failed": idle, "print-failed": idle },
    });
  });
  await enqueue("judge", [{ programmeId }]);
  await begun;
  await stopQueue();
  // A connection that is still in use keeps the pool at its end for a while.
  const used = await connectionOf("everything");
  const closed = closePool();
  fail(new Error("no connection"));
  await new Promise((resolve) => setTimeout(resolve, 100));
  used.release();
  await closed;
  expect(lost).toEqual([]);
  const { rows } = await db("everything").query(
    `SELECT state::text FROM pgboss.job WHERE name = 'judge' AND data->>'programmeId' = $1`,
    [programmeId],
  );
  expect(rows).toEqual([{ state: "retry" }]);
});
