"use client";

import { proxy, wrap } from "comlink";
import { useCallback, useEffect, useRef, useState } from "react";
import type { Aim, Proposal, Step } from "@/core/planner";
import type { ProposeNews, ProposeQuestion } from "./message";
import type { ProposeWorker } from "./propose.worker";

export interface Proposing {
  readonly steps: Partial<Record<Aim, Step>>;
  /** Seconds that each search is likely to take still, once it is under way. */
  readonly secondsLeft: Partial<Record<Aim, number>>;
  readonly proposals: Partial<Record<Aim, Proposal>>;
  readonly busy: boolean;
  readonly failed: boolean;
  /** Somebody ended the search: what is there is the best that had been found. */
  readonly stopped: boolean;
  readonly ask: (question: ProposeQuestion) => void;
  readonly stop: () => void;
}

/** Proposals, one for each aim, worked out in a worker that ends at once when it is told to; what it had found stays. */
export function useProposals(): Proposing {
  const worker = useRef<Worker | null>(null);
  const begun = useRef(new Map<Aim, { readonly at: number; readonly done: number }>());
  const [steps, setSteps] = useState<Proposing["steps"]>({});
  const [proposals, setProposals] = useState<Proposing["proposals"]>({});
  const [waiting, setWaiting] = useState<readonly Aim[]>([]);
  const [failed, setFailed] = useState(false);
  const [stopped, setStopped] = useState(false);
  const [secondsLeft, setLeft] = useState<Proposing["secondsLeft"]>({});
  useEffect(() => () => worker.current?.terminate(), []);

  const ask = useCallback((question: ProposeQuestion) => {
    worker.current?.terminate();
    const started = new Worker(new URL("./propose.worker.ts", import.meta.url));
    worker.current = started;
    setSteps({});
    setProposals({});
    setFailed(false);
    setStopped(false);
    setLeft({});
    begun.current.clear();
    setWaiting(question.aims);
    const fail = () => {
      setFailed(true);
      setWaiting([]);
    };
    const hear = (news: ProposeNews) => {
      // What was on its way when somebody stopped it, or asked anew, is not heard any more.
      if (worker.current !== started) return;
      if (news.type === "step") {
        const { done, of } = news.step;
        const first = begun.current.get(news.aim) ?? { at: performance.now(), done };
        begun.current.set(news.aim, first);
        const pace = (performance.now() - first.at) / 1000 / (done - first.done);
        if (done > first.done) setLeft((all) => ({ ...all, [news.aim]: pace * (of - done) }));
        return setSteps((all) => ({ ...all, [news.aim]: news.step }));
      }
      if (news.type === "proposal") return setProposals((all) => ({ ...all, [news.aim]: news.proposal }));
      setSteps((all) => ({ ...all, [news.aim]: undefined }));
      setWaiting((aims) => aims.filter((aim) => aim !== news.aim));
    };
    started.onerror = fail;
    wrap<ProposeWorker>(started).propose(question, proxy(hear)).catch(fail);
  }, []);
  const stop = useCallback(() => {
    worker.current?.terminate();
    worker.current = null;
    setSteps({});
    setWaiting((aims) => {
      setStopped(aims.length > 0);
      return [];
    });
  }, []);
  return { steps, secondsLeft, proposals, busy: waiting.length > 0, failed, stopped, ask, stop };
}
