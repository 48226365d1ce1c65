"use client";

import { useMemo, useState } from "react";
import { type PricedItem, type Prices as PriceTable, SHARED_GROUPS, type SharedGroup } from "@/core/money";
import { type Pooled } from "@/core/kit";
import type { Outcome } from "@/core/problem";
import { TextField } from "@/ui/primitives/field";
import { JudgingSince } from "@/ui/primitives/judging-since";
import { ForChangers } from "@/ui/rights";
import { useWords } from "@/ui/words/use-words";
import { Files, type TakeIn } from "@/ui/files/files";
import { itemWords } from "@/ui/kit/item-words";
import { BuyTogether } from "./buy-together";
import { PriceCell, type SavePrice, type Seen } from "./price-cell";
import { t } from "./words";

interface PricesProps {
  readonly items: readonly PricedItem[];
  /** Likely seasons of each kind of bag, over which its price spreads. */
  readonly lives: Readonly<Record<string, number>>;
  readonly prices: PriceTable;
  readonly currency: string;
  /** What people saw crops sold for. */
  readonly seen: readonly (Seen & { readonly cropId: string })[];
  readonly save: SavePrice;
  /** Groups that the programme buys together, and what all plans need of each that it can. */
  readonly together: readonly SharedGroup[];
  readonly pools: Readonly<Record<SharedGroup, Pooled>>;
  /** Since when the needs of some plans wait to be worked out anew, ISO 8601. */
  readonly judgingSince?: string;
  readonly takeIn: TakeIn;
  readonly saveTogether: (groups: readonly SharedGroup[]) => Promise<Outcome<null>>;
}

/** What is priced of each crop. */
const CROP_GROUPS = ["packet", "piece", "market"] as const;

/** What the programme pays and what the market asks: one table of crops, and bags and mix beside it; each price is stored when its field is left. */
export function Prices({
  items,
  lives,
  prices,
  currency,
  seen,
  save,
  together,
  pools,
  judgingSince,
  takeIn,
  saveTogether,
}: PricesProps) {
  const words = useWords();
  const { bag, cropName, money, mix } = words;
  const [find, setFind] = useState("");
  const named = useMemo(
    () =>
      items.map((i) => ({
        ...i,
        name:
          i.group === "bag"
            ? bag(i.id)
            : i.group === "mix"
              ? mix(i.id)
              : i.group === "feed" || i.group === "gear"
                ? itemWords({ item: i.item, amount: 0 }, words).name
                : cropName(i.id),
      })),
    [items, bag, cropName, mix, words],
  );
  const wanted = find.trim().toLowerCase();
  const shown = named.filter((i) => i.name.toLowerCase().includes(wanted));
  const cell = (i: (typeof named)[number] | undefined) =>
    i && (
      <PriceCell
        key={i.item}
        item={i}
        name={i.name}
        price={prices[i.item]}
        currency={currency}
        save={save}
        seen={i.group === "market" ? seen.find(({ cropId }) => cropId === i.id) : undefined}
      />
    );
  const bought = (group: SharedGroup) => (
    <BuyTogether
      group={group}
      together={together.includes(group)}
      pool={pools[group]}
      nameOf={(item) => named.find((i) => i.item === item)?.name ?? item}
      save={(chosen) =>
        saveTogether(SHARED_GROUPS.filter((g) => (g === group ? chosen : together.includes(g))))
      }
    />
  );
  const crops = shown.filter((i) => i.group === "packet");
  const things = shown.filter((i) => i.group === "bag" || i.group === "mix");
  const gear = shown.filter((i) => i.group === "feed" || i.group === "gear");
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
      <ForChangers>
        <div className="grid gap-x-8 gap-y-5 xl:grid-cols-[minmax(0,1fr)_24rem]">
          {crops.length > 0 && (
            <section aria-labelledby="prices-crops" className="min-w-0">
              <h2 id="prices-crops" className="border-t-rule border-ink pt-2 text-lg font-bold">
                {t("prices.crops")}
              </h2>
              {bought("packet")}
              <table className="w-full text-note max-sm:block">
                <thead className="max-sm:sr-only">
                  <tr className="text-left text-fine text-muted">
                    <th scope="col">{t("prices.crop")}</th>
                    {CROP_GROUPS.map((group) => (
                      <th key={group} scope="col" className="pr-2 font-semibold">
                        {t(`prices.groups.${group}`)}
                        <span className="block font-normal">{t(`prices.groupLead.${group}`)}</span>
                      </th>
                    ))}
                  </tr>
                </thead>
                <tbody className="max-sm:block">
                  {crops.map((c) => (
                    <tr key={c.id} className="border-t border-line max-sm:block max-sm:py-1">
                      <th scope="row" className="pr-2 text-left max-sm:block">
                        {c.name}
                      </th>
                      {CROP_GROUPS.map((group) => (
                        <td key={group} className="py-1 pr-2 max-sm:flex max-sm:items-center max-sm:gap-2">
                          <span aria-hidden="true" className="w-28 text-fine text-muted sm:hidden">
                            {t(`prices.groups.${group}`)}
                          </span>
                          {cell(named.find((i) => i.group === group && i.id === c.id))}
                        </td>
                      ))}
                    </tr>
                  ))}
                </tbody>
              </table>
            </section>
          )}
          {things.length + gear.length > 0 && (
            <section aria-labelledby="prices-things">
              <h2 id="prices-things" className="border-t-rule border-ink pt-2 text-lg font-bold">
                {t("prices.things")}
              </h2>
              {bought("mix")}
              <ul>
                {things.map((i) => {
                  const price = prices[i.item];
                  const seasons = lives[i.id];
                  return (
                    <li
                      key={i.item}
                      className="flex flex-wrap items-center justify-between gap-2 border-t border-line py-1 text-note"
                    >
                      <span>
                        {i.name}
                        {i.group === "bag" && price && seasons && price.minor > 0 && (
                          <span className="block text-sm text-muted">
                            {t("prices.aSeason", { money: money(price.minor / seasons), seasons })}
                          </span>
                        )}
                      </span>
                      {cell(i)}
                    </li>
                  );
                })}
              </ul>
              {gear.length > 0 && (
                <>
                  <h2 className="mt-4 border-t-rule border-ink pt-2 text-lg font-bold">{t("prices.gear")}</h2>
                  <ul>
                    {gear.map((i) => (
                      <li
                        key={i.item}
                        className="flex flex-wrap items-center justify-between gap-2 border-t border-line py-1 text-note"
                      >
                        {i.name}
                        {cell(i)}
                      </li>
                    ))}
                  </ul>
                </>
              )}
            </section>
          )}
        </div>
      </ForChangers>
      <Files
        takeIn={takeIn}
        label={t("prices.takeIn")}
        out={[{ href: "/prices/list", name: t("prices.list") }]}
        nameOf={({ item, name }) => item || name}
      />
    </div>
  );
}
