"use client";

import { type ReactNode, useMemo, useState } from "react";
import { cautionsOfFilling } from "@/core/caution";
import { assessGarden, type RowView } from "@/core/garden";
import { type Heap, type KitList, kitOf } from "@/core/kit";
import { bagsFrom, loadsOf, type Sizes, USUAL_SIZES } from "@/core/mix";
import type { Problem } from "@/core/problem";
import { parseQuantity } from "@/core/quantity";
import type { Filling } from "@/core/steps";
import type { GardenProps } from "@/ui/garden-props";
import { BagSection } from "@/ui/draw/section";
import { buttonClass } from "@/ui/primitives/button";
import { Caution } from "@/ui/primitives/caution";
import { TextField } from "@/ui/primitives/field";
import { Link } from "@/ui/primitives/link";
import { useJudged } from "@/ui/use-judged";
import { CautionLines } from "@/ui/verdict/caution-lines";
import { useWords } from "@/ui/words/use-words";
import { BuyTable } from "./buy-table";
import { loadWords } from "./load-words";
import { OtherFeed } from "./other-feed";
import { SheetLink } from "./sheet-link";
import { t } from "./words";

export interface KitProps extends GardenProps {
  readonly householdId: string;
  readonly title: string;
}

/** All that a plan still takes: what to buy, each heap of mix by barrow and bucket, what each bag takes, and what goes with it. */
export function Kit({ householdId, title, today, plan, setting: plain, overrides, records }: KitProps) {
  const { setting } = useJudged(plain, overrides);
  const kit = useMemo(
    () => kitOf(assessGarden(plan, setting), records, { setting, today }),
    [plan, setting, records, today],
  );
  return (
    <div className="px-4 py-4 lg:px-6">
      <h1 className="text-title font-bold">{title}</h1>
      <p className="mb-3 text-muted">{t("kit.lead")}</p>
      {plan.rows.length > 0 && <SheetLink householdId={householdId} />}
      {plan.rows.length === 0 ? (
        <Link href={`/house/${householdId}/match`} className={buttonClass("solid")}>
          {t("shared.toMatch")}
        </Link>
      ) : (
        <div className="grid gap-x-10 gap-y-6 lg:grid-cols-2 print:block">
          <Buying kit={kit} />
          <Mixing kit={kit} sizes={setting.sizes ?? USUAL_SIZES} stepsHref={`/house/${householdId}/steps`} />
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

/** What is bought, whole as shops sell it, and what it comes to. */
function Buying({ kit: { shopping } }: { kit: KitList }) {
  const has = (item: string) => shopping.lines.some((line) => line.item.startsWith(item));
  return (
    <Part id="buy" title={t("kit.buy")}>
      {shopping.lines.length === 0 ? (
        <p className="text-muted">{t("kit.buyNothing")}</p>
      ) : (
        <BuyTable shopping={shopping} />
      )}
      {has("feed/") && (
        <>
          <OtherFeed lines={shopping.lines} />
          <Caution>{t("cautions.feed")}</Caution>
        </>
      )}
      {has("gear/cane") && <Caution>{t("cautions.canes-eyes")}</Caution>}
    </Part>
  );
}

/** The heaps for all bags, and what each of them takes. */
function Mixing({
  kit: { heaps, fillings },
  sizes,
  stepsHref,
}: {
  kit: KitList;
  sizes: Sizes;
  stepsHref: string;
}) {
  const { quantity } = useWords();
  if (fillings.length === 0)
    return (
      <Part id="mix" title={t("kit.mix")}>
        <p className="text-muted">{t("kit.mixNothing")}</p>
      </Part>
    );
  const cautions = new Map(fillings.flatMap(cautionsOfFilling).map((caution) => [caution.code, caution]));
  const plain = [...cautions.values()].filter(({ isGrave }) => !isGrave);
  return (
    <div className="grid min-w-0 content-start gap-6">
      <Part id="mix" title={t("kit.mix")}>
        {heaps.map((heap, i) => (
          <HeapOf key={i} heap={heap} sizes={sizes} />
        ))}
        <p className="mt-1 text-fine text-muted">
          {t("kit.loadsAre", {
            barrow: quantity(sizes.barrowL, "volume"),
            bucket: quantity(sizes.bucketL, "volume"),
          })}
        </p>
        <HowFar rows={fillings.map((f) => f.row)} />
        <CautionLines cautions={plain} />
      </Part>
      <Part id="fill" title={t("kit.fill")}>
        <ol>
          {fillings.map((filling) => (
            <BagToFill key={filling.row.row.id} filling={filling} sizes={sizes} />
          ))}
        </ol>
        <Link href={stepsHref} className={`${buttonClass("open")} mt-2`}>
          {t("kit.toSteps")}
        </Link>
      </Part>
    </div>
  );
}

/** One heap: how much, by its parts, in barrows and buckets, with its lime or ash. */
function HeapOf({ heap: { mix, litres, parts, lime }, sizes }: { heap: Heap; sizes: Sizes }) {
  const words = useWords();
  const { quantity } = words;
  const loads = (value: number) => loadWords(loadsOf(value, sizes));
  return (
    <div className="mb-2">
      <p className="mb-1 text-note">
        {t("heap.heap", { litres: quantity(litres, "volume"), mix: words.mix(mix.id) })}{" "}
        <b>{loads(litres)}</b>
      </p>
      <ul>
        {parts.map((part) => (
          <li
            key={part.part}
            className="flex flex-wrap justify-between gap-x-4 border-t border-line py-1 text-note tabular-nums"
          >
            <b>{t(`parts.${part.part}`)}</b>
            <span>
              {quantity(part.litres, "volume")} · {loads(part.litres)}
            </span>
          </li>
        ))}
        {lime && (
          <li className="border-t border-line py-1 text-note">
            {"limeKg" in lime
              ? t("heap.lime", { kg: quantity(lime.limeKg, "mass") })
              : t("heap.ash", { ash: quantity(lime.ashL, "volume") })}
          </li>
        )}
      </ul>
    </div>
  );
}

/** How many bags of each kind that is to be filled so much mix would fill. */
function HowFar({ rows }: { rows: readonly RowView[] }) {
  const { bag, quantity, units } = useWords();
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

/** What one bag takes, by when, and with what caution of its weight. */
function BagToFill({ filling, sizes }: { filling: Filling; sizes: Sizes }) {
  const words = useWords();
  const { bag, day, quantity } = words;
  const { row, number, soilL, topUpL, until, isRefresh } = filling;
  return (
    <li className="flex gap-3 border-t border-line py-2">
      <BagSection shape={row.shape} depthCm={row.depthCm} plants={[]} isSmall />
      <div className="min-w-0">
        <p>
          <b className="mr-2 font-head">{number}</b>
          <b>{bag(row.bag.kindId)}</b>{" "}
          <span className="text-note text-muted">{t("kit.by", { day: day(until) })}</span>
        </p>
        <p className="text-note">
          {t(isRefresh ? "kit.takesNew" : topUpL > 0 ? "kit.takesTopped" : "kit.takes", {
            soil: quantity(soilL, "volume"),
            loads: loadWords(loadsOf(soilL, sizes)),
            topUp: quantity(topUpL, "volume"),
            mix: words.mix(row.mix.id),
          })}
        </p>
        <CautionLines cautions={cautionsOfFilling(filling).filter(({ isGrave }) => isGrave)} />
      </div>
    </li>
  );
}
