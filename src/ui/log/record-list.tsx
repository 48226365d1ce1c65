"use client";

import { lazy, Suspense, useEffect, useState } from "react";
import { type GardenRecord, isOfRow, type RecordKind } from "@/core/record";
import { Button } from "@/ui/primitives/button";
import { useWords } from "@/ui/words/use-words";
import { detailWords } from "./detail-words";
import { t } from "./words";

const askOver = () => import("@/ui/primitives/ask-over").then((m) => ({ default: m.AskOver }));
const AskOver = lazy(askOver);

export interface ShownRecord extends GardenRecord {
  readonly author: string;
  /** The kind of the record that supersedes it, where one does. */
  readonly replacedBy: RecordKind | null;
}

interface ListProps {
  readonly householdId: string;
  readonly records: readonly ShownRecord[];
  /** What a record is about, in words. */
  readonly aboutOf: (record: GardenRecord) => string;
  /** Left out where records are only shown. */
  readonly onCorrect?: (record: ShownRecord) => void;
  readonly onStrike?: (record: ShownRecord) => void;
}

/** Records, newest first; what a later record replaced stays to be seen, told as such. */
export function RecordList({ householdId, records, aboutOf, onCorrect, onStrike }: ListProps) {
  const words = useWords();
  const { day, quantity, perKg } = words;
  const [striking, setStriking] = useState<ShownRecord>();
  // Its script comes after the screen, so that the screen is there sooner; it is then at hand without signal too.
  useEffect(() => void (onStrike && askOver()), [onStrike]);
  const amount = ({ amount: a }: GardenRecord) =>
    a === null
      ? ""
      : a.measure === "mass"
        ? quantity(a.value, "mass")
        : a.measure === "volume"
          ? quantity(a.value, "volume")
          : a.measure === "price"
            ? perKg(a.value)
            : t(`amounts.${a.measure}`, { n: a.value });
  if (records.length === 0) return <p className="border-t border-line py-4 text-muted">{t("log.none")}</p>;
  return (
    <>
      <ol className="border-t-rule border-ink print:columns-2">
        {records.map((r) => {
          const now = r.replacedBy === null && r.kind !== "struck";
          return (
            <li
              key={r.id}
              className="grid grid-cols-[3.75rem_1fr_auto] items-baseline gap-x-3 border-b border-line py-1.5"
            >
              <span className="font-semibold">{day(r.on)}</span>
              <div className={now ? "" : "text-muted"}>
                <span className={now ? "" : "line-through"}>
                  <b>{t(`recordKinds.${r.kind}`)}</b> {amount(r)}
                </span>{" "}
                · {aboutOf(r)}
                {r.detail && <span className="block text-note">{detailWords(r.detail, words)}</span>}
                {r.note && <span className="block text-note">“{r.note}”</span>}
                {r.detail?.photo && (
                  <a href={`/house/${householdId}/photo/${r.id}`} className="mt-1 inline-block">
                    {/* Small already, and nobody else's to fetch: the framework has nothing to add. */}
                    {/* eslint-disable-next-line @next/next/no-img-element */}
                    <img
                      src={`/house/${householdId}/photo/${r.id}`}
                      alt={t("log.photoOf", {
                        day: day(r.on),
                        what: `${t(`recordKinds.${r.kind}`)}, ${aboutOf(r)}`,
                      })}
                      loading="lazy"
                      className="h-24 border-rule border-ink"
                    />
                  </a>
                )}
                <span className="block text-fine text-muted">
                  {t("log.by", { author: r.author })}
                  {r.supersedes && r.kind !== "struck" && ` · ${t("log.correction")}`}
                  {!now &&
                    r.kind !== "struck" &&
                    ` · ${r.replacedBy === "struck" ? t("log.struck") : t("log.corrected")}`}
                </span>
              </div>
              {now && onStrike && (
                <div className="flex flex-col items-end sm:flex-row">
                  {!isOfRow(r.kind) && onCorrect && (
                    <Button look="quiet" onClick={() => onCorrect(r)}>
                      {t("log.correct")}
                    </Button>
                  )}
                  <Button look="quiet" onClick={() => setStriking(r)}>
                    {t("log.strike")}
                  </Button>
                </div>
              )}
            </li>
          );
        })}
      </ol>
      {striking && (
        <Suspense>
          <AskOver
            question={t("log.strikeAsk")}
            yes={t("log.strikeYes")}
            no={t("log.strikeNo")}
            onYes={() => onStrike?.(striking)}
            onClose={() => setStriking(undefined)}
          />
        </Suspense>
      )}
    </>
  );
}
