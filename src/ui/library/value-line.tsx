"use client";

import { lazy, Suspense, useState } from "react";
import { dimensionOf, type LibraryValue, type Override } from "@/core/override";
import { useRights } from "@/ui/rights";
import { useWords } from "@/ui/words/use-words";
import type { ValueActions } from "./value-actions";
import { t } from "./words";

const ValueChange = lazy(() => import("./value-change").then((m) => ({ default: m.ValueChange })));

/** Parts of a path that only hold others together. */
const UNSAID = new Set(["stand", "window"]);

/** A value, what the programme has in its place, and the same value of another entry. */
export interface ValueShown {
  readonly value: LibraryValue;
  readonly own?: Override;
  readonly other?: number;
}

interface LineProps extends ValueActions {
  /** What it is, as the path of all its values begins. */
  readonly stem: string;
  readonly shown: readonly ValueShown[];
  /** Name of the other entry, where two are compared. */
  readonly otherName?: string;
}

/** What a thing is, as one line: its marks from least to most, what the programme has in their place and why, where they are from, and a way to change each. */
export function ValueLine({ stem, shown, otherName, preview, override }: LineProps) {
  const { quantity, number } = useWords();
  const { changes } = useRights();
  const [open, setOpen] = useState<string>();
  const said = (path: string): string =>
    path
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
  const showAs =
    (path: string) =>
    (n: number): string => {
      const dimension = dimensionOf(path);
      if (dimension === "hours") return `${number(n)} h`;
      if (dimension === "days") return `${number(n)} d`;
      if (dimension === "grams") return quantity(n / 1000, "mass");
      return dimension === undefined ? String(Number(n.toPrecision(4))) : quantity(n, dimension);
    };
  const name = said(stem);
  const opened = shown.find(({ value }) => value.name === open);
  const sources = [...new Set(shown.map(({ value }) => t(`sources.${value.source}`)))];
  return (
    <li className="border-b border-line py-0.5">
      <div className="grid grid-cols-1 items-baseline gap-x-4 sm:grid-cols-[minmax(0,15rem)_minmax(0,1fr)_minmax(0,11rem)]">
        <span className="font-semibold">{name}</span>
        <span className="flex flex-wrap items-baseline gap-x-4">
          {shown.map(({ value, own, other }) => {
            const show = showAs(value.path);
            const part = value.path === stem ? "" : said(value.path.slice(stem.length + 1));
            return (
              <span key={value.name} className="whitespace-nowrap">
                <button
                  type="button"
                  disabled={!changes}
                  aria-expanded={open === value.name}
                  aria-label={t("library.changeOf", {
                    value: part ? `${name}, ${part}` : name,
                    is: show(own?.value ?? value.value),
                  })}
                  onClick={() => setOpen(open === value.name ? undefined : value.name)}
                  className="min-h-8 underline decoration-line decoration-2 underline-offset-3 hover:decoration-beet disabled:no-underline"
                >
                  {part && <span className="text-note text-muted">{part} </span>}
                  {own && <span className="text-muted line-through">{show(value.value)} </span>}
                  <b className={`font-head text-lg ${own ? "text-beet" : ""}`}>
                    {own ? `▲ ${show(own.value)}` : show(value.value)}
                  </b>
                </button>
                {otherName !== undefined && (
                  <span className="ml-1.5 text-note text-muted">
                    {otherName}: {other === undefined ? "–" : show(other)}
                  </span>
                )}
              </span>
            );
          })}
        </span>
        <span className="text-note text-muted">{sources.join(", ")}</span>
      </div>
      {shown.map(
        ({ value, own }) =>
          own && (
            <p key={value.name} className="text-note text-muted">
              “{own.reason}”, {own.author}; {t("library.shipped", { source: t(`sources.${value.source}`) })}
            </p>
          ),
      )}
      {opened && (
        <Suspense>
          <ValueChange
            key={opened.value.name}
            value={opened.value}
            own={opened.own}
            show={showAs(opened.value.path)}
            preview={preview}
            override={override}
            onDone={() => setOpen(undefined)}
          />
        </Suspense>
      )}
    </li>
  );
}
