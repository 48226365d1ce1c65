import type { PlainSetting, Reference } from "@/core/setting";
import type { Plan } from "@/core/plan";
import type { Aim, Ask, Proposal, Step } from "@/core/planner";

/** What the Bench asks its planner: everything of an ask but the look-ups, which do not travel. */
export interface ProposeQuestion extends Omit<Ask, "setting" | "aim"> {
  readonly plan: Plan;
  readonly setting: PlainSetting;
  readonly reference: Reference;
  readonly aims: readonly Aim[];
}

export type ProposeAnswer =
  | { readonly type: "step"; readonly aim: Aim; readonly step: Step }
  /** Sent when a garden is found, and again when a better one is, or a nearer bound. */
  | { readonly type: "proposal"; readonly aim: Aim; readonly proposal: Proposal }
  | { readonly type: "done"; readonly aim: Aim }
  | { readonly type: "failed"; readonly message: string };
