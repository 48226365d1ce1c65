"use client";

import { useRouter } from "next/navigation";
import type { Day } from "@/core/day";
import { type Batch, type CellWeek, TRAY_CELLS, traysFor } from "@/core/nursery";
import { GroupPick } from "@/ui/groups/group-pick";
import { SelectField } from "@/ui/primitives/field";
import { JudgingSince } from "@/ui/primitives/judging-since";
import { Link } from "@/ui/primitives/link";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

/** A batch with those that are named beside it, and how many more it is for. */
type NamedBatch = Batch & { readonly more: number; readonly moreTakers: number };

export interface NurseryProps {
  readonly today: Day;
  readonly sure: number;
  readonly sures: readonly number[];
  readonly batches: readonly NamedBatch[];
  readonly weeks: readonly CellWeek[];
  /** Households by id, as lists name them. */
  readonly names: Readonly<Record<string, string>>;
  readonly groups: readonly { readonly id: string; readonly name: string }[];
  readonly groupId?: string;
  readonly judgingSince?: string;
}

/** The seedling house of all: what is sown together when, what stands ready when and for whom, and how full it gets. */
export function Nursery(props: NurseryProps) {
  const { sure, sures, batches, weeks, groups, groupId, judgingSince } = props;
  const { percent } = useWords();
  const router = useRouter();
  const href = (change: { sure?: number; group?: string | undefined; batch?: string }) => {
    const { batch, sure: s, group: g } = { sure, group: groupId, ...change };
    return `/nursery?sure=${s}${g ? `&group=${g}` : ""}${batch ? `&batch=${encodeURIComponent(batch)}` : ""}`;
  };
  const lists = { ...props, allOf: (batch: string) => href({ batch }) };
  const standing = batches.filter(({ isSown }) => isSown);
  const coming = batches.filter(({ isSown }) => !isSown);
  return (
    <div className="px-4 py-4 lg:px-6">
      <h1 className="text-title font-bold">{t("nursery.title")}</h1>
      <p className="text-muted">{t("nursery.lead")}</p>
      <JudgingSince since={judgingSince} />
      <div className="mt-2 flex flex-wrap gap-4">
        <GroupPick groups={groups} groupId={groupId} hrefOf={(group) => href({ group })} />
        <SelectField
          label={t("nursery.sure")}
          value={String(sure)}
          className="max-w-40 print:hidden"
          onChange={(e) => router.push(href({ sure: Number(e.target.value) }))}
        >
          {sures.map((s) => (
            <option key={s} value={s}>
              {percent(s)}
            </option>
          ))}
        </SelectField>
      </div>
      {batches.length === 0 ? (
        <p className="mt-4">{t("nursery.nothing")}</p>
      ) : (
        <>
          <CellWeeks weeks={weeks} />
          {standing.length > 0 && <Batches {...lists} title={t("nursery.standing")} list={standing} />}
          {coming.length > 0 && <Batches {...lists} title={t("nursery.sow")} list={coming} />}
        </>
      )}
    </div>
  );
}

/** How full the seedling house is, week by week: a bar for each, with its trays. */
function CellWeeks({ weeks }: { weeks: readonly CellWeek[] }) {
  const { day } = useWords();
  const most = Math.max(TRAY_CELLS, ...weeks.map(({ cells }) => cells));
  return (
    <section aria-labelledby="weeks" className="mt-4">
      <h2 id="weeks" className="border-t-rule border-ink pt-1.5 text-lg font-bold">
        {t("nursery.weeks")}
      </h2>
      <ol
        className="mt-2 flex h-28 items-end gap-1 overflow-x-auto"
        tabIndex={0}
        aria-label={t("nursery.weeks")}
      >
        {weeks.map(({ week, cells, trays }) => (
          <li
            key={week}
            className="relative flex h-full min-w-11 flex-1 flex-col justify-end text-center text-fine"
          >
            <span className="sr-only">{t("nursery.weekCells", { week: day(week), cells, trays })}</span>
            <span aria-hidden="true" className="tabular-nums">
              {cells > 0 ? cells : ""}
            </span>
            <span
              aria-hidden="true"
              className="border-x border-t border-ink bg-soil-light"
              style={{ height: `${(60 * cells) / most}%` }}
            />
            <span aria-hidden="true" className="border-t-rule border-ink text-muted">
              {day(week)}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}

function Batches({
  title,
  list,
  names,
  today,
  allOf,
}: Pick<NurseryProps, "names" | "today"> & {
  title: string;
  list: readonly NamedBatch[];
  /** Where all households of a batch are named. */
  allOf: (id: string) => string;
}) {
  const { crop, day, percent } = useWords();
  return (
    <section aria-label={title} className="mt-5">
      <h2 className="border-t-rule border-ink pt-1.5 text-lg font-bold">{title}</h2>
      <ul>
        {list.map((batch) => {
          const {
            id,
            goalId,
            sowOn,
            isSown,
            method,
            places,
            placesAlone,
            plants,
            chance,
            spare,
            shares,
            takers,
            more,
            moreTakers,
          } = batch;
          const isLate = !isSown && sowOn < today;
          return (
            <li
              key={id}
              className="grid gap-x-6 gap-y-1 border-t border-line py-2 text-note md:grid-cols-[11rem_minmax(0,1fr)_minmax(0,1.2fr)]"
            >
              <div>
                <b className="font-head text-lg">{crop(goalId)}</b>
                <span className={`block ${isLate ? "font-semibold text-beet" : ""}`}>
                  {isLate && `▲ ${t("nursery.late")} `}
                  {day(sowOn)}
                </span>
              </div>
              <div className="tabular-nums">
                <b>
                  {method === "cells"
                    ? t("nursery.cellsOf", { count: places, trays: traysFor(places) })
                    : t("nursery.seedsOf", { count: places })}
                </b>{" "}
                <span className="text-muted">
                  {t("nursery.plants", { plants })} · {t("nursery.chance", { chance: percent(chance) })}
                  {placesAlone > places && ` · ${placesAlone} ${t("nursery.alone")}`}
                </span>
                <span className="block">
                  {t("nursery.ready")}{" "}
                  {t("nursery.readyOn", { from: day(batch.moveOn), until: day(batch.holdUntil) })}
                </span>
              </div>
              <div>
                {t("nursery.for")}{" "}
                {shares.map(({ householdId, plants: n }, i) => (
                  <span key={householdId}>
                    {i > 0 && ", "}
                    <Link href={`/house/${householdId}/bench`} className="hover:underline">
                      {t("nursery.share", { name: names[householdId] ?? "", plants: n })}
                    </Link>
                  </span>
                ))}
                {more > 0 && (
                  <>
                    {" "}
                    <Link href={allOf(id)} scroll={false} className="underline">
                      {t("nursery.more", { count: more })}
                    </Link>
                  </>
                )}
                {spare > 0 && (
                  <span className="block text-muted">
                    {t("nursery.spare")}: {t("nursery.spareOf", { count: spare })}
                    {takers.length > 0 &&
                      `; ${t(moreTakers > 0 ? "nursery.takersMore" : "nursery.takers", {
                        count: moreTakers,
                        names: takers
                          .map(({ householdId, plants: n }) =>
                            t("nursery.share", { name: names[householdId] ?? "", plants: n }),
                          )
                          .join(", "),
                      })}`}
                  </span>
                )}
              </div>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
