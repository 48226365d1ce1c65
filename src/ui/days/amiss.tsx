"use client";

import { useState } from "react";
import type { Day } from "@/core/day";
import type { DoneLine, Task } from "@/core/days";
import type { Garden, PlantingView, RowView } from "@/core/garden";
import type { GardenRecord } from "@/core/record";
import type { Setting } from "@/core/setting";
import { type Cause, causesOf, signsFor, type TroubleSign } from "@/core/trouble";
import type { Weather } from "@/core/weather";
import { Only } from "@/ui/rights";
import { Button } from "@/ui/primitives/button";
import { Caution } from "@/ui/primitives/caution";
import { SelectField } from "@/ui/primitives/field";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

interface AmissProps {
  readonly garden: Garden;
  readonly setting: Setting;
  readonly today: Day;
  readonly records: readonly DoneLine[];
  readonly tasks: readonly Task[];
  readonly weather?: Weather;
  readonly onWrite: (record: GardenRecord) => void;
}

interface Stands {
  readonly view: PlantingView;
  readonly row: RowView;
  readonly number: number;
}

/** Something looks wrong: what one sees, and what may be behind it, the best known first; what was found is written down. */
export function Amiss({ garden, setting, today, records, tasks, weather, onWrite }: AmissProps) {
  const { crop, bag } = useWords();
  const [plantingId, setPlanting] = useState("");
  const [sign, setSign] = useState<TroubleSign>();
  const [written, setWritten] = useState(false);
  const standing = garden.rows.flatMap((row, i) =>
    row.plantings
      .filter(({ real }) => real && !real.endedOn)
      .map((view): Stands => ({ view, row, number: i + 1 })),
  );
  const chosen = standing.find(({ view }) => view.planting.id === plantingId);
  if (standing.length === 0) return null;
  const signs = chosen ? signsFor(chosen) : [];
  const causes =
    chosen && sign && signs.includes(sign)
      ? causesOf(sign, { ...chosen, setting, today, records, tasks, weather })
      : [];
  const write = () => {
    const [first] = causes;
    if (!chosen || !sign || !first) return;
    onWrite({
      id: crypto.randomUUID(),
      plantingId: chosen.view.planting.id,
      kind: "note",
      on: today,
      amount: null,
      note: t("amiss.note", {
        sign: t(`amiss.signs.${sign}`),
        cause: t(`amiss.causes.${first.code}.name`),
      }),
      supersedes: null,
    });
    setWritten(true);
  };
  return (
    <details className="mb-4 border-t-rule border-ink pt-1.5 print:hidden">
      <summary className="cursor-pointer text-lg font-bold">{t("amiss.title")}</summary>
      <p className="text-muted">{t("amiss.lead")}</p>
      <div className="mt-2 grid gap-3 sm:grid-cols-2">
        <SelectField
          label={t("amiss.planting")}
          value={plantingId}
          onChange={(e) => {
            setPlanting(e.target.value);
            setWritten(false);
          }}
        >
          <option value="">{t("amiss.choose")}</option>
          {standing.map(({ view, row, number }) => (
            <option key={view.planting.id} value={view.planting.id}>
              {number} {bag(row.bag.kindId)}: {crop(view.goal.id)}
            </option>
          ))}
        </SelectField>
        <SelectField
          label={t("amiss.sign")}
          value={sign ?? ""}
          disabled={!chosen}
          onChange={(e) => {
            setSign(signs.find((s) => s === e.target.value));
            setWritten(false);
          }}
        >
          <option value="">{t("amiss.choose")}</option>
          {signs.map((s) => (
            <option key={s} value={s}>
              {t(`amiss.signs.${s}`)}
            </option>
          ))}
        </SelectField>
      </div>
      {causes.length > 0 && (
        <>
          <ol className="mt-2" aria-live="polite">
            {causes.map((cause) => (
              <CauseLine key={cause.code} cause={cause} />
            ))}
          </ol>
          <Caution>{t("cautions.pesticide")}</Caution>
          <p className="mt-2 flex items-center gap-3">
            <Only may="writes">
              <Button className="min-h-11" disabled={written} onClick={write}>
                {t("amiss.write")}
              </Button>
            </Only>
            <span role="status" className="font-semibold">
              {written && `✓ ${t("amiss.written")}`}
            </span>
          </p>
        </>
      )}
    </details>
  );
}

const WARM = new Set(["cold-soil", "hot", "too-hot-to-set", "too-cold-to-set"]);

/** A cause: why it is likely, what to look at next, and what to do. */
function CauseLine({ cause: { code, weight, is = 0, needs = 0, day: on } }: { cause: Cause }) {
  const { day, rain, foretold, temperature, mol, number, percent } = useWords();
  const figures = {
    day: on ? day(on) : "",
    is: WARM.has(code) ? foretold(is) : number(is),
    needs: WARM.has(code) ? temperature(needs) : number(needs),
    mm: rain(is),
    mol: mol(is),
    molNeeds: mol(needs),
    share: percent(is),
  };
  const key = `amiss.causes.${code}.why` as "amiss.causes.hot.why";
  const why = weight === 2 && t.has(key) ? t(key, figures) : "";
  return (
    <li className="border-t border-line py-1.5 text-note">
      <p>
        <b>{t(`amiss.causes.${code}.name`)}</b>
        {weight === 2 && (
          <span className="ml-2 font-semibold text-beet">
            ● {t("amiss.known")}
            {why && `: ${why}`}
          </span>
        )}
      </p>
      <p>
        <b>{t("amiss.look")}</b> {t(`amiss.causes.${code}.look`)}
      </p>
      <p>
        <b>{t("amiss.do")}</b> {t(`amiss.causes.${code}.do` as "amiss.causes.hot.do", figures)}
      </p>
    </li>
  );
}
