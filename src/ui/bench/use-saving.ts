import { useRouter } from "next/navigation";
import { useCallback, useEffect, useState } from "react";
import type { Plan } from "@/core/plan";
import type { Outcome, Problem } from "@/core/problem";
import { isPassing, send } from "@/ui/primitives/send";
import { useDraft } from "./use-draft";
import { t } from "./words";

/** A plan as the server keeps it. */
export interface Saved {
  readonly version: number;
  readonly savedBy: string | null;
  readonly plan: Plan;
}

/** What the server does with a plan that people send. */
export interface PlanActions {
  readonly save: (readAt: number, plan: Plan) => Promise<Outcome<Saved>>;
  readonly setAside: (readAt: number, plan: Plan) => Promise<Outcome<null>>;
  readonly reread: () => Promise<Outcome<Saved>>;
}

interface Edited {
  readonly householdId: string;
  readonly saved: Saved;
  readonly plan: Plan;
  readonly change: (edit: (plan: Plan) => Plan) => void;
  readonly actions: PlanActions;
  /** A proposal that somebody only looks at, or a plan on which they may only try things out: neither saved by itself nor kept as a draft. */
  readonly isTrial: boolean;
}

/** A plan that nobody has touched for so long is saved by itself. */
const SAVED_AFTER_MS = 12_000;

const same = (a: Plan, b: Plan) => a === b || JSON.stringify(a) === JSON.stringify(b);

/**
 * The saving of a plan that is being changed: by hand, by itself when hands rest, and what happens where another person saved
 * in between. Until then a draft of it stays on the machine.
 */
export function useSaving({ householdId, saved, plan, change, actions, isTrial }: Edited) {
  const router = useRouter();
  const [base, setBase] = useState<Saved>(saved);
  const [failure, setFailure] = useState<Problem>();
  const [conflict, setConflict] = useState<Saved>();
  const [said, setSaid] = useState("");
  const [isBusy, setBusy] = useState(false);
  const isDirty = !same(plan, base.plan);
  const restore = useCallback((kept: Plan) => change(() => kept), [change]);
  useDraft({ householdId, version: base.version, plan, dirty: isDirty, isPaused: isTrial, restore });

  const store = async (readAt: number, byItself = false) => {
    setBusy(true);
    if (!byItself) setFailure(undefined);
    const sent = plan;
    const outcome = await send(() => actions.save(readAt, sent));
    if (outcome.ok) {
      setFailure(undefined);
      setBase({ ...outcome.value, plan: sent });
      setConflict(undefined);
      setSaid(t(byItself ? "bench.savedItself" : "bench.saved", { version: outcome.value.version }));
      router.refresh();
    } else if (outcome.problem.code === "plan-changed") {
      const theirs = await send(actions.reread);
      if (theirs.ok) setConflict(theirs.value);
      else setFailure(theirs.problem);
    } else setFailure(outcome.problem);
    setBusy(false);
  };

  useEffect(() => {
    // What only a lost connection kept from being saved is tried again; all else waits for a hand.
    const isWaiting = failure === undefined || isPassing(failure);
    if (!isDirty || isTrial || isBusy || conflict || !isWaiting) return;
    const again = () => void store(base.version, true);
    const timer = setTimeout(again, SAVED_AFTER_MS);
    if (failure) window.addEventListener("online", again, { once: true });
    return () => {
      clearTimeout(timer);
      window.removeEventListener("online", again);
    };
    // Every change of the plan starts the wait anew; what `store` closes over is only read when it is over.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [plan, isDirty, isTrial, isBusy, conflict, failure, base.version]);

  return {
    version: base.version,
    isDirty,
    isBusy,
    failure,
    conflict,
    said,
    say: setSaid,
    save: () => void store(base.version),
    /** Saves this plan over the other person's, which stays among the earlier versions. */
    keepMine: (theirs: Saved) => void store(theirs.version),
    /** Goes on with the other person's plan; this one is set aside among the earlier versions. */
    takeTheirs: async (theirs: Saved) => {
      setBusy(true);
      const kept = await send(() => actions.setAside(base.version, plan));
      setBusy(false);
      if (!kept.ok) return setFailure(kept.problem);
      change(() => theirs.plan);
      setBase(theirs);
      setConflict(undefined);
      router.refresh();
    },
  };
}

export type Saving = ReturnType<typeof useSaving>;
