"use client";

import { useMemo, useState } from "react";
import { sowingFor } from "@/core/calendar";
import { type Day, isDay } from "@/core/day";
import type { BagThing } from "@/core/plan";
import { type MatchCell, type MatchLine, openCell, type Placing } from "@/core/match";
import type { Setting } from "@/core/setting";
import type { Problem } from "@/core/problem";
import { inForce } from "@/core/school";
import { Button } from "@/ui/primitives/button";
import { Caution } from "@/ui/primitives/caution";
import { TextField } from "@/ui/primitives/field";
import { Bill } from "@/ui/verdict/bill";
import { Dates } from "@/ui/verdict/dates";
import { Feeds } from "@/ui/verdict/feeds";
import { Food } from "@/ui/verdict/food";
import { MethodLine } from "@/ui/verdict/method-line";
import { Verdict } from "@/ui/verdict/verdict";
import { usePanelFocus } from "@/ui/primitives/use-panel-focus";
import { Only } from "@/ui/rights";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

interface PanelProps {
  readonly line: MatchLine;
  readonly cell: MatchCell;
  readonly bag: BagThing;
  readonly sowOn: Day;
  readonly setting: Setting;
  readonly saving: boolean;
  readonly failure: Problem | undefined;
  /** Whether the plan has a place for it there; undefined for a bag still to buy. */
  readonly placing: Placing | undefined;
  /** It was put into the plan just now. */
  readonly isDone: boolean;
  readonly bagName: (bagId: string) => string;
  readonly onBag: (bagId: string) => void;
  readonly onSowOn: (day: Day) => void;
  readonly onPick: () => void;
  readonly onClose: () => void;
}

/** The whole reasoning behind one cell, and the ways on: into the plan, another day, or from the meal backwards. */
export function MatchPanel({
  line,
  cell,
  bag,
  sowOn,
  setting,
  saving,
  failure,
  placing,
  isDone,
  bagName: nameOf,
  onBag,
  onSowOn,
  onPick,
  onClose,
}: PanelProps) {
  const { crop, bag: bagName, day, longDay, quantity, problem } = useWords();
  const { fit, picks } = useMemo(
    () => openCell({ line, cell, bag }, sowOn, setting),
    [line, cell, bag, sowOn, setting],
  );
  const [mealOn, setMealOn] = useState("");
  const latest = useMemo(
    () =>
      isDay(mealOn)
        ? sowingFor({ crop: line.crop, goal: line.goal, method: cell.choice.method }, mealOn, setting.climate)
        : undefined,
    [mealOn, line, cell, setting],
  );
  const panel = usePanelFocus(`${line.goal.id} ${bag.id}`, onClose);
  return (
    <aside
      {...panel}
      aria-label={t("match.why")}
      className="fixed inset-x-0 bottom-12 z-5 max-h-[68vh] overflow-y-auto border-t-rule border-ink bg-card p-4 lg:sticky lg:top-0 lg:max-h-screen lg:min-h-full lg:border-t-0 lg:border-l-rule lg:p-5"
    >
      <div className="flex items-start justify-between gap-2">
        <div>
          <p className="text-sm text-muted">
            {t("match.in", { bag: bagName(bag.kindId) })}, {t(`surfaces.${cell.where}`)}
          </p>
          <h2 className="text-xl font-bold">{crop(line.goal.id)}</h2>
        </div>
        <Button look="quiet" onClick={onClose}>
          {t("match.close")}
        </Button>
      </div>
      <p className="mt-1 mb-2">
        {fit.sown ? (
          <span className="big-number">
            {t("match.dense", { seed: quantity(fit.sown.seedG / 1000, "mass") })}
          </span>
        ) : (
          <>
            <span className="big-number">{t("match.plants", { count: fit.plants ?? 0 })}</span>{" "}
            {(fit.most ?? 0) > (fit.plants ?? 0) && (
              <span className="text-sm text-muted">{t("match.upTo", { most: fit.most ?? 0 })}</span>
            )}
          </>
        )}
      </p>
      {placing && !placing.isFree && !isDone && (
        <Taken placing={placing} bagName={nameOf} onSowOn={onSowOn} onBag={onBag} />
      )}
      <Only may="changes">
        <Button
          look={placing && !placing.isFree ? "open" : "solid"}
          className="mb-3 min-h-11 w-full"
          disabled={saving || isDone || (fit.plants === 0 && !fit.sown)}
          onClick={onPick}
        >
          {t(isDone ? "match.isIn" : placing && !placing.isFree ? "match.pickAnyway" : "match.pick")}
        </Button>
      </Only>
      {failure && (
        <p role="alert" className="mb-3 font-semibold text-beet">
          ✕ {problem(failure)}
        </p>
      )}
      <Verdict fit={fit} onFix={(f) => f.code === "sow-on" && onSowOn(f.day)} />
      <div className="mt-3 border-t border-line pt-2">
        <MethodLine
          method={cell.choice.method}
          why={cell.choice.why}
          family={line.crop.family}
          schools={inForce(setting.schools)}
        />
        <div className="mt-1.5">
          <Bill
            of={{ crop: line.crop, goal: line.goal, method: cell.choice.method, stages: cell.season.stages }}
            plants={fit.plants}
            areaCm2={fit.sown?.areaCm2 ?? 0}
            setting={setting}
          />
        </div>
      </div>
      <div className="mt-2 border-t border-line pt-2">
        <p className="mb-1 text-note">
          {t("match.sow")} <b>{day(sowOn)}</b>
        </p>
        <Dates stages={cell.season.stages} />
        <Feeds
          crop={line.crop}
          stages={cell.season.stages}
          plants={fit.plants ?? 0}
          school={inForce(setting.schools).feed}
        />
        <div className="mt-2 border-t border-line pt-2">
          <Food
            crop={line.crop}
            goal={line.goal}
            picks={picks}
            harvest={cell.harvest}
            prices={setting.prices}
          />
        </div>
      </div>
      <div className="mt-2 flex flex-wrap items-end gap-2 border-t border-line pt-2">
        <TextField
          type="date"
          label={t("match.wantMeal")}
          value={mealOn}
          onChange={(e) => setMealOn(e.target.value)}
        />
        {isDay(mealOn) && (
          <p role="status" className="text-note">
            {latest ? t("match.mealAnswer", { day: longDay(latest) }) : t("match.mealNever")}
          </p>
        )}
        {latest && <Button onClick={() => onSowOn(latest)}>{t("match.useDay")}</Button>}
      </div>
      <div className="mt-3 grid gap-2">
        {line.goal.cautions.map((caution) => (
          <Caution key={caution}>{t(`cautions.${caution}`)}</Caution>
        ))}
      </div>
    </aside>
  );
}

interface TakenProps {
  readonly placing: Placing;
  readonly bagName: (bagId: string) => string;
  readonly onSowOn: (day: Day) => void;
  readonly onBag: (bagId: string) => void;
}

/** A bag that has no place for it then: what is in the way, and where or when there is one. */
function Taken({ placing: { takenBy, next, others }, bagName, onSowOn, onBag }: TakenProps) {
  const { crop, day } = useWords();
  return (
    <div role="alert" className="mb-3 grid gap-2 border-l-4 border-marigold bg-paper py-2 pl-3">
      <p className="font-semibold">
        ▲{" "}
        {takenBy
          ? t("match.takenBy", { crop: crop(takenBy.goalId), day: day(takenBy.until) })
          : t("match.taken")}
      </p>
      <div className="flex flex-wrap gap-2">
        {next && <Button onClick={() => onSowOn(next)}>{t("match.fromDay", { day: day(next) })}</Button>}
        {others.slice(0, 3).map((id) => (
          <Only key={id} may="changes">
            <Button onClick={() => onBag(id)}>{t("match.inOther", { bag: bagName(id) })}</Button>
          </Only>
        ))}
      </div>
    </div>
  );
}
