"use client";

import { useRouter } from "next/navigation";
import { type ReactNode, useState } from "react";
import { soilVolumeL } from "@/core/bag";
import { MIX_PARTS, type Mix, type MixPart, OwnMix, ownMixId, ownMixName, type Sizes } from "@/core/mix";
import { type FieldProblems, fieldProblems, type Outcome, type Problem } from "@/core/problem";
import { amountField, optionalQuantityField, quantityField } from "@/core/quantity";
import { findBagKind } from "@/library";
import { Button } from "@/ui/primitives/button";
import { CheckField, SelectField, TextField } from "@/ui/primitives/field";
import { OutcomeLines } from "@/ui/primitives/outcome-lines";
import { send } from "@/ui/primitives/send";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

interface MixesProps {
  readonly mixes: readonly Mix[];
  /** What bags are filled with that have none of their own. */
  readonly mixId: string;
  readonly sizes: Sizes;
  readonly choose: (id: string) => Promise<Outcome<null>>;
  readonly save: (mix: OwnMix) => Promise<Outcome<null>>;
  readonly remove: (id: string) => Promise<Outcome<null>>;
  readonly saveSizes: (sizes: Sizes) => Promise<Outcome<null>>;
}

/** Sends a change, and says what became of it. */
function useStored() {
  const router = useRouter();
  const [done, setDone] = useState(false);
  const [failure, setFailure] = useState<Problem>();
  const [fields, setFields] = useState<FieldProblems>({});
  const store = async (work: () => Promise<Outcome<null>>): Promise<boolean> => {
    setDone(false);
    const outcome = await send(work);
    setDone(outcome.ok);
    setFailure(outcome.ok ? undefined : outcome.problem);
    setFields(outcome.ok ? {} : (outcome.fields ?? {}));
    if (outcome.ok) router.refresh();
    return outcome.ok;
  };
  return { done, failure, fields, setFields, store };
}

/** The programme's mixes: the one in force, what each is made of and weighs, a recipe of one's own, and what barrows and buckets hold. */
export function Mixes({ mixes, mixId, sizes, choose, save, remove, saveSizes }: MixesProps) {
  const { mix } = useWords();
  const chosen = useStored();
  return (
    <div className="grid gap-x-10 gap-y-6 px-4 py-4 lg:grid-cols-[minmax(0,1fr)_24rem] lg:px-6">
      <div className="min-w-0">
        <h1 className="text-title font-bold">{t("mixScreen.title")}</h1>
        <p className="mb-3 text-muted">{t("mixScreen.lead")}</p>
        <SelectField
          label={t("mixScreen.inForce")}
          hint={t("mixScreen.inForceHint")}
          className="max-w-md"
          value={mixId}
          onChange={(e) => void chosen.store(() => choose(e.target.value))}
        >
          {mixes.map(({ id }) => (
            <option key={id} value={id}>
              {mix(id)}
            </option>
          ))}
        </SelectField>
        <OutcomeLines done={chosen.done && t("mixScreen.saved")} failure={chosen.failure}>
          {null}
        </OutcomeLines>
        <ul>
          {mixes.map((each) => (
            <MixEntry key={each.id} mix={each} isInForce={each.id === mixId} save={save} remove={remove} />
          ))}
        </ul>
      </div>
      <div className="grid content-start gap-6">
        <OwnRecipe save={save} />
        <SizesForm sizes={sizes} save={saveSizes} />
      </div>
    </div>
  );
}

function Ruled({ id, title, children }: { id: string; title: string; children: ReactNode }) {
  return (
    <section aria-labelledby={id}>
      <h2 id={id} className="border-t-rule border-ink pt-1.5 text-lg font-bold">
        {title}
      </h2>
      {children}
    </section>
  );
}

/** Wet mass of the bag that people know best, filled with a mix: what a density means on a floor. */
const usualBagL = () => {
  const kind = findBagKind("round-10-gal");
  return kind ? soilVolumeL(kind.shape) : 0;
};

const WET_LITRE = optionalQuantityField("mass", 10);

/** One mix: its parts as a bar to scale, what it weighs and by whom, and the scale's answer for a wet litre. */
function MixEntry({
  mix,
  isInForce,
  save,
  remove,
}: {
  mix: Mix;
  isInForce: boolean;
  save: MixesProps["save"];
  remove: MixesProps["remove"];
}) {
  const { quantity, number, units, mix: nameOf } = useWords();
  const { done, failure, fields, setFields, store } = useStored();
  const [typed, setTyped] = useState(mix.isWeighed ? quantity(mix.wetKgL, "mass") : "");
  const own = ownMixName(mix.id) !== undefined;
  const weigh = async () => {
    const read = WET_LITRE.safeParse(typed);
    if (!read.success)
      return setFields({ wetKgL: fieldProblems(read.error.issues).form ?? { code: "invalid" } });
    const known = own ? { recipe: [...mix.recipe], isLimed: mix.isLimed } : {};
    const wetKgL = read.data?.value;
    await store(() =>
      wetKgL === undefined && !own
        ? remove(mix.id)
        : save({ id: mix.id, ...known, ...(wetKgL && { wetKgL }) }),
    );
  };
  return (
    <li className="border-t border-line py-3">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 className="font-head text-lg font-bold wrap-anywhere">
          {isInForce && <span aria-hidden="true">● </span>}
          {nameOf(mix.id)}
        </h2>
        <p className="text-note tabular-nums">
          {t("mixScreen.wet")} <b>{quantity(mix.wetKgL, "mass")}</b>{" "}
          <span className="text-muted">
            {t(mix.isWeighed ? "mixScreen.weighed" : "mixScreen.by")} ·{" "}
            {t("mixScreen.weighed10", { kg: quantity(mix.wetKgL * usualBagL(), "mass") })}
          </span>
        </p>
      </div>
      <div className="mt-1 flex h-5 w-full border-rule border-ink" aria-hidden="true">
        {mix.recipe.map(({ part, parts }, i) => (
          <span
            key={part}
            className={`h-full border-ink ${i > 0 ? "border-l-rule" : ""} ${PART_FILL[i % PART_FILL.length]}`}
            style={{ flex: parts }}
          />
        ))}
      </div>
      <p className="mt-1 text-note">
        {mix.recipe
          .map(({ part, parts }) => t("mixScreen.share", { parts: number(parts), part: t(`parts.${part}`) }))
          .join(" · ")}
        {mix.isLimed && <span className="text-muted">, {t("mixScreen.limed")}</span>}
      </p>
      <details className="mt-1">
        <summary className="cursor-pointer text-sm font-semibold">
          {t("mixScreen.weigh", { mix: nameOf(mix.id) })}
        </summary>
        <div className="mt-2 flex flex-wrap items-end gap-3">
          <TextField
            label={t("mixScreen.wet")}
            hint={t("mixScreen.weighHint", { units })}
            value={typed}
            problem={fields.wetKgL}
            onChange={(e) => setTyped(e.target.value)}
            className="max-w-60"
          />
        </div>
        <OutcomeLines done={done && t("mixScreen.saved")} failure={failure}>
          <Button look="solid" onClick={() => void weigh()}>
            {t("mixScreen.save")}
          </Button>
          {own && (
            <Button look="warn" onClick={() => void store(() => remove(mix.id))}>
              {t("mixScreen.remove")}
            </Button>
          )}
        </OutcomeLines>
      </details>
    </li>
  );
}

/** Parts are told apart by order and name, not by colour alone. */
const PART_FILL = ["bg-soil-light", "bg-soil", "bg-card", "bg-line"];

const PARTS = amountField(1000);

/** A recipe that the programme mixes itself: a name, and parts by volume. */
function OwnRecipe({ save }: { save: MixesProps["save"] }) {
  const { done, failure, fields, setFields, store } = useStored();
  const [name, setName] = useState("");
  const [parts, setParts] = useState<Partial<Record<MixPart, string>>>({});
  const [isLimed, setLimed] = useState(false);
  const add = async () => {
    const faults: Record<string, Problem> = {};
    const recipe = MIX_PARTS.flatMap((part) => {
      const read = PARTS.safeParse(parts[part] ?? "");
      if (!read.success) faults[part] = fieldProblems(read.error.issues).form ?? { code: "invalid" };
      return read.success && read.data !== null && read.data !== 0 ? [{ part, parts: read.data }] : [];
    });
    const mix = OwnMix.safeParse({ id: ownMixId(name), recipe, ...(isLimed && { isLimed }) });
    if (!mix.success)
      for (const [field, problem] of Object.entries(fieldProblems(mix.error.issues))) faults[field] = problem;
    if (!mix.success || Object.keys(faults).length > 0) return setFields(faults);
    if (await store(() => save(mix.data))) {
      setName("");
      setParts({});
    }
  };
  return (
    <Ruled id="own-mix" title={t("mixScreen.own")}>
      <p className="mb-2 text-note text-muted">{t("mixScreen.ownLead")}</p>
      <TextField
        label={t("mixScreen.name")}
        value={name}
        maxLength={60}
        problem={fields.id}
        onChange={(e) => setName(e.target.value)}
      />
      <div className="mt-2 grid grid-cols-2 gap-2">
        {MIX_PARTS.map((part) => (
          <TextField
            key={part}
            label={t(`parts.${part}`)}
            inputMode="decimal"
            value={parts[part] ?? ""}
            problem={fields[part]}
            onChange={(e) => setParts({ ...parts, [part]: e.target.value })}
          />
        ))}
      </div>
      <div className="mt-2">
        <CheckField label={t("mixScreen.isLimed")} checked={isLimed} onChecked={setLimed} />
      </div>
      <OutcomeLines done={done && t("mixScreen.saved")} failure={fields.recipe ?? failure}>
        <Button look="solid" onClick={() => void add()}>
          {t("mixScreen.add")}
        </Button>
      </OutcomeLines>
    </Ruled>
  );
}

const HOLDS = quantityField("volume", 500);
const SIZES = ["barrow", "bucket", "can"] as const;

/** What a barrow, a bucket and a can hold here. */
function SizesForm({ sizes, save }: { sizes: Sizes; save: MixesProps["saveSizes"] }) {
  const { quantity } = useWords();
  const { done, failure, fields, setFields, store } = useStored();
  const [typed, setTyped] = useState(() => ({
    barrow: quantity(sizes.barrowL, "volume"),
    bucket: quantity(sizes.bucketL, "volume"),
    can: quantity(sizes.canL, "volume"),
  }));
  const keep = async () => {
    const read = SIZES.map((size) => [size, HOLDS.safeParse(typed[size])] as const);
    const faults = Object.fromEntries(
      read.flatMap(([size, { error }]) =>
        error ? [[`${size}L`, fieldProblems(error.issues).form ?? { code: "invalid" }]] : [],
      ),
    );
    setFields(faults);
    if (Object.keys(faults).length > 0) return;
    const litres = Object.fromEntries(read.map(([size, { data }]) => [`${size}L`, data?.value ?? 0]));
    await store(() => save(litres as unknown as Sizes));
  };
  return (
    <Ruled id="sizes" title={t("mixScreen.sizes")}>
      <p className="mb-2 text-note text-muted">{t("mixScreen.sizesLead")}</p>
      <div className="grid gap-2">
        {SIZES.map((size) => (
          <TextField
            key={size}
            label={t(`mixScreen.${size}`)}
            value={typed[size]}
            problem={fields[`${size}L`]}
            onChange={(e) => setTyped({ ...typed, [size]: e.target.value })}
          />
        ))}
      </div>
      <OutcomeLines done={done && t("mixScreen.saved")} failure={failure}>
        <Button onClick={() => void keep()}>{t("mixScreen.save")}</Button>
      </OutcomeLines>
    </Ruled>
  );
}
