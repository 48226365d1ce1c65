"use client";

import { type Remote, wrap } from "comlink";
import { useEffect, useRef, useState } from "react";
import type { Day } from "@/core/day";
import { assessGarden } from "@/core/garden";
import type { Plan } from "@/core/plan";
import { type Sums, sumsOf } from "@/core/year";
import type { Judged } from "@/ui/use-judged";
import type { SumsWorker } from "./sums.worker";

/** The year's sums of a plan, worked out in a worker so that typing never waits for them. Until an answer comes, the last ones are shown. */
export function useSums(plan: Plan, { plain, overrides, setting }: Judged, today: Day): Sums {
  const [sums, setSums] = useState(() => sumsOf(assessGarden(plan, setting), setting, today));
  const remote = useRef<Remote<SumsWorker> | null>(null);
  const asked = useRef(0);

  useEffect(() => {
    const worker = new Worker(new URL("./sums.worker.ts", import.meta.url));
    remote.current = wrap<SumsWorker>(worker);
    void remote.current.open(plain, overrides, today);
    return () => {
      worker.terminate();
      remote.current = null;
    };
  }, [plain, overrides, today]);

  useEffect(() => {
    const id = ++asked.current;
    void remote.current?.sums(plan).then((answer) => {
      // An answer to an older state of the plan is late: only the newest counts.
      if (answer && id === asked.current) setSums(answer);
    });
  }, [plan, plain, overrides, today]);

  return sums;
}
