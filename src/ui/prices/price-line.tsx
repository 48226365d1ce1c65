"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { amountText, hasSize, type Price, type PricedItem, toMinor } from "@/core/money";
import { type Outcome, type Problem, readProblem } from "@/core/problem";
import { amountField } from "@/core/quantity";
import { send } from "@/ui/primitives/send";
import { useWords } from "@/ui/words/use-words";

/** Stores a price; null takes it away. */
export type SavePrice = (
  price: Omit<Price, "minor"> & { readonly minor: number | null },
) => Promise<Outcome<null>>;

interface LineProps {
  readonly item: PricedItem;
  readonly name: string;
  readonly price: Price | undefined;
  /** Seasons over which a bag's price spreads. */
  readonly seasons: number | undefined;
  readonly currency: string;
  readonly save: SavePrice;
}

const AMOUNT = amountField(100_000);
const BOX =
  "min-h-9 border-rule border-line bg-card px-1.5 py-0.5 text-right focus:border-ink aria-invalid:border-beet";

/** One price: typed, checked, and stored when the field is left; an empty field takes the price away. */
export function PriceLine({ item, name, price, seasons, currency, save }: LineProps) {
  const { t, money, problem: say } = useWords();
  const router = useRouter();
  const [typed, setTyped] = useState(price ? amountText(price.minor, currency) : "");
  const [size, setSize] = useState(String(price?.size ?? item.usualSize));
  const [problem, setProblem] = useState<Problem>();
  const [said, setSaid] = useState(false);

  const store = async () => {
    setSaid(false);
    const amount = AMOUNT.safeParse(typed);
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
    <li className="border-t border-line py-1">
      <div className="flex items-center gap-2 text-note">
        <span className="min-w-0 flex-1">
          {name}
          {item.group === "bag" && price && seasons && price.minor > 0 && (
            <span className="block text-sm text-muted">
              {t("prices.aSeason", { money: money(price.minor / seasons), seasons })}
            </span>
          )}
        </span>
        <span role="status" className="text-sm text-leaf">
          {said && t("prices.saved")}
        </span>
        <input
          aria-label={t("prices.priceOf", { item: name, currency })}
          aria-invalid={problem !== undefined}
          inputMode="decimal"
          placeholder={t("prices.none")}
          className={`${BOX} w-20`}
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
            {t(item.group === "mix" ? "prices.L" : "prices.g")}
          </label>
        )}
      </div>
      {problem && (
        <p role="alert" className="text-sm font-semibold text-beet">
          ✕ {say(problem)}
        </p>
      )}
    </li>
  );
}
