import type { Aim, Ask, Proposal, Step } from "@/core/planner";
import type { Override } from "@/core/override";
import type { PlainSetting } from "@/core/setting";

/** What the Bench asks its planner: everything of an ask but the look-ups and the library, which do not travel. */
export interface ProposeQuestion extends Omit<Ask, "setting" | "reference" | "aim"> {
  readonly setting: PlainSetting;
  readonly overrides: readonly Override[];
  readonly aims: readonly Aim[];
}

/** What is told while gardens are worked out. */
export type ProposeNews =
  | { readonly type: "step"; readonly aim: Aim; readonly step: Step }
  /** Told when a garden is found, and again when a better one is, or a nearer bound. */
  | { readonly type: "proposal"; readonly aim: Aim; readonly proposal: Proposal }
  | { readonly type: "done"; readonly aim: Aim };
