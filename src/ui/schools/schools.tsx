"use client";

import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import type { Outcome, Problem } from "@/core/problem";
import type { Schools } from "@/core/school";
import { type PlanDifference, PlanDifferences } from "@/ui/library/plan-changes";
import { Button } from "@/ui/primitives/button";
import { OutcomeLines } from "@/ui/primitives/outcome-lines";
import { send } from "@/ui/primitives/send";
import { useWords } from "@/ui/words/use-words";
import { SchoolSwitches } from "./switches";
import { t } from "./words";

/** What gardens take: soil, wet mass, water in the week that takes the most, hours a year. */
interface Takes {
  readonly soilL: number;
  readonly wetKg: number;
  readonly waterL: number;
  readonly hours: number;
}

/** What a choice would change in some plans, or in all of them. */
interface Effect {
  readonly plans: number;
  readonly isAll: boolean;
  readonly before: Takes;
  readonly after: Takes;
  readonly changes: readonly PlanDifference[];
}

interface SchoolsProps {
  readonly saved: Schools;
  readonly above: Schools | undefined;
  readonly preview: (schools: Schools, isAll: boolean) => Promise<Outcome<Effect>>;
  readonly save: (schools: Schools) => Promise<Outcome<null>>;
}

/** A choice is looked at once nobody has chosen again for so long. */
const SETTLED_MS = 250;

/** The schools of a programme or of a household: chosen, shown at once in what they change, and saved. */
export function SchoolsForm({ saved, above, preview, save }: SchoolsProps) {
  const router = useRouter();
  const [own, setOwn] = useState(saved);
  const [looked, setLooked] = useState<{ readonly of: Schools; readonly effect: Effect }>();
  const [failure, setFailure] = useState<Problem>();
  const [done, setDone] = useState(false);
  const dirty = JSON.stringify(own) !== JSON.stringify(saved);
  const look = async (isAll: boolean) => {
    const outcome = await send(() => preview(own, isAll));
    setFailure(outcome.ok ? undefined : outcome.problem);
    if (outcome.ok) setLooked({ of: own, effect: outcome.value });
  };
  useEffect(() => {
    if (!dirty) return;
    let isLate = false;
    const timer = setTimeout(() => {
      void send(() => preview(own, false)).then((outcome) => {
        if (isLate) return;
        setFailure(outcome.ok ? undefined : outcome.problem);
        if (outcome.ok) setLooked({ of: own, effect: outcome.value });
      });
    }, SETTLED_MS);
    return () => {
      isLate = true;
      clearTimeout(timer);
    };
  }, [own, dirty, preview]);
  const store = async () => {
    const outcome = await send(() => save(own));
    setFailure(outcome.ok ? undefined : outcome.problem);
    setDone(outcome.ok);
    if (outcome.ok) router.refresh();
  };
  const effect = dirty && looked?.of === own ? looked.effect : undefined;
  return (
    <div className="grid gap-3">
      <SchoolSwitches
        own={own}
        above={above}
        onChange={(next) => {
          setOwn(next);
          setDone(false);
        }}
      />
      <OutcomeLines done={done && t("schools.saved")} failure={failure}>
        <Button look="solid" disabled={!dirty} onClick={() => void store()}>
          {t("schools.save")}
        </Button>
        {effect && !effect.isAll && <Button onClick={() => void look(true)}>{t("schools.lookAtAll")}</Button>}
      </OutcomeLines>
      {dirty && !effect && !failure && (
        <p role="status" className="text-note text-muted">
          {t("schools.looking")}
        </p>
      )}
      {effect && <EffectLines effect={effect} />}
    </div>
  );
}

/** What a choice changes: what the gardens take, before and after, and each planting that stands otherwise. */
function EffectLines({ effect: { plans, isAll, before, after, changes } }: { effect: Effect }) {
  const { quantity, number } = useWords();
  if (plans === 0) return <p>{t("schools.noPlans")}</p>;
  const lines = [
    ["soil", quantity(before.soilL, "volume"), quantity(after.soilL, "volume")],
    ["wet", quantity(before.wetKg, "mass"), quantity(after.wetKg, "mass")],
    ["water", quantity(before.waterL, "volume"), quantity(after.waterL, "volume")],
    ["work", `${number(before.hours)} h`, `${number(after.hours)} h`],
  ] as const;
  return (
    <section aria-labelledby="effect" className="border-t-rule border-ink pt-2">
      <h2 id="effect" className="mb-1 font-bold">
        {t(isAll ? "schools.effectAll" : "schools.effectSome", { count: plans })}
      </h2>
      <dl className="mb-2 grid grid-cols-2 gap-x-6 sm:grid-cols-4">
        {lines.map(([name, was, is]) => (
          <div key={name} className="border-l border-line pl-2.5">
            <dt className="text-fine text-muted">{t(`schools.takes.${name}`)}</dt>
            <dd>
              {was === is ? (
                <span className="text-muted">{t("schools.asIs", { value: was })}</span>
              ) : (
                <>
                  <span className="text-muted">{was} → </span>
                  <b className="font-head text-lg">{is}</b>
                </>
              )}
            </dd>
          </div>
        ))}
      </dl>
      <PlanDifferences changes={changes} />
    </section>
  );
}
