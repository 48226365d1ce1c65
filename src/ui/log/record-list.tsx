"use client";

import { AlertDialog } from "radix-ui";
import { type GardenRecord, validRecords } from "@/core/record";
import { Button } from "@/ui/primitives/button";
import { useWords } from "@/ui/words/use-words";

export interface ShownRecord extends GardenRecord {
  readonly author: string;
}

interface ListProps {
  readonly records: readonly ShownRecord[];
  readonly nameOf: (plantingId: string | null) => string;
  readonly onCorrect: (record: ShownRecord) => void;
  readonly onStrike: (record: ShownRecord) => void;
}

/** All records, newest first; what a later record replaced stays to be seen, told as such. */
export function RecordList({ records, nameOf, onCorrect, onStrike }: ListProps) {
  const { t, day, quantity } = useWords();
  const stands = new Set(validRecords(records).map((r) => r.id));
  const amount = ({ amount: a }: GardenRecord) =>
    a === null
      ? ""
      : a.measure === "mass"
        ? quantity(a.value, "mass")
        : a.measure === "volume"
          ? quantity(a.value, "volume")
          : t(`log.amounts.${a.measure}`, { n: a.value });
  if (records.length === 0) return <p className="border-t border-line py-4 text-muted">{t("log.none")}</p>;
  return (
    <ol className="border-t-rule border-ink">
      {[...records].reverse().map((r) => {
        const now = stands.has(r.id);
        const struckBy = records.find((x) => x.supersedes === r.id);
        return (
          <li
            key={r.id}
            className="grid grid-cols-[3.75rem_1fr_auto] items-baseline gap-x-3 border-b border-line py-1.5"
          >
            <span className="font-semibold">{day(r.on)}</span>
            <div className={now ? "" : "text-muted"}>
              <span className={now ? "" : "line-through"}>
                <b>{t(`log.kinds.${r.kind}`)}</b> {amount(r)}
              </span>{" "}
              · {nameOf(r.plantingId)}
              {r.note && <span className="block text-note">“{r.note}”</span>}
              <span className="block text-fine text-muted">
                {t("log.by", { author: r.author })}
                {r.supersedes && r.kind !== "struck" && ` · ${t("log.correction")}`}
                {!now &&
                  r.kind !== "struck" &&
                  ` · ${struckBy?.kind === "struck" ? t("log.struck") : t("log.corrected")}`}
              </span>
            </div>
            {now && (
              <div className="flex flex-col items-end sm:flex-row">
                <Button look="quiet" onClick={() => onCorrect(r)}>
                  {t("log.correct")}
                </Button>
                <Strike onStrike={() => onStrike(r)} />
              </div>
            )}
          </li>
        );
      })}
    </ol>
  );
}

function Strike({ onStrike }: { onStrike: () => void }) {
  const { t } = useWords();
  return (
    <AlertDialog.Root>
      <AlertDialog.Trigger asChild>
        <Button look="quiet">{t("log.strike")}</Button>
      </AlertDialog.Trigger>
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
