"use client";

import type { ComponentProps } from "react";
import type { Pooled } from "@/core/kit";
import type { Wanted } from "@/core/money";
import type { Outcome } from "@/core/problem";
import { JudgingSince } from "@/ui/primitives/judging-since";
import { Link } from "@/ui/primitives/link";
import { Pages } from "@/ui/primitives/pages";
import { ForChangers, Only } from "@/ui/rights";
import { useWords } from "@/ui/words/use-words";
import { GroupPick } from "@/ui/groups/group-pick";
import { itemWords } from "./item-words";
import { OrderTable } from "./order-table";
import { Prints } from "./prints";
import { t } from "./words";

interface KitForAllProps {
  readonly order: Pooled;
  /** What is in store, by item. */
  readonly stock: Readonly<Record<string, number>>;
  readonly groups: readonly { readonly id: string; readonly name: string }[];
  readonly groupId?: string;
  readonly askPrint: ComponentProps<typeof Prints>["ask"];
  readonly saveStock: (item: string, amount: number) => Promise<Outcome<null>>;
  readonly parcels: readonly {
    readonly householdId: string;
    readonly code: string;
    readonly name: string;
    readonly lines: readonly Wanted[];
  }[];
  readonly page: number;
  readonly pages: number;
  readonly judgingSince?: string;
}

/** One order for the whole programme against everyone buying alone, and a parcel for each household on the day it is handed out. */
export function KitForAll({
  order,
  stock,
  groups,
  groupId,
  saveStock,
  askPrint,
  parcels,
  page,
  pages,
  judgingSince,
}: KitForAllProps) {
  const words = useWords();
  const { money } = words;
  const { togetherMinor, aloneMinor, sharers } = order;
  return (
    <div className="px-4 py-4 lg:px-6">
      <h1 className="text-title font-bold">{t("kitAll.title")}</h1>
      <p className="text-muted">{t("kitAll.lead")}</p>
      <JudgingSince since={judgingSince} />
      <GroupPick groups={groups} groupId={groupId} hrefOf={(id) => (id ? `/kit?group=${id}` : "/kit")} />
      <div className="mt-3 grid gap-x-10 gap-y-6 lg:grid-cols-2 print:block">
        <section aria-labelledby="order" className="min-w-0">
          <h2 id="order" className="border-t-rule border-ink pt-1.5 text-lg font-bold">
            {t("kitAll.order", { count: sharers })}
          </h2>
          {order.wanted.length === 0 ? (
            <p className="text-muted">{t("kit.buyNothing")}</p>
          ) : (
            <>
              <p className="mb-1 text-note">
                {t("kitAll.saves", {
                  together: money(togetherMinor),
                  alone: money(aloneMinor),
                  saved: money(aloneMinor - togetherMinor),
                })}
              </p>
              <ForChangers>
                <OrderTable order={order} stock={stock} save={saveStock} />
              </ForChangers>
            </>
          )}
        </section>
        <section aria-labelledby="parcels" className="min-w-0 print:break-before-page">
          <h2 id="parcels" className="border-t-rule border-ink pt-1.5 text-lg font-bold">
            {t("kitAll.parcels")}
          </h2>
          <p className="mb-1 text-note text-muted">{t("kitAll.parcelsLead")}</p>
          <Only may="changes">
            <Prints groupId={groupId} ask={askPrint} />
          </Only>
          <ul className="grid gap-x-6 sm:grid-cols-2">
            {parcels.map(({ householdId, code, name, lines }) => (
              <li key={householdId} className="break-inside-avoid border-t border-line py-2">
                <Link
                  href={`/house/${householdId}/kit`}
                  className="font-head font-bold wrap-anywhere hover:underline"
                >
                  <span className="text-muted">{code}</span> {name}
                </Link>
                <ul className="text-note">
                  {lines.map((line) => {
                    const { name: what, amount } = itemWords(line, words);
                    return (
                      <li key={line.item} className="flex gap-2">
                        <span
                          aria-hidden="true"
                          className="mt-1 inline-block size-3 shrink-0 border border-ink"
                        />
                        <span>
                          <b>{amount}</b> {what}
                        </span>
                      </li>
                    );
                  })}
                </ul>
              </li>
            ))}
          </ul>
          <Pages
            page={page}
            pages={pages}
            hrefOf={(n) => `/kit?page=${n}${groupId ? `&group=${groupId}` : ""}`}
          />
        </section>
      </div>
    </div>
  );
}
