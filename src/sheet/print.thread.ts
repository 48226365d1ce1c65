import { parentPort } from "node:worker_threads";
import { known } from "@/core/known";
import type { PrintAsk, PrintSays } from "./ask";
import { Printing } from "./printing";

const parent = known(parentPort);
let printing: Printing | undefined;
let last = Promise.resolve();

const say = (says: PrintSays, transfer: ArrayBuffer[] = []) => parent.postMessage(says, transfer);

async function answer(ask: PrintAsk): Promise<void> {
  if ("style" in ask) printing = new Printing(ask.style);
  else if ("add" in ask) say({ printed: await known(printing).add(ask.add) });
  else {
    const { pdf, pages } = await known(printing).finish();
    say({ pdf, pages }, [pdf.buffer as ArrayBuffer]);
  }
}

parent.on("message", (ask: PrintAsk) => {
  // One after the other, however fast they come.
  last = last.then(() => answer(ask));
  last.catch((error: unknown) => {
    throw error;
  });
});
