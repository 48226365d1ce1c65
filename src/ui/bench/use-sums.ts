"use client";

import { useEffect, useRef, useState } from "react";
import type { Day } from "@/core/day";
import { assessGarden } from "@/core/garden";
import type { PlainSetting, Reference, Setting } from "@/core/setting";
import type { Plan } from "@/core/plan";
import { type Sums, sumsOf } from "@/core/year";
import type { SumsAnswer, SumsQuestion } from "./sums-message";

/** The year's sums of a plan, worked out in a worker so that typing never waits for them. Until an answer comes, the last ones are shown. */
export function useSums(
  plan: Plan,
  plain: PlainSetting,
  reference: Reference,
  setting: Setting,
  today: Day,
): Sums {
  const [sums, setSums] = useState(() => sumsOf(assessGarden(plan, setting), setting, today));
  const worker = useRef<Worker | null>(null);
  const asked = useRef(0);

  useEffect(() => {
    const started = new Worker(new URL("./sums.worker.ts", import.meta.url));
    worker.current = started;
    started.onmessage = ({ data }: MessageEvent<SumsAnswer>) => {
      // An answer to an older state of the plan is late: only the newest counts.
      if (data.id === asked.current) setSums(data.sums);
    };
    started.postMessage({ type: "library", setting: plain, reference, today } satisfies SumsQuestion);
    return () => {
      started.terminate();
      worker.current = null;
    };
  }, [plain, reference, today]);

  useEffect(() => {
    asked.current += 1;
    worker.current?.postMessage({ type: "plan", id: asked.current, plan } satisfies SumsQuestion);
  }, [plan, plain, reference, today]);

  return sums;
}
