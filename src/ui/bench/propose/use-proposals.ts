"use client";

import { proxy, type Remote, wrap } from "comlink";
import { useCallback, useEffect, useRef, useState } from "react";
import type { Aim, Proposal, Step } from "@/core/planner";
import type { ProposeNews, ProposeQuestion } from "./message";
import type { ProposeWorker } from "./propose.worker";

export interface Proposing {
  readonly steps: Partial<Record<Aim, Step>>;
  readonly proposals: Partial<Record<Aim, Proposal>>;
  readonly busy: boolean;
  readonly failed: boolean;
  readonly ask: (question: ProposeQuestion) => void;
  readonly stop: () => void;
}

/** Proposals, one for each aim, worked out in a worker that can be told to hand over the best so far. */
export function useProposals(): Proposing {
  const worker = useRef<Worker | null>(null);
  const remote = useRef<Remote<ProposeWorker> | null>(null);
  const [steps, setSteps] = useState<Proposing["steps"]>({});
  const [proposals, setProposals] = useState<Proposing["proposals"]>({});
  const [waiting, setWaiting] = useState<readonly Aim[]>([]);
  const [failed, setFailed] = useState(false);
  useEffect(() => () => worker.current?.terminate(), []);

  const ask = useCallback((question: ProposeQuestion) => {
    worker.current?.terminate();
    const started = new Worker(new URL("./propose.worker.ts", import.meta.url));
    worker.current = started;
    setSteps({});
    setProposals({});
    setFailed(false);
    setWaiting(question.aims);
    const fail = () => {
      setFailed(true);
      setWaiting([]);
    };
    const hear = (news: ProposeNews) => {
      if (news.type === "step") return setSteps((all) => ({ ...all, [news.aim]: news.step }));
      if (news.type === "proposal") return setProposals((all) => ({ ...all, [news.aim]: news.proposal }));
      setSteps((all) => ({ ...all, [news.aim]: undefined }));
      setWaiting((aims) => aims.filter((aim) => aim !== news.aim));
    };
    started.onerror = fail;
    remote.current = wrap<ProposeWorker>(started);
    remote.current.propose(question, proxy(hear)).catch(fail);
  }, []);
  const stop = useCallback(() => void remote.current?.stop(), []);
  return { steps, proposals, busy: waiting.length > 0, failed, ask, stop };
}
