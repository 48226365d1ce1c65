"use client";

import { ChevronsUpDown } from "lucide-react";
import { type ComponentProps, lazy, type ReactNode, useId, useState } from "react";
import type { Problem } from "@/core/problem";
import { useWords } from "@/ui/words/use-words";
import type { Item } from "./combobox";
import { WhenAsked } from "./when-asked";
import { t } from "./words";

const Combobox = lazy(async () => ({ default: (await import("./combobox")).Combobox }));

const BOX =
  "min-h-10 w-full border-rule border-ink bg-card px-2.5 py-1.5 disabled:border-line disabled:bg-transparent aria-invalid:border-beet aria-invalid:border-thick";

interface FieldProps {
  readonly label: string;
  readonly hint?: string;
  readonly problem?: Problem;
  readonly className?: string;
  /** It has to be filled in: said by a mark beside its label. */
  readonly required?: boolean;
  /** Gives the control its id, its state and what describes it. */
  readonly children: (control: {
    id: string;
    "aria-invalid": boolean;
    "aria-describedby": string | undefined;
    className: string;
  }) => ReactNode;
}

/** A label, a control, a hint, and the sentence that says what is wrong, each tied to the control for readers. */
function Field({ label, hint, problem, className = "", required = false, children }: FieldProps) {
  const id = useId();
  const words = useWords();
  const described = [hint && `${id}-hint`, problem && `${id}-problem`].filter(Boolean).join(" ");
  return (
    <div className={className}>
      <label htmlFor={id} className="mb-1 block text-sm font-semibold">
        {label}
        {required && (
          <b aria-hidden="true" className="ml-1 text-beet">
            *
          </b>
        )}
      </label>
      {children({
        id,
        "aria-invalid": problem !== undefined,
        "aria-describedby": described || undefined,
        className: BOX,
      })}
      {hint && (
        <p id={`${id}-hint`} className="mt-0.5 text-sm text-muted">
          {hint}
        </p>
      )}
      {problem && (
        <p id={`${id}-problem`} role="alert" className="mt-0.5 text-sm font-semibold text-beet">
          ✕ {words.problem(problem)}
        </p>
      )}
    </div>
  );
}

type Plain = Omit<FieldProps, "children">;

export function TextField({
  label,
  hint,
  problem,
  className,
  required,
  ...input
}: Plain & Omit<ComponentProps<"input">, "className">) {
  return (
    <Field label={label} hint={hint} problem={problem} className={className} required={required}>
      {(control) => <input type="text" autoComplete="off" required={required} {...input} {...control} />}
    </Field>
  );
}

export function TextArea({
  label,
  hint,
  problem,
  className,
  ...area
}: Plain & Omit<ComponentProps<"textarea">, "className">) {
  return (
    <Field label={label} hint={hint} problem={problem} className={className}>
      {(control) => <textarea rows={2} {...area} {...control} />}
    </Field>
  );
}

export function SelectField({
  label,
  hint,
  problem,
  className,
  children,
  ...select
}: Plain & Omit<ComponentProps<"select">, "className">) {
  return (
    <Field label={label} hint={hint} problem={problem} className={className}>
      {(control) => (
        <select {...select} {...control}>
          {children}
        </select>
      )}
    </Field>
  );
}

/** A box to tick, with its label beside it. */
export function CheckField({
  label,
  className = "",
  checked,
  onChecked,
}: Pick<Plain, "label" | "className"> & { checked: boolean; onChecked: (checked: boolean) => void }) {
  return (
    <label className={`flex min-h-9 items-center gap-2 text-note ${className}`}>
      <input
        type="checkbox"
        className="size-5 shrink-0 accent-(--beet)"
        checked={checked}
        onChange={(e) => onChecked(e.target.checked)}
      />
      {label}
    </label>
  );
}

/** A field for a choice among many: it opens a list that is searched by any of their names. */
export function ChooseField({
  label,
  className,
  items,
  shown,
  onChoose,
}: Pick<Plain, "label" | "className"> & {
  items: readonly Item[];
  /** What the field reads while it is closed. */
  shown: string;
  onChoose: (value: string) => void;
}) {
  const [open, setOpen] = useState(true);
  return (
    <Field label={label} className={className}>
      {({ id, className: box }) => {
        const trigger = (
          <button
            type="button"
            id={id}
            aria-label={`${label}: ${shown}`}
            className={`${box} flex items-center justify-between gap-2 text-left`}
          >
            <span className="min-w-0 truncate">{shown}</span>
            <ChevronsUpDown aria-hidden="true" className="size-4 shrink-0" />
          </button>
        );
        return (
          <WhenAsked trigger={trigger}>
            <Combobox
              label={label}
              placeholder={t("choose.find")}
              empty={t("choose.none")}
              items={items}
              open={open}
              onOpenChange={setOpen}
              onChoose={onChoose}
              trigger={trigger}
            />
          </WhenAsked>
        );
      }}
    </Field>
  );
}
