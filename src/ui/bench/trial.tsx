"use client";

import { lazy, Suspense } from "react";
import type { Day } from "@/core/day";
import type { Plan } from "@/core/plan";
import type { Setting } from "@/core/setting";
import { Button } from "@/ui/primitives/button";
import { Only } from "@/ui/rights";
import { t } from "./words";

const Compare = lazy(async () => ({ default: (await import("./compare")).Compare }));

interface TrialProps {
  /** The plan that the proposal would take the place of. */
  readonly before: Plan;
  readonly plan: Plan;
  readonly setting: Setting;
  readonly today: Day;
  readonly isBusy: boolean;
  readonly onSave: () => void;
  readonly onBack: () => void;
}

/** A proposal on the Bench that nobody has taken yet: what it would change, and the two ways on. */
export function Trial({ before, plan, setting, today, isBusy, onSave, onBack }: TrialProps) {
  return (
    <section
      aria-label={t("trial.lead")}
      className="border-b-rule border-marigold bg-card px-4 py-2 lg:px-6 print:hidden"
    >
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <p role="status" className="font-semibold">
          {t("trial.lead")}
        </p>
        <Only may="changes">
          <Button look="solid" disabled={isBusy} onClick={onSave}>
            {t("trial.save")}
          </Button>
        </Only>
        <Button disabled={isBusy} onClick={onBack}>
          {t("trial.back")}
        </Button>
      </div>
      <details className="mt-1">
        <summary className="cursor-pointer text-note">{t("trial.compare")}</summary>
        <Suspense>
          <Compare
            title={t("trial.plan")}
            titleAfter={t("trial.now")}
            before={before}
            after={plan}
            setting={setting}
            today={today}
          />
        </Suspense>
      </details>
    </section>
  );
}
