"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { amountText, hasSize, type Price, type PricedItem, toMinor } from "@/core/money";
import { type Outcome, type Problem, readProblem } from "@/core/problem";
import { amountField } from "@/core/quantity";
import { send } from "@/ui/primitives/send";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

/** Stores a price; null takes it away. */
export type SavePrice = (
  price: Omit<Price, "minor"> & { readonly minor: number | null },
) => Promise<Outcome<null>>;

interface CellProps {
  readonly item: PricedItem;
  readonly name: string;
  readonly price: Price | undefined;
  readonly currency: string;
  readonly save: SavePrice;
  /** What people saw it sold for, in the currency for a kg. */
  readonly seen?: Seen;
}

export interface Seen {
  readonly times: number;
  readonly low: number;
  readonly middle: number;
  readonly high: number;
}

/** What the size of a pack is counted in. */
function unitOf({ group, id }: PricedItem): "g" | "kg" | "L" | "pieces" {
  if (group === "packet") return "g";
  if (group === "mix" || id === "stones") return "L";
  return group === "feed" || id === "lime" ? "kg" : "pieces";
}

const AMOUNT = amountField(100_000);
const BOX =
  "min-h-9 border-rule border-line bg-card px-1.5 py-0.5 text-right focus:border-ink disabled:border-transparent disabled:bg-transparent aria-invalid:border-beet";

/** One price: typed, checked, and stored when the field is left; an empty field takes the price away. */
export function PriceCell({ item, name, price, currency, save, seen }: CellProps) {
  const { problem: say, perKg } = useWords();
  const router = useRouter();
  const [typed, setTyped] = useState(price ? amountText(price.minor, currency) : "");
  const [size, setSize] = useState(String(price?.size ?? item.usualSize));
  const [problem, setProblem] = useState<Problem>();
  const [said, setSaid] = useState(false);
  const what = t("prices.itemOf", { item: name, group: t(`prices.groups.${item.group}`) });

  const store = async (text = typed) => {
    setSaid(false);
    const amount = AMOUNT.safeParse(text);
    const packed = AMOUNT.safeParse(size);
    const fault = [amount, packed].find((read) => !read.success);
    if (fault?.error) return setProblem(readProblem(fault.error.issues[0]?.message ?? ""));
    const minor = amount.data === null || amount.data === undefined ? null : toMinor(amount.data, currency);
    const buys = packed.data ?? item.usualSize;
    if (buys <= 0) return setProblem({ code: "zero" });
    setProblem(undefined);
    if (minor === (price?.minor ?? null) && buys === (price?.size ?? item.usualSize)) return;
    const outcome = await send(() => save({ item: item.item, minor, size: buys }));
    if (!outcome.ok) return setProblem(outcome.problem);
    setSaid(true);
    router.refresh();
  };

  return (
    <div>
      <div className="flex items-center gap-2 text-note">
        <input
          aria-label={t("prices.priceOf", { item: what, currency })}
          aria-invalid={problem !== undefined}
          inputMode="decimal"
          placeholder={t("prices.none")}
          className={`${BOX} w-18`}
          value={typed}
          onChange={(e) => setTyped(e.target.value)}
          onBlur={() => void store()}
        />
        {hasSize(item.group) && (
          <label className="flex items-center gap-1 text-sm text-muted">
            <span className="sr-only">{t("prices.sizeOf", { item: name })}</span>
            <input
              inputMode="decimal"
              className={`${BOX} w-14`}
              value={size}
              onChange={(e) => setSize(e.target.value)}
              onBlur={() => void store()}
            />
            {t(`prices.units.${unitOf(item)}`)}
          </label>
        )}
        <span role="status" className="text-sm">
          {said && t("shared.saved")}
        </span>
      </div>
      {seen && (
        <p className="text-sm text-muted">
          {t("prices.seen", { low: perKg(seen.low), high: perKg(seen.high), times: seen.times })}{" "}
          {toMinor(seen.middle, currency) !== price?.minor && (
            <button
              type="button"
              className="underline"
              aria-label={t("prices.takeSeenFor", { price: perKg(seen.middle), item: what })}
              onClick={() => {
                const text = amountText(toMinor(seen.middle, currency), currency);
                setTyped(text);
                void store(text);
              }}
            >
              {t("prices.takeSeen", { price: perKg(seen.middle) })}
            </button>
          )}
        </p>
      )}
      {problem && (
        <p role="alert" className="text-sm font-semibold text-beet">
          ✕ {say(problem)}
        </p>
      )}
    </div>
  );
}
