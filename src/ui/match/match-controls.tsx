"use client";

import { addDays, type Day, daysBetween, isDay } from "@/core/day";
import { MATCH_ORDERS, TASTE_FILTERS, type TasteFilter } from "@/core/match";
import { CheckField, SelectField, TextField } from "@/ui/primitives/field";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

const SORTS = [...MATCH_ORDERS, "name"] as const;
const WEEK = 7;
const WEEKS = 52;

/** What the grid is asked for. */
export interface MatchAsk {
  /** A day, as it is typed. */
  readonly sowOn: string;
  readonly find: string;
  readonly sort: (typeof SORTS)[number];
  readonly tastes: TasteFilter;
  readonly hideWrong: boolean;
  /** All kinds of bag, and not only theirs and the usual ones. */
  readonly toBuy: boolean;
}

interface ControlsProps {
  readonly ask: MatchAsk;
  readonly onChange: (more: Partial<MatchAsk>) => void;
  readonly today: Day;
  /** The day that is shown. */
  readonly day: Day;
  /** Only what fits and is eaten: what sorts and filters the rest is left out. */
  readonly isShort: boolean;
  readonly hasOwn: boolean;
}

/** The day, the search, and what is shown in which order. */
export function MatchControls({ ask, onChange, today, day, isShort, hasOwn }: ControlsProps) {
  const words = useWords();
  const { sowOn, find, sort, tastes, hideWrong, toBuy } = ask;
  return (
    <div className="mb-3 grid grid-cols-2 items-end gap-x-3 gap-y-2 sm:flex sm:flex-wrap sm:gap-3">
      <TextField
        type="date"
        label={t("dates.sowOn")}
        value={sowOn}
        onChange={(e) => onChange({ sowOn: e.target.value })}
        problem={isDay(sowOn) ? undefined : { code: "not-a-date" }}
      />
      <label className="grid gap-1 text-sm font-semibold">
        {t("match.week")}
        <input
          type="range"
          min={0}
          max={WEEKS}
          value={
            isDay(sowOn) ? Math.min(WEEKS, Math.max(0, Math.floor(daysBetween(today, sowOn) / WEEK))) : 0
          }
          aria-valuetext={words.day(day)}
          onChange={(e) => onChange({ sowOn: addDays(today, WEEK * Number(e.target.value)) })}
          className="h-10 w-full accent-(--beet) sm:w-32"
        />
      </label>
      <TextField
        type="search"
        label={t("match.find")}
        value={find}
        onChange={(e) => onChange({ find: e.target.value })}
        className="sm:w-32"
      />
      {!isShort && (
        <>
          <SelectField
            label={t("match.sort")}
            value={sort}
            onChange={(e) => onChange({ sort: e.target.value as MatchAsk["sort"] })}
          >
            {SORTS.map((s) => (
              <option key={s} value={s}>
                {t(`match.sorts.${s}`)}
              </option>
            ))}
          </SelectField>
          <SelectField
            label={t("match.tastesShown")}
            value={tastes}
            onChange={(e) => onChange({ tastes: e.target.value as TasteFilter })}
          >
            {TASTE_FILTERS.map((f) => (
              <option key={f} value={f}>
                {t(`match.tasteFilters.${f}`)}
              </option>
            ))}
          </SelectField>
        </>
      )}
      <SelectField
        label={t("match.bagsShown")}
        value={toBuy ? "buy" : "own"}
        onChange={(e) => onChange({ toBuy: e.target.value === "buy" })}
      >
        <option value="own">{t(hasOwn ? "match.own" : "match.usual")}</option>
        <option value="buy">{t("match.buy")}</option>
      </SelectField>
      {!isShort && (
        <CheckField
          label={t("match.hideWrong")}
          checked={hideWrong}
          onChecked={(on) => onChange({ hideWrong: on })}
        />
      )}
    </div>
  );
}
