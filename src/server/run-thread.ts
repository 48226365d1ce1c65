import { join } from "node:path";
import { Worker } from "node:worker_threads";

/** How long a thread may work, and what hears it. */
interface Listening<Answer> {
  readonly mostMs: number;
  /** Hears all that the thread says, and returns the answer once that is there. */
  readonly hear: (said: unknown) => Answer | undefined;
}

/**
 * Has one question answered in a thread of its own, which ends then.
 *
 * @param folder of `src`, whose `thread.mjs` is run
 * @throws {Error} when the thread fails, or takes too long
 */
export function runThread<Answer>(
  folder: "server" | "solver",
  question: unknown,
  { mostMs, hear }: Listening<Answer>,
): Promise<Answer> {
  return new Promise((resolve, reject) => {
    // A plain path, read at run time: the bundler leaves it alone.
    const thread = new Worker(join(/* turbopackIgnore: true */ process.cwd(), "src", folder, "thread.mjs"));
    const end = (settle: () => void) => {
      clearTimeout(late);
      void thread.terminate();
      settle();
    };
    const late = setTimeout(() => end(() => reject(new Error("the thread took too long"))), mostMs);
    thread.on("message", (said: unknown) => {
      try {
        const answer = hear(said);
        if (answer !== undefined) end(() => resolve(answer));
      } catch (error) {
        end(() => reject(error as Error));
      }
    });
    thread.once("error", (error) => end(() => reject(error)));
    thread.postMessage(question);
  });
}
