"use client";

import { useRouter } from "next/navigation";
import { type ReactNode, useMemo, useState } from "react";
import { type Climate, climateGates, type Stretch } from "@/core/climate";
import { rainOf, readNormals, TownClimate } from "@/core/climate";
import type { Day } from "@/core/day";
import { fieldProblems, type FieldProblems, type Outcome, type Problem } from "@/core/problem";
import { Button } from "@/ui/primitives/button";
import { SelectField, TextArea, TextField } from "@/ui/primitives/field";
import { OutcomeLines } from "@/ui/primitives/outcome-lines";
import { send } from "@/ui/primitives/send";
import { useWords } from "@/ui/words/use-words";
import { ClimateChart } from "./climate-chart";
import { DailyFile } from "./daily-file";
import { TownPicker } from "./town-picker";
import { known } from "@/core/known";
import { t } from "./words";

export interface ClimateProps {
  readonly town: string;
  readonly saved: TownClimate | null;
  readonly profileId: string;
  readonly profiles: readonly Climate[];
  readonly today: Day;
  readonly save: (climate: TownClimate | null) => Promise<Outcome<null>>;
  /** The weather of these days, below what the year is like. */
  readonly service?: ReactNode;
}

/** What is kept besides warmth, where it is known. */
const BESIDES = [
  ["rainMm", "rain"],
  ["wetDays", "days"],
  ["windMS", "wind"],
  ["humidity", "humidity"],
] as const;
type Besides = (typeof BESIDES)[number][0];

const besidesOf = (normals: Partial<Record<Besides, readonly number[]>>) =>
  Object.fromEntries(BESIDES.map(([key]) => [key, asText(normals[key] ?? [])])) as Record<Besides, string>;

const asText = (values: readonly number[]) => values.map((v) => String(Number(v.toFixed(1)))).join("  ");

/** The town's climate: where it lies and its twelve normals, read back at once as what they mean to growers. */
export function ClimateScreen({ town, saved, profileId, profiles, today, save, service }: ClimateProps) {
  const words = useWords();
  const router = useRouter();
  const profile = profiles.find((p) => p.id === profileId) ?? known(profiles[0]);
  const [form, setForm] = useState({
    place: saved?.place ?? town,
    latitude: String(saved?.latitude ?? profile.latitude),
    longitude: String(saved?.longitude ?? 0),
    timeZone: saved?.timeZone ?? "",
    origin: saved?.origin ?? profile.id,
    low: asText(saved?.lowC ?? profile.lowC),
    high: asText(saved?.highC ?? profile.highC),
    ...besidesOf(saved ?? profile),
  });
  const [faults, setFaults] = useState<FieldProblems>({});
  const [failure, setFailure] = useState<Problem>();
  const [done, setDone] = useState(false);
  const change = (more: Partial<typeof form>) => {
    setForm({ ...form, ...more });
    setDone(false);
  };

  const read = useMemo((): { climate?: TownClimate; faults: FieldProblems } => {
    const [low, high] = [readNormals(form.low), readNormals(form.high)];
    const typed: Record<string, Problem> = {
      ...(low.ok ? {} : { lowC: low.problem }),
      ...(high.ok ? {} : { highC: high.problem }),
    };
    const besides = BESIDES.flatMap(([key, kind]) =>
      form[key].trim() === "" ? [] : [[key, readNormals(form[key], kind)] as const],
    );
    for (const [key, found] of besides) if (!found.ok) typed[key] = found.problem;
    if (!low.ok || !high.ok || Object.keys(typed).length > 0) return { faults: typed };
    const number = (text: string) => (text.trim() === "" ? Number.NaN : Number(text.replace(",", ".")));
    const parsed = TownClimate.safeParse({
      place: form.place,
      latitude: number(form.latitude),
      longitude: number(form.longitude),
      timeZone: form.timeZone,
      origin: form.origin,
      lowC: low.value,
      highC: high.value,
      ...Object.fromEntries(besides.flatMap(([key, found]) => (found.ok ? [[key, found.value]] : []))),
    });
    return parsed.success
      ? { climate: parsed.data, faults: {} }
      : { faults: fieldProblems(parsed.error.issues) };
  }, [form]);
  const gates = useMemo(
    () =>
      read.climate ? climateGates({ id: "typed", ...read.climate }, Number(today.slice(0, 4))) : undefined,
    [read.climate, today],
  );

  const store = async (climate: TownClimate | null | undefined) => {
    setFailure(undefined);
    setFaults(read.faults);
    if (climate === undefined) return;
    const outcome = await send(() => save(climate));
    if (outcome.ok) {
      setDone(true);
      router.refresh();
    } else {
      setFailure(outcome.problem);
      setFaults(outcome.fields ?? {});
    }
  };
  const shownFaults: FieldProblems = {
    ...faults,
    ...(form.low && read.faults.lowC ? { lowC: read.faults.lowC } : {}),
    ...(form.high && read.faults.highC ? { highC: read.faults.highC } : {}),
  };

  return (
    <div className="grid gap-x-10 gap-y-5 px-4 py-4 lg:grid-cols-[minmax(0,44rem)_1fr] lg:px-6">
      <div className="grid content-start gap-3">
        <div>
          <h1 className="text-title font-bold">{t("climate.title")}</h1>
          <p className="text-muted">{t("climate.lead")}</p>
        </div>
        <h2 className="border-t-rule border-ink pt-2 text-lg font-bold">{t("climate.where")}</h2>
        <TownPicker
          onTown={(found) =>
            change({
              place: `${found.name}, ${found.country}`,
              latitude: String(found.latitude),
              longitude: String(found.longitude),
              timeZone: found.timeZone,
            })
          }
        />
        <div className="grid gap-3 sm:grid-cols-[1fr_8rem_8rem]">
          <TextField
            label={t("climate.place")}
            value={form.place}
            problem={shownFaults.place}
            hint={form.timeZone || undefined}
            onChange={(e) => change({ place: e.target.value })}
          />
          <TextField
            label={t("climate.latitude")}
            inputMode="decimal"
            value={form.latitude}
            problem={shownFaults.latitude && { code: "latitude" }}
            onChange={(e) => change({ latitude: e.target.value })}
          />
          <TextField
            label={t("climate.longitude")}
            inputMode="decimal"
            value={form.longitude}
            problem={shownFaults.longitude && { code: "longitude" }}
            onChange={(e) => change({ longitude: e.target.value })}
          />
        </div>
        <h2 className="mt-2 border-t-rule border-ink pt-2 text-lg font-bold">{t("climate.normals")}</h2>
        <SelectField
          label={t("climate.profile")}
          value={profiles.some((p) => p.id === form.origin) ? form.origin : ""}
          onChange={(e) => {
            const next = profiles.find((p) => p.id === e.target.value);
            if (next)
              change({
                origin: next.id,
                low: asText(next.lowC),
                high: asText(next.highC),
                ...besidesOf(next),
                latitude: String(next.latitude),
              });
          }}
        >
          <option value="">{t("climate.ownNumbers")}</option>
          {profiles.map((p) => (
            <option key={p.id} value={p.id}>
              {t(`profiles.${p.id as "larkmouth"}`)}
            </option>
          ))}
        </SelectField>
        <TextArea
          label={t("climate.low")}
          hint={t("climate.twelveHint")}
          value={form.low}
          problem={shownFaults.lowC}
          onChange={(e) => change({ low: e.target.value, origin: "typed" })}
        />
        <TextArea
          label={t("climate.high")}
          value={form.high}
          problem={shownFaults.highC}
          onChange={(e) => change({ high: e.target.value, origin: "typed" })}
        />
        <details>
          <summary className="cursor-pointer text-sm font-semibold">{t("climate.besides")}</summary>
          <div className="mt-2 grid gap-3">
            {BESIDES.map(([key]) => (
              <TextArea
                key={key}
                label={t(`climate.${key}`)}
                hint={key === "rainMm" || key === "windMS" ? t(`climate.${key}Hint`) : undefined}
                value={form[key]}
                problem={read.faults[key]}
                onChange={(e) => change({ [key]: e.target.value, origin: "typed" })}
              />
            ))}
          </div>
        </details>
        <DailyFile
          onNormals={({ lowC, highC, rainMm, wetDays }) =>
            change({
              low: asText(lowC),
              high: asText(highC),
              ...(rainMm && wetDays && { rainMm: asText(rainMm), wetDays: asText(wetDays) }),
              origin: "measured",
            })
          }
        />
        <div className="sticky bottom-0 z-2 border-t border-line bg-paper pb-2">
          <OutcomeLines done={done && t("climate.saved")} failure={failure}>
            <Button look="solid" className="min-h-11 px-5" onClick={() => void store(read.climate)}>
              {t("climate.save")}
            </Button>
            {saved && (
              <Button look="warn" onClick={() => void store(null)}>
                {t("climate.back", { profile: t(`profiles.${profile.id as "larkmouth"}`) })}
              </Button>
            )}
          </OutcomeLines>
        </div>
      </div>
      <section aria-labelledby="means" className="h-fit border-l-rule border-ink bg-card p-5">
        <h2 id="means" className="mb-2 text-lg font-bold">
          {t("climate.means")}
        </h2>
        {gates && read.climate ? (
          <>
            <ClimateChart climate={read.climate} year={today.slice(0, 4)} />
            <dl className="grid gap-1 text-note">
              <Gate
                name={t("climate.warmNights", { t: words.quantity(15.5, "temperature") })}
                stretch={gates.warmNights}
              />
              <Gate
                name={t("climate.lettuceHeat", { t: words.quantity(24, "temperature") })}
                stretch={gates.lettuceHeat}
              />
              <Gate name={t("climate.frostRisk")} stretch={gates.frostRisk} />
              <Gate name={t("climate.shortDays")} stretch={gates.shortDays} />
            </dl>
            <p className="mt-1 border-t border-line pt-2 text-note">
              {t("climate.light", {
                short: words.number(gates.shortestH),
                long: words.number(gates.longestH),
              })}
            </p>
          </>
        ) : (
          <p className="text-muted">{t("climate.incomplete")}</p>
        )}
        {read.climate && <Rain rainMm={read.climate.rainMm} year={today.slice(0, 4)} />}
        <p className="mt-3 text-sm text-muted">{t("climate.normalsOnly")}</p>
        {service}
      </section>
    </div>
  );
}

/** What a year's rain comes to, and when most and least of it falls. */
function Rain({ rainMm, year }: { rainMm?: readonly number[]; year: string }) {
  const words = useWords();
  const { month } = words;
  const rain = rainMm && rainOf(rainMm);
  if (!rain) return <p className="mt-1 text-note text-muted">{t("climate.noRain")}</p>;
  const monthOf = (index: number) => month(`${year}-${String(index + 1).padStart(2, "0")}-15`);
  return (
    <p className="mt-1 text-note">
      {t("climate.rain", {
        total: words.rain(rain.yearMm),
        wettest: monthOf(rain.wettest.month),
        most: words.rain(rain.wettest.mm),
        driest: monthOf(rain.driest.month),
        least: words.rain(rain.driest.mm),
      })}
    </p>
  );
}

function Gate({ name, stretch }: { name: string; stretch: Stretch }) {
  const { day } = useWords();
  return (
    <div className="grid grid-cols-[1fr_auto] gap-3 border-t border-line py-1">
      <dt>{name}</dt>
      <dd className="font-semibold">
        {typeof stretch === "string"
          ? t(`climate.${stretch}`)
          : t("climate.stretch", { from: day(stretch.from), to: day(stretch.to) })}
      </dd>
    </div>
  );
}
