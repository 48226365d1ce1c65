"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { dimensionOf, type LibraryValue, type Override, valueField } from "@/core/override";
import { type Outcome, type Problem, readProblem } from "@/core/problem";
import { Button } from "@/ui/primitives/button";
import { TextField } from "@/ui/primitives/field";
import { send } from "@/ui/primitives/send";
import { useWords } from "@/ui/words/use-words";
import { type PlanDifference, PlanDifferences } from "./plan-changes";

/** Parts of a path that only hold others together. */
const UNSAID = new Set(["stand", "window"]);

/** What can be done with a value: looked at beforehand, and put in place with a reason; null goes back to what ships. */
export interface ValueActions {
  readonly preview: (name: string, value: number | null) => Promise<Outcome<readonly PlanDifference[]>>;
  readonly override: (name: string, value: number | null, reason: string) => Promise<Outcome<null>>;
}

interface LineProps extends ValueActions {
  readonly value: LibraryValue;
  readonly own?: Override;
  readonly other?: { readonly name: string; readonly value: number | undefined };
}

/** One value: what ships and from where, what the programme has in its place and why, and a way to change that. */
export function ValueLine({ value, own, other, preview, override }: LineProps) {
  const { t, quantity, number } = useWords();
  const [open, setOpen] = useState(false);
  const dimension = dimensionOf(value.path);
  const show = (n: number): string => {
    if (dimension === "hours") return `${number(n)} h`;
    if (dimension === "days") return `${number(n)} d`;
    if (dimension === "grams") return quantity(n / 1000, "mass");
    return dimension === undefined ? String(Number(n.toPrecision(4))) : quantity(n, dimension);
  };
  const name = value.path
    .split(".")
    .filter((part) => !UNSAID.has(part))
    .map((part) =>
      t.has(`values.${part}` as "values.depthCm") ? t(`values.${part}` as "values.depthCm") : part,
    )
    .join(" · ");
  return (
    <li className="border-b border-line py-0.5">
      <div className="grid grid-cols-[1fr_auto] items-baseline gap-x-4 sm:grid-cols-[minmax(0,1fr)_6rem_11rem_6rem_auto]">
        <span className="font-semibold">{name}</span>
        <span className={own ? "text-muted line-through" : "font-head text-lg font-bold"}>
          {show(value.value)}
        </span>
        <span className="col-span-2 text-sm text-muted sm:col-span-1">
          {own ? (
            <b className="font-head text-lg text-beet no-underline">▲ {show(own.value)}</b>
          ) : (
            t(`sources.${value.source}`)
          )}
        </span>
        <span className="text-sm">
          {other && (other.value === undefined ? "–" : `${other.name}: ${show(other.value)}`)}
        </span>
        <Button look="quiet" aria-expanded={open} onClick={() => setOpen(!open)}>
          {t("library.change")}
          <span className="sr-only"> {name}</span>
        </Button>
      </div>
      {own && (
        <p className="text-sm text-muted">
          “{own.reason}”, {own.author}; {t("library.shipped", { source: t(`sources.${value.source}`) })}
        </p>
      )}
      {open && (
        <Change
          value={value}
          own={own}
          show={show}
          preview={preview}
          override={override}
          onDone={() => setOpen(false)}
        />
      )}
    </li>
  );
}

function Change({
  value,
  own,
  show,
  preview,
  override,
  onDone,
}: Pick<LineProps, "value" | "own" | "preview" | "override"> & {
  show: (n: number) => string;
  onDone: () => void;
}) {
  const { t, problem } = useWords();
  const router = useRouter();
  const [typed, setTyped] = useState(show(own?.value ?? value.value));
  const [reason, setReason] = useState(own?.reason ?? "");
  const [faults, setFaults] = useState<Readonly<Record<string, Problem>>>({});
  const [changes, setChanges] = useState<readonly PlanDifference[]>();
  const read = (): number | undefined => {
    const parsed = valueField(value.path).safeParse(typed);
    setFaults(parsed.success ? {} : { value: readProblem(parsed.error.issues[0]?.message ?? "") });
    return parsed.success ? parsed.data : undefined;
  };
  const look = async (n: number | null | undefined) => {
    if (n === undefined) return;
    const outcome = await send(() => preview(value.name, n));
    if (outcome.ok) setChanges(outcome.value);
    else setFaults(outcome.fields ?? { form: outcome.problem });
  };
  const store = async (n: number | null | undefined) => {
    if (n === undefined) return;
    const outcome = await send(() => override(value.name, n, reason));
    if (outcome.ok) {
      onDone();
      router.refresh();
    } else setFaults(outcome.fields ?? { form: outcome.problem });
  };
  return (
    <div className="my-2 grid gap-2 border-l-4 border-ink bg-card p-3">
      <div className="grid gap-3 sm:grid-cols-[10rem_1fr]">
        <TextField
          label={t("library.value")}
          value={typed}
          problem={faults.value}
          onChange={(e) => setTyped(e.target.value)}
        />
        <TextField
          label={t("library.reason")}
          hint={t("library.reasonHint")}
          value={reason}
          problem={faults.reason}
          onChange={(e) => setReason(e.target.value)}
        />
      </div>
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => void look(read())}>{t("library.preview")}</Button>
        <Button look="solid" onClick={() => void store(read())}>
          {t("library.use")}
        </Button>
        {own && (
          <Button look="warn" onClick={() => void store(null)}>
            {t("library.back", { value: show(value.value) })}
          </Button>
        )}
      </div>
      {faults.form && (
        <p role="alert" className="font-semibold text-beet">
          ✕ {problem(faults.form)}
        </p>
      )}
      {changes && <PlanDifferences changes={changes} />}
    </div>
  );
}
