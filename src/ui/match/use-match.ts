"use client";

import { useEffect, useMemo, useRef, useState } from "react";
import type { Day } from "@/core/day";
import type { BagThing } from "@/core/plan";
import { type MatchLine, matchAll } from "@/core/match";
import type { PlainSetting, Reference, Setting } from "@/core/setting";
import { type MatchAnswer, type MatchQuestion, whole } from "./match-message";

interface Shown {
  readonly sowOn: Day;
  readonly bags: readonly BagThing[];
  readonly lines: readonly MatchLine[];
}

/**
 * The match of all goals against bags on a day, computed in a worker so that dragging the week stays smooth.
 * Until an answer comes, the last one is shown with the day and the bags that it is about.
 */
export function useMatch(
  plain: PlainSetting,
  reference: Reference,
  setting: Setting,
  bags: readonly BagThing[],
  sowOn: Day,
): Shown {
  const goals = useMemo(
    () => reference.crops.flatMap((crop) => crop.goals.map((goal) => ({ crop, goal }))),
    [reference],
  );
  const [shown, setShown] = useState<Shown>(() => ({
    sowOn,
    bags,
    lines: matchAll(goals, bags, sowOn, setting),
  }));
  const worker = useRef<Worker | null>(null);
  const asked = useRef<{ id: number; bags: readonly BagThing[] }>({ id: 0, bags });

  useEffect(() => {
    const started = new Worker(new URL("./match.worker.ts", import.meta.url));
    worker.current = started;
    started.onmessage = ({ data }: MessageEvent<MatchAnswer>) => {
      // An answer to an older question than the last one is late: only the newest counts.
      if (data.id === asked.current.id)
        setShown({ sowOn: data.sowOn, bags: asked.current.bags, lines: whole(data.lines, setting) });
    };
    started.postMessage({ type: "library", setting: plain, reference } satisfies MatchQuestion);
    return () => {
      started.terminate();
      worker.current = null;
    };
  }, [plain, reference, setting]);

  useEffect(() => {
    asked.current = { id: asked.current.id + 1, bags };
    worker.current?.postMessage({ type: "match", id: asked.current.id, sowOn, bags } satisfies MatchQuestion);
  }, [bags, sowOn, plain, reference]);

  return shown;
}
