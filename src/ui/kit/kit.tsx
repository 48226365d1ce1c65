"use client";

import Link from "next/link";
import { type ReactNode, useMemo, useState } from "react";
import { widthOf } from "@/core/bag";
import type { Day } from "@/core/day";
import type { DoneLine } from "@/core/days";
import { assessGarden, type RowView } from "@/core/garden";
import { type Filling, type KitList, kitOf, loadsOf } from "@/core/kit";
import { carry } from "@/core/load";
import { BARROW_L, bagsFrom, BUCKET_L } from "@/core/mix";
import type { Override } from "@/core/override";
import type { Plan } from "@/core/plan";
import type { Problem } from "@/core/problem";
import { parseQuantity } from "@/core/quantity";
import type { PlainSetting } from "@/core/setting";
import { BagSection } from "@/ui/draw/section";
import { buttonClass } from "@/ui/primitives/button";
import { Caution } from "@/ui/primitives/caution";
import { TextField } from "@/ui/primitives/field";
import { useJudged } from "@/ui/use-judged";
import { useWords } from "@/ui/words/use-words";
import { BuyTable } from "./buy-table";

export interface KitProps {
  readonly householdId: string;
  readonly title: string;
  readonly today: Day;
  readonly plan: Plan;
  readonly setting: PlainSetting;
  readonly overrides: readonly Override[];
  /** What is on record of its plantings and bags this season. */
  readonly records: readonly DoneLine[];
}

/** All that a plan still takes: what to buy, the heap of mix by barrow and bucket, each bag's filling, and what goes with it. */
export function Kit({ householdId, title, today, plan, setting: plain, overrides, records }: KitProps) {
  const { t } = useWords();
  const { setting } = useJudged(plain, overrides);
  const kit = useMemo(
    () => kitOf(assessGarden(plan, setting), records, { setting, today }),
    [plan, setting, records, today],
  );
  return (
    <div className="px-4 py-4 lg:px-6">
      <h1 className="text-title font-bold">{title}</h1>
      <p className="mb-3 text-muted">{t("kit.lead")}</p>
      {plan.rows.length === 0 ? (
        <Link href={`/house/${householdId}/match`} className={buttonClass("solid")}>
          {t("bench.toMatch")}
        </Link>
      ) : (
        <div className="grid gap-x-10 gap-y-6 lg:grid-cols-2 print:block">
          <Buying kit={kit} />
          <Mixing kit={kit} mixId={setting.mix.id} />
        </div>
      )}
    </div>
  );
}

function Part({ id, title, children }: { id: string; title: string; children: ReactNode }) {
  return (
    <section aria-labelledby={id} className="min-w-0">
      <h2 id={id} className="border-t-rule border-ink pt-1.5 text-lg font-bold">
        {title}
      </h2>
      {children}
    </section>
  );
}

/** What is bought, whole as shops sell it, and what it comes to; and what the garden wants besides. */
function Buying({ kit }: { kit: KitList }) {
  const { t } = useWords();
  const { shopping } = kit;
  return (
    <div className="grid min-w-0 content-start gap-6">
      <Part id="buy" title={t("kit.buy")}>
        {shopping.lines.length === 0 ? (
          <p className="text-muted">{t("kit.buyNothing")}</p>
        ) : (
          <BuyTable shopping={shopping} />
        )}
      </Part>
      <Besides kit={kit} />
    </div>
  );
}

/** Feed, supports, nets, cells and labels: each once for the whole garden. */
function Besides({ kit: { feeds, supports, nets, cells, labels } }: { kit: KitList }) {
  const { t, quantity } = useWords();
  const lines = [
    ...feeds.map(({ feed, volumeL, times }) =>
      t("kit.feed", { amount: quantity(volumeL, "volume"), feed: t(`feeds.${feed.id}`), times }),
    ),
    ...supports.map(({ support, count }) => t(`kit.supports.${support as "cane"}`, { count })),
    ...(nets > 0 ? [t("kit.nets", { count: nets })] : []),
    ...(cells > 0 ? [t("kit.cells", { count: cells })] : []),
    ...(labels > 0 ? [t("kit.labels", { count: labels })] : []),
  ];
  if (lines.length === 0) return null;
  return (
    <Part id="besides" title={t("kit.besides")}>
      <ul>
        {lines.map((line) => (
          <li key={line} className="border-t border-line py-1 text-note">
            {line}
          </li>
        ))}
      </ul>
      {feeds.length > 0 && <Caution>{t("cautions.feed")}</Caution>}
      {supports.some(({ support }) => support === "cane") && <Caution>{t("cautions.canes-eyes")}</Caution>}
    </Part>
  );
}

/** Litres as people carry them. */
function useLoads() {
  const { t } = useWords();
  return (litres: number) => {
    const { barrows, buckets } = loadsOf(litres);
    return t("kit.loads", { barrows, buckets, both: String(barrows > 0 && buckets > 0) });
  };
}

/** The heap for all bags, and what each of them takes. */
function Mixing({ kit: { heap, fillings }, mixId }: { kit: KitList; mixId: string }) {
  const { t, quantity } = useWords();
  const said = useLoads();
  if (fillings.length === 0)
    return (
      <Part id="mix" title={t("kit.mix")}>
        <p className="text-muted">{t("kit.mixNothing")}</p>
      </Part>
    );
  return (
    <div className="grid min-w-0 content-start gap-6">
      <Part id="mix" title={t("kit.mix")}>
        <p className="mb-1 text-note">
          {t("kit.heap", {
            litres: quantity(heap.litres, "volume"),
            mix: t(`mixes.${mixId as "potting-mix"}`),
          })}{" "}
          <b>{said(heap.litres)}</b>
        </p>
        <ul>
          {heap.parts.map(({ part, litres }) => (
            <li
              key={part}
              className="flex flex-wrap justify-between gap-x-4 border-t border-line py-1 text-note tabular-nums"
            >
              <b>{t(`kit.parts.${part}`)}</b>
              <span>
                {quantity(litres, "volume")} · {said(litres)}
              </span>
            </li>
          ))}
        </ul>
        <p className="mt-1 text-fine text-muted">
          {t("kit.loadsAre", { barrow: quantity(BARROW_L, "volume"), bucket: quantity(BUCKET_L, "volume") })}
        </p>
        <HowFar rows={fillings.map((f) => f.row)} />
        {heap.parts.some(({ part }) => part === "aged-manure") && <Caution>{t("cautions.manure")}</Caution>}
        {heap.parts.some(({ part }) => part === "garden-soil") && <Caution>{t("kit.unknownSoil")}</Caution>}
      </Part>
      <Part id="fill" title={t("kit.fill")}>
        <ol>
          {fillings.map((filling) => (
            <Fill key={filling.row.row.id} filling={filling} />
          ))}
        </ol>
      </Part>
    </div>
  );
}

/** How many bags of each kind that is to be filled so much mix would fill. */
function HowFar({ rows }: { rows: readonly RowView[] }) {
  const { t, bag, quantity, units } = useWords();
  const [typed, setTyped] = useState("");
  const read = typed.trim() === "" ? undefined : parseQuantity(typed, "volume", units === "us" ? "gal" : "L");
  const kinds = [...new Map(rows.map((row) => [row.bag.kindId, row.soilL]))];
  return (
    <div className="mt-2">
      <TextField
        label={t("kit.have")}
        hint={t("kit.haveHint", { units })}
        value={typed}
        onChange={(e) => setTyped(e.target.value)}
        problem={read && !read.ok ? ({ ...read.problem } as Problem) : undefined}
        className="max-w-60"
      />
      {read?.ok && (
        <ul role="status" className="mt-1 text-note">
          {kinds.map(([kindId, soilL]) => {
            const { bags, leftL } = bagsFrom(read.value.value, soilL);
            return (
              <li key={kindId}>
                {t("kit.goesTo", { count: bags, bag: bag(kindId), left: quantity(leftL, "volume") })}
              </li>
            );
          })}
        </ul>
      )}
    </div>
  );
}

/** One bag's filling, step by step, with its own amounts and the cautions of its weight. */
function Fill({
  filling: { row, number, isRefresh, soilL, topUpL, soakL, stonesL, until },
}: {
  filling: Filling;
}) {
  const { t, bag, day, quantity } = useWords();
  const litres = (value: number) => quantity(value, "volume");
  const loads = useLoads()(soilL);
  const { grade, limitKg } = carry(row.wetKg, widthOf(row.shape));
  const steps = isRefresh
    ? [t("kit.steps.out", { soil: litres(soilL) }), t("kit.steps.renew", { soil: litres(soilL) })]
    : [
        ...(stonesL > 0 ? [t("kit.steps.stones", { stones: litres(stonesL) })] : []),
        t("kit.steps.fill", {
          soil: litres(soilL),
          loads,
          gap: quantity(row.gapCm, "length"),
        }),
        t("kit.steps.soak", { water: litres(soakL) }),
        t("kit.steps.topUp", { soil: litres(topUpL) }),
      ];
  return (
    <li className="flex gap-3 border-t border-line py-2">
      <BagSection shape={row.shape} depthCm={row.depthCm} plants={[]} isSmall />
      <div className="min-w-0">
        <p>
          <b className="mr-2 font-head">{number}</b>
          <b>{bag(row.bag.kindId)}</b>{" "}
          <span className="text-note text-muted">{t("kit.by", { day: day(until) })}</span>
        </p>
        <ol className="list-decimal pl-5 text-note">
          {steps.map((step) => (
            <li key={step}>{step}</li>
          ))}
        </ol>
        {grade !== "fine" && (
          <Caution grave>
            {t(grade === "heavy" ? "cautions.lift" : "cautions.liftNever", {
              kg: quantity(row.wetKg, "mass"),
              limit: quantity(limitKg, "mass"),
            })}
          </Caution>
        )}
      </div>
    </li>
  );
}
