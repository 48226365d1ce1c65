"use client";

import { useMemo, useState } from "react";
import {
  PRICE_GROUPS,
  type PricedItem,
  type Prices as PriceTable,
  SHARED_GROUPS,
  type SharedGroup,
} from "@/core/money";
import { type Pooled } from "@/core/kit";
import type { Outcome } from "@/core/problem";
import { TextField } from "@/ui/primitives/field";
import { JudgingSince } from "@/ui/primitives/judging-since";
import { useWords } from "@/ui/words/use-words";
import { BuyTogether } from "./buy-together";
import { PriceLine, type SavePrice } from "./price-line";

interface PricesProps {
  readonly items: readonly PricedItem[];
  /** Likely seasons of each kind of bag, over which its price spreads. */
  readonly lives: Readonly<Record<string, number>>;
  readonly prices: PriceTable;
  readonly currency: string;
  readonly save: SavePrice;
  /** Groups that the programme buys together, and what all plans need of each that it can. */
  readonly together: readonly SharedGroup[];
  readonly pools: Readonly<Record<SharedGroup, Pooled>>;
  /** Since when the needs of some plans wait to be worked out anew, ISO 8601. */
  readonly judgingSince?: string;
  readonly saveTogether: (groups: readonly SharedGroup[]) => Promise<Outcome<null>>;
}

/** What the programme pays and what the market asks, group by group; each price is stored when its field is left. */
export function Prices({
  items,
  lives,
  prices,
  currency,
  save,
  together,
  pools,
  judgingSince,
  saveTogether,
}: PricesProps) {
  const { t, bag, cropName } = useWords();
  const [find, setFind] = useState("");
  const named = useMemo(
    () =>
      items.map((i) => ({
        ...i,
        name:
          i.group === "bag"
            ? bag(i.id)
            : i.group === "mix"
              ? t(`mixes.${i.id as "potting-mix"}`)
              : cropName(i.id),
      })),
    [items, bag, cropName, t],
  );
  const wanted = find.trim().toLowerCase();
  return (
    <div className="px-4 py-4 lg:px-6">
      <h1 className="text-title font-bold">{t("prices.title")}</h1>
      <JudgingSince since={judgingSince} />
      <p className="mb-3 text-muted">
        {t("prices.lead")} {t("prices.unpriced", { count: items.filter((i) => !prices[i.item]).length })}
      </p>
      <TextField
        type="search"
        label={t("prices.find")}
        value={find}
        onChange={(e) => setFind(e.target.value)}
        className="mb-3 max-w-60"
      />
      <div className="grid gap-x-8 gap-y-5 lg:grid-cols-2 xl:grid-cols-3">
        {PRICE_GROUPS.map((group) => {
          const shared = SHARED_GROUPS.find((g) => g === group);
          const shown = named.filter((i) => i.group === group && i.name.toLowerCase().includes(wanted));
          return shown.length === 0 ? null : (
            <section key={group} aria-labelledby={`prices-${group}`}>
              <h2 id={`prices-${group}`} className="border-t-rule border-ink pt-2 text-lg font-bold">
                {t(`prices.groups.${group}`)}
              </h2>
              <p className="mb-1 text-sm text-muted">{t(`prices.groupLead.${group}`)}</p>
              {shared && (
                <BuyTogether
                  group={shared}
                  together={together.includes(shared)}
                  pool={pools[shared]}
                  nameOf={(item) => named.find((i) => i.item === item)?.name ?? item}
                  save={(chosen) =>
                    saveTogether(SHARED_GROUPS.filter((g) => (g === shared ? chosen : together.includes(g))))
                  }
                />
              )}
              <ul className="relative max-h-[26rem] overflow-y-auto">
                {shown.map((i) => (
                  <PriceLine
                    key={i.item}
                    item={i}
                    name={i.name}
                    price={prices[i.item]}
                    seasons={lives[i.id]}
                    currency={currency}
                    save={save}
                  />
                ))}
              </ul>
            </section>
          );
        })}
      </div>
    </div>
  );
}
