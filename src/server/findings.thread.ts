import { parentPort } from "node:worker_threads";
import { type Basis, findingsOf, type PartAsk } from "@/core/findings";
import { known } from "@/core/known";

/** What plantings say is asked for: of all of them, and of parts. */
export interface FindingsQuestion {
  readonly basis: Basis;
  readonly asks: readonly PartAsk[];
}

const parent = known(parentPort);
parent.on("message", ({ basis, asks }: FindingsQuestion) =>
  parent.postMessage(asks.map((ask) => findingsOf(basis, ask))),
);
