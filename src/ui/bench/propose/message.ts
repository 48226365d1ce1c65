import type { PlainSetting, Plan, Reference } from "@/core/garden";
import type { Aim, Ask, Progress, Proposal } from "@/core/planner";

/** What the Bench asks its planner: everything of an ask but the look-ups, which do not travel. */
export interface ProposeQuestion extends Omit<Ask, "setting" | "aim"> {
  readonly plan: Plan;
  readonly setting: PlainSetting;
  readonly reference: Reference;
  readonly aims: readonly Aim[];
}

export type ProposeAnswer =
  | { readonly type: "progress"; readonly aim: Aim; readonly progress: Progress }
  | { readonly type: "proposal"; readonly aim: Aim; readonly proposal: Proposal }
  | { readonly type: "failed"; readonly message: string };
