"use client";

import { type ReactNode, useMemo, useState } from "react";
import { spellFrom } from "@/core/climate";
import type { Day } from "@/core/day";
import { EMPTY_PLAN, type Plan } from "@/core/plan";
import { AIMS, type Aim, isAlike } from "@/core/planner";
import { fromMinor, toMinor } from "@/core/money";
import type { Away, PlaceKind } from "@/core/place";
import { amountField, optionalQuantityField } from "@/core/quantity";
import { USUAL_BAGS } from "@/library";
import { Button } from "@/ui/primitives/button";
import { Dialog } from "@/ui/primitives/dialog";
import { CheckField, ChooseField, SelectField } from "@/ui/primitives/field";
import { TypedField } from "@/ui/primitives/typed-field";
import type { Judged } from "@/ui/use-judged";
import { useWords } from "@/ui/words/use-words";
import { ProposalCard } from "./proposal-card";
import { useProposals } from "./use-proposals";
import { t } from "./words";

/** What the household can spend and carry, and when nobody is there. */
export interface Means {
  readonly budgetMinor: number | null;
  readonly waterLDay: number | null;
  readonly away: readonly Away[];
  readonly currency: string;
  readonly place: PlaceKind;
}

interface ProposeProps {
  readonly trigger: ReactNode;
  readonly plan: Plan;
  readonly judged: Judged;
  readonly today: Day;
  readonly means: Means;
  readonly onTake: (plan: Plan) => void;
}

/** Weather that a plan can be mended for, °C warmer than usual for three months. */
const WEATHERS = [0, -2, -4, 2] as const;

/** Asks for gardens and shows them side by side: the soonest food, the most of it, the least work; or the smallest mending of the plan. */
export function Propose({ trigger, plan, judged, today, means, onTake }: ProposeProps) {
  const { bag, cropName, quantity } = useWords();
  const { plain, overrides, reference, setting } = judged;
  const [open, setOpen] = useState(true);
  const [kinds, setKinds] = useState<readonly string[]>(USUAL_BAGS[means.place]);
  const [budget, setBudget] = useState(means.budgetMinor);
  const [waterLDay, setWater] = useState(means.waterLDay);
  const [repair, setRepair] = useState(false);
  const [without, setWithout] = useState<readonly string[]>([]);
  const { steps, secondsLeft, proposals, busy, failed, stopped, ask, stop } = useProposals();
  const [warmerC, setWarmer] = useState<number>(0);
  const inWeather = useMemo(
    () => (warmerC === 0 ? setting : { ...setting, climate: spellFrom(setting.climate, today, warmerC) }),
    [setting, today, warmerC],
  );
  const aims: readonly Aim[] = repair ? ["value"] : AIMS;

  const titleOf = (aim: Aim) => t(repair ? "propose.repair" : `propose.aims.${aim}`);
  /** The garden before this one that is nearly the same; none while one is still worked on. */
  const twinOf = (aim: Aim) => {
    const own = proposals[aim];
    const before = aims.slice(0, aims.indexOf(aim));
    return busy || !own ? undefined : before.find((a) => isAlike(proposals[a]?.plan ?? EMPTY_PLAN, own.plan));
  };
  const start = () =>
    ask({
      plan,
      overrides,
      today,
      aims,
      kinds,
      repair,
      without,
      setting: { ...plain, climate: inWeather.climate },
      budgetMinor: budget ?? undefined,
      waterLDay: waterLDay ?? undefined,
      away: means.away,
    });
  const refusable = reference.crops.filter((c) => !c.goals.every((g) => without.includes(g.id)));

  return (
    <Dialog
      title={t("propose.title")}
      where="wide"
      trigger={trigger}
      open={open}
      onOpenChange={(next) => {
        if (!next) stop();
        setOpen(next);
      }}
    >
      <p className="mb-3 max-w-3xl text-muted">{t(repair ? "propose.leadRepair" : "propose.lead")}</p>
      <div className="flex flex-wrap items-end gap-3 border-t border-line pt-3">
        <SelectField
          label={t("propose.what")}
          value={repair ? "repair" : "new"}
          onChange={(e) => setRepair(e.target.value === "repair")}
        >
          <option value="new">{t("propose.new")}</option>
          <option value="repair">{t("propose.repair")}</option>
        </SelectField>
        <TypedField
          label={t("shared.budget", { currency: means.currency })}
          className="w-36"
          text={budget === null ? "" : String(fromMinor(budget, means.currency))}
          schema={amountField(100_000)}
          onValue={(amount) => setBudget(amount === null ? null : toMinor(amount, means.currency))}
        />
        <TypedField
          label={t("propose.water")}
          className="w-36"
          text={waterLDay === null ? "" : quantity(waterLDay, "volume")}
          schema={optionalQuantityField("volume", 2_000)}
          onValue={(water) => setWater(water?.value ?? null)}
        />
        <ChooseField
          label={t("propose.without")}
          className="w-44"
          shown={t("shared.addCrop")}
          items={refusable.map((c) => ({ value: c.id, name: cropName(c.id), also: c.botanical }))}
          onChoose={(id) =>
            setWithout([
              ...without,
              ...(reference.crops.find((c) => c.id === id)?.goals ?? []).map((g) => g.id),
            ])
          }
        />
        <SelectField
          label={t("propose.weather")}
          className="w-44"
          value={warmerC}
          onChange={(e) => setWarmer(Number(e.target.value))}
        >
          {WEATHERS.map((c) => (
            <option key={c} value={c}>
              {t(`propose.weathers.${c}`)}
            </option>
          ))}
        </SelectField>
        {busy ? (
          <Button look="warn" className="min-h-10" onClick={stop}>
            {t("propose.stop")}
          </Button>
        ) : (
          <Button look="solid" className="min-h-10" onClick={start}>
            {t(repair ? "propose.startRepair" : "propose.start")}
          </Button>
        )}
      </div>
      {without.length > 0 && (
        <p className="mt-2 flex flex-wrap items-center gap-2 text-note">
          {t("propose.leftOut", {
            crops: reference.crops
              .filter((c) => c.goals.every((g) => without.includes(g.id)))
              .map((c) => cropName(c.id))
              .join(", "),
          })}
          <Button look="quiet" onClick={() => setWithout([])}>
            {t("propose.allAgain")}
          </Button>
        </p>
      )}
      <details className="mt-3">
        <summary className="cursor-pointer text-note">
          <b>{t("propose.kinds")}:</b> {kinds.map(bag).join(", ") || t("propose.noKinds")}
        </summary>
        <fieldset className="flex flex-wrap gap-x-4 pt-1">
          <legend className="sr-only">{t("propose.kinds")}</legend>
          {reference.bagKinds.map(({ id }) => (
            <CheckField
              key={id}
              label={bag(id)}
              checked={kinds.includes(id)}
              onChecked={(on) => setKinds(on ? [...kinds, id] : kinds.filter((k) => k !== id))}
            />
          ))}
        </fieldset>
      </details>
      {failed && (
        <p role="alert" className="mt-3 font-semibold text-beet">
          ✕ {t("propose.failed")}
        </p>
      )}
      {stopped && (
        <p role="status" className="mt-3 font-semibold">
          {t(Object.keys(proposals).length > 0 ? "propose.stopped" : "propose.stoppedEmpty")}
        </p>
      )}
      <div className={`mt-4 grid gap-4 ${aims.length > 1 ? "lg:grid-cols-3" : ""}`}>
        {aims
          .filter((aim) => busy || proposals[aim])
          .map((aim) =>
            twinOf(aim) ? (
              <p key={aim} className="border-t-rule border-ink pt-2">
                {t("propose.twin", { title: titleOf(aim), other: titleOf(twinOf(aim) ?? aim) })}
              </p>
            ) : (
              <ProposalCard
                key={aim}
                title={titleOf(aim)}
                step={steps[aim]}
                secondsLeft={secondsLeft[aim]}
                proposal={proposals[aim]}
                plan={plan}
                setting={inWeather}
                today={today}
                onTake={(taken) => {
                  stop();
                  onTake(taken);
                  setOpen(false);
                }}
              />
            ),
          )}
      </div>
    </Dialog>
  );
}
