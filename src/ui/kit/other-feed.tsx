"use client";

import { useState } from "react";
import { equalFeed, FEEDS, NUTRIENTS, type Nutrient, readAnalysis } from "@/core/feed";
import type { ShoppingLine } from "@/core/money";
import { SelectField, TextField } from "@/ui/primitives/field";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

/** What another sack gives in place of the granules on the list: half the analysis, twice the amount. */
export function OtherFeed({ lines }: { lines: readonly ShoppingLine[] }) {
  const { number, quantity } = useWords();
  const [typed, setTyped] = useState("");
  const [nutrient, setNutrient] = useState<Nutrient>("n");
  const feeds = lines.flatMap(({ item, amount }) => {
    const feed = Object.values(FEEDS).find(({ id }) => item === `feed/${id}`);
    return feed ? [{ feed, kg: amount }] : [];
  });
  const read = typed.trim() === "" ? undefined : readAnalysis(typed);
  return (
    <details className="my-2 border-t border-line pt-2">
      <summary className="cursor-pointer font-semibold">{t("kit.otherFeed")}</summary>
      <div className="mt-2 grid gap-3 sm:grid-cols-2">
        <TextField
          label="N-P-K"
          hint={t("kit.otherFeedHint")}
          value={typed}
          problem={read && !read.ok ? read.problem : undefined}
          onChange={(e) => setTyped(e.target.value)}
        />
        <SelectField
          label={t("kit.otherFeedBy")}
          value={nutrient}
          onChange={(e) => setNutrient(NUTRIENTS.find((n) => n === e.target.value) ?? "n")}
        >
          {NUTRIENTS.map((n) => (
            <option key={n} value={n}>
              {t(`kit.nutrients.${n}`)}
            </option>
          ))}
        </SelectField>
      </div>
      {read?.ok && (
        <ul role="status" className="mt-1 text-note">
          {feeds.map(({ feed, kg }) => {
            const times = equalFeed(1, feed.analysis, read.value, nutrient);
            return (
              <li key={feed.id}>
                {times === undefined
                  ? t("kit.otherFeedNone")
                  : t("kit.otherFeedIs", {
                      feed: t(`feeds.${feed.id}`),
                      times: number(times),
                      amount: quantity(times * kg, "mass"),
                    })}
              </li>
            );
          })}
        </ul>
      )}
    </details>
  );
}
