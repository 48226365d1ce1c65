"use client";

import { lazy, Suspense, useState } from "react";
import { dimensionOf, type LibraryValue, type Override } from "@/core/override";
import { Button } from "@/ui/primitives/button";
import { useWords } from "@/ui/words/use-words";
import type { ValueActions } from "./value-actions";

const ValueChange = lazy(() => import("./value-change").then((m) => ({ default: m.ValueChange })));

/** Parts of a path that only hold others together. */
const UNSAID = new Set(["stand", "window"]);

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
      /^\d+$/.test(part)
        ? t("library.nth", { n: Number(part) + 1 })
        : t.has(`values.${part}` as "values.depthCm")
          ? t(`values.${part}` as "values.depthCm")
          : part,
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
        <Suspense>
          <ValueChange
            value={value}
            own={own}
            show={show}
            preview={preview}
            override={override}
            onDone={() => setOpen(false)}
          />
        </Suspense>
      )}
    </li>
  );
}
