"use client";

import type { HouseholdStage } from "@/core/record";
import { t } from "./words";

const STEPS = ["surveyed", "planned", "sown", "picking", "finished"] as const;
const TEXTURE = ["", "", "stage-growing", "stage-picking", "bg-ink"];

/** How far a household is: five short steps, filled with the textures of the season strip up to where it stands. */
export function StageMark({ stage }: { stage: HouseholdStage }) {
  const reached = STEPS.indexOf(stage as (typeof STEPS)[number]);
  return (
    <div>
      <div aria-hidden="true" className="mb-0.5 flex gap-0.5">
        {STEPS.map((step, i) => (
          <i
            key={step}
            className={`h-2.5 w-5 border ${i <= reached ? `border-ink ${i === reached ? TEXTURE[i] || "bg-soil-light" : "bg-soil-light"}` : "border-line"}`}
          />
        ))}
      </div>
      <span className="text-sm">{t(`stages.${stage}`)}</span>
    </div>
  );
}
