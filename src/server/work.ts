import { clearKeptFindings } from "@/db/kept-findings";
import { db } from "@/db/pool";
import { allProgrammes } from "@/db/programmes";
import { followTaken } from "./finding-values";
import { keepFindings } from "./findings";
import { followTasks, judgeAll } from "./following";
import { findSoon, judgeNewDay, workSoon } from "./judging";
import { type MessageWords, remindAll } from "./messages";
import { giveUpPrint, workOutPrint } from "./prints";
import { judgingSince } from "./programme";
import { giveUpOn, workOut } from "./proposals";
import { startWorkers } from "./queue";

const AGAIN_MS = 5000;

/**
 * Takes up this process's part of the queue, and again until the database is there; then wakes it for what was left open.
 *
 * @param words in which households are reminded
 */
export async function startWork(words: MessageWords): Promise<void> {
  try {
    await startWorkers({
      propose: workOut,
      "propose-failed": giveUpOn,
      print: workOutPrint,
      "print-failed": giveUpPrint,
      follow: async (scope) => {
        await followTasks(scope);
        await findSoon(scope.programmeId);
      },
      find: async ({ programmeId }) => {
        // Until all plans are judged anew, what was to be expected goes by other values than those in force.
        if (!(await judgingSince({ role: "trainer", programmeId, name: "" }))) await followTaken(programmeId);
        await keepFindings(programmeId);
      },
      remind: async () => {
        for (const { id } of await allProgrammes(db("everything"))) await remindAll(id, words);
      },
      "new-day": judgeNewDay,
      judge: async ({ programmeId }) => {
        await judgeAll(programmeId);
        await findSoon(programmeId);
      },
    });
    await clearKeptFindings(db("everything"));
    await judgeNewDay();
    for (const { id } of await allProgrammes(db("everything"))) {
      if (await judgingSince({ role: "trainer", programmeId: id, name: "" })) await workSoon(id);
      await findSoon(id);
    }
  } catch (error) {
    console.error(`the queue waits for the database: ${String(error)}`);
    setTimeout(() => void startWork(words), AGAIN_MS).unref();
  }
}
