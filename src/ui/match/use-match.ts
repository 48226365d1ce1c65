"use client";

import { type Remote, wrap } from "comlink";
import { startTransition, useEffect, useMemo, useRef, useState } from "react";
import type { Day } from "@/core/day";
import { type LineGlance, matchAll } from "@/core/match";
import type { BagThing } from "@/core/plan";
import type { Judged } from "@/ui/use-judged";
import type { MatchWorker } from "./match.worker";

interface Shown {
  readonly sowOn: Day;
  readonly bags: readonly BagThing[];
  readonly lines: readonly LineGlance[];
}

/**
 * The match of all goals against bags on a day, computed in a worker so that dragging the week stays smooth.
 * Until an answer comes, the last one is shown with the day and the bags that it is about.
 */
export function useMatch(judged: Judged, bags: readonly BagThing[], sowOn: Day): Shown {
  const { plain, overrides, reference, setting } = judged;
  const goals = useMemo(
    () => reference.crops.flatMap((crop) => crop.goals.map((goal) => ({ crop, goal }))),
    [reference],
  );
  const [shown, setShown] = useState<Shown>(() => ({
    sowOn,
    bags,
    lines: matchAll(goals, bags, sowOn, setting),
  }));
  const remote = useRef<Remote<MatchWorker> | null>(null);
  const isBusy = useRef(false);
  const waiting = useRef<(() => void) | undefined>(undefined);

  useEffect(() => {
    const worker = new Worker(new URL("./match.worker.ts", import.meta.url));
    remote.current = wrap<MatchWorker>(worker);
    isBusy.current = false;
    void remote.current.open(plain, overrides);
    return () => {
      worker.terminate();
      remote.current = null;
    };
  }, [plain, overrides]);

  useEffect(() => {
    const ask = () => {
      const asked = remote.current;
      isBusy.current = true;
      void asked?.match(bags, sowOn).then((lines) => {
        if (asked !== remote.current) return;
        isBusy.current = false;
        // While one is worked out only the newest question waits: what lay between is not asked any more.
        waiting.current?.();
        waiting.current = undefined;
        const whole = lines.flatMap(({ goalId, ...rest }) => {
          const found = setting.findGoal(goalId);
          return found ? [{ ...rest, ...found }] : [];
        });
        // The slider comes first: a grid that is half drawn when the next week is asked for waits.
        startTransition(() => setShown({ sowOn, bags, lines: whole }));
      });
    };
    if (isBusy.current) waiting.current = ask;
    else ask();
  }, [bags, sowOn, plain, overrides, setting]);

  return shown;
}
