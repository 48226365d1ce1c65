"use client";

import { AlertDialog } from "radix-ui";
import { useState } from "react";
import { type GardenRecord, isOfRow, type RecordKind } from "@/core/record";
import { Button } from "@/ui/primitives/button";
import { useWords } from "@/ui/words/use-words";
import { detailWords } from "./detail-words";
import { t } from "./words";

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
      <Strike
        isOpen={striking !== undefined}
        onClose={() => setStriking(undefined)}
        onStrike={() => striking && onStrike?.(striking)}
      />
    </>
  );
}

interface StrikeProps {
  readonly isOpen: boolean;
  readonly onClose: () => void;
  readonly onStrike: () => void;
}

/** Asks before a record is struck out; one for the whole list. */
function Strike({ isOpen, onClose, onStrike }: StrikeProps) {
  return (
    <AlertDialog.Root open={isOpen} onOpenChange={(open) => !open && onClose()}>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-10 bg-ink/40" />
        <AlertDialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 z-10 w-[min(26rem,92vw)] -translate-1/2 border-rule border-ink bg-card p-5"
        >
          <AlertDialog.Title className="text-lg font-bold">{t("log.strikeAsk")}</AlertDialog.Title>
          <div className="mt-4 flex gap-2">
            <AlertDialog.Action asChild>
              <Button look="warn" onClick={onStrike}>
                {t("log.strikeYes")}
              </Button>
            </AlertDialog.Action>
            <AlertDialog.Cancel asChild>
              <Button>{t("log.strikeNo")}</Button>
            </AlertDialog.Cancel>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
