"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import { type Aim, gapOf, type Proposal, type Step } from "@/core/planner";
import type { ProposeAnswer, ProposeQuestion } from "./message";

export interface Proposing {
  readonly steps: Partial<Record<Aim, Step>>;
  readonly proposals: Partial<Record<Aim, Proposal>>;
  readonly busy: boolean;
  readonly failed: boolean;
  readonly ask: (question: ProposeQuestion) => void;
  readonly stop: () => void;
}

/** A proposal with the nearest bound that was told. */
const boundBy = (proposal: Proposal, step: Step | undefined): Proposal =>
  step ? { ...proposal, bound: step.bound, gap: gapOf(step.bound, proposal.worth) } : proposal;

/** Proposals, one for each aim, worked out in a worker that can be told to hand over the best so far. */
export function useProposals(): Proposing {
  const worker = useRef<Worker | null>(null);
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
    started.onerror = fail;
    started.onmessage = ({ data }: MessageEvent<ProposeAnswer>) => {
      if (data.type === "failed") return fail();
      if (data.type === "step") return setSteps((all) => ({ ...all, [data.aim]: data.step }));
      if (data.type === "proposal") return setProposals((all) => ({ ...all, [data.aim]: data.proposal }));
      setSteps((all) => ({ ...all, [data.aim]: undefined }));
      setWaiting((aims) => aims.filter((aim) => aim !== data.aim));
    };
    started.postMessage(question);
  }, []);
  const stop = useCallback(() => {
    if (waiting.some((aim) => proposals[aim] === undefined)) return worker.current?.postMessage("stop");
    worker.current?.terminate();
    setProposals((all) =>
      Object.fromEntries(
        Object.entries(all).map(([aim, proposal]) => [aim, boundBy(proposal, steps[aim as Aim])]),
      ),
    );
    setSteps({});
    setWaiting([]);
  }, [waiting, proposals, steps]);
  return { steps, proposals, busy: waiting.length > 0, failed, ask, stop };
}
