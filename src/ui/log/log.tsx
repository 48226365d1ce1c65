"use client";

import Link from "next/link";
import { useRouter } from "next/navigation";
import { useCallback, useState } from "react";
import type { Day } from "@/core/day";
import type { Due, GardenRecord, Measure, RecordKind, RecordTyped } from "@/core/record";
import { Button, buttonClass } from "@/ui/primitives/button";
import { useWords } from "@/ui/words/use-words";
import { discard, post, sendWaiting, type Store, useOutbox } from "@/ui/offline/outbox";
import { RecordEntry, type RecordRead } from "./record-form";
import { RecordList, type ShownRecord } from "./record-list";

/** A planting with what it waits for. */
export interface LogPlanting {
  readonly id: string;
  readonly row: number;
  readonly kindId: string;
  readonly goalId: string;
  readonly plants: number | null;
  /** Taken out of the plan, but records may still speak of it. */
  readonly removed: boolean;
  readonly due?: Due;
  /** Days in which its first pick is to be expected. */
  readonly firstPick?: { readonly from: Day; readonly until: Day };
  readonly picked: Partial<Record<Measure, number>>;
}

export interface LogProps {
  readonly householdId: string;
  readonly title: string;
  readonly today: Day;
  readonly plantings: readonly LogPlanting[];
  /** The newest records, so many at a time; `times` over, and whether there are more. */
  readonly records: readonly ShownRecord[];
  readonly times: number;
  readonly hasMore: boolean;
  readonly store: Store;
}

/** The record that answers what a planting waits for. */
const KIND_OF: Record<Due["task"], RecordKind> = { sow: "sown", up: "up", move: "moved", pick: "picked" };

const blank = (plantingId: string, today: Day, kind: RecordKind = "sown"): RecordTyped => ({
  plantingId,
  kind,
  on: today,
  amount: "",
  note: "",
});

/** What really happened: what each planting waits for is one tap away, and every record is kept for good. */
export function Log({ householdId, title, today, plantings, records, times, hasMore, store }: LogProps) {
  const words = useWords();
  const { t, crop, bag, day, quantity, problem } = words;
  const router = useRouter();
  const { waiting } = useOutbox();
  const current = plantings.filter((p) => !p.removed);
  const pressing = current.find((p) => p.due) ?? current[0];
  const [start, setStart] = useState<RecordTyped>(() =>
    blank(
      pressing?.id ?? "",
      today,
      pressing ? (pressing.due ? KIND_OF[pressing.due.task] : "picked") : "note",
    ),
  );
  const [correcting, setCorrecting] = useState<ShownRecord>();
  const [said, setSaid] = useState("");

  const nameOf = useCallback(
    (id: string | null) => {
      const p = plantings.find((x) => x.id === id);
      return p
        ? `${crop(p.goalId)}${p.plants === null ? "" : ` × ${p.plants}`}, ${p.removed ? t("log.removedPlanting") : `${p.row} ${bag(p.kindId)}`}`
        : t("log.general");
    },
    [plantings, crop, bag, t],
  );

  const mine = waiting.filter((w) => w.householdId === householdId);
  const sendNow = async () => {
    if ((await sendWaiting(store, { refusedToo: true })) > 0) router.refresh();
  };

  const keep = async (record: GardenRecord) => {
    const outcome = await post(householdId, record, store);
    if (outcome.ok) {
      setSaid(t("log.saved", { what: `${t(`log.kinds.${record.kind}`)}, ${nameOf(record.plantingId)}` }));
      router.refresh();
    } else setSaid("");
  };
  const onRecord = (read: RecordRead) => {
    // What cannot be stored waits in the outbox, so the form is free for the next.
    if (correcting) {
      setCorrecting(undefined);
      setStart(blank(read.plantingId ?? "", today, read.kind));
    }
    return keep({ id: crypto.randomUUID(), ...read, supersedes: correcting?.id ?? null });
  };
  const onCorrect = (record: ShownRecord) => {
    setCorrecting(record);
    setStart({
      plantingId: record.plantingId ?? "",
      kind: record.kind,
      on: record.on,
      amount: record.amount?.typed ?? "",
      note: record.note,
    });
    document.getElementById("entry")?.scrollIntoView({ block: "start" });
  };
  const onStrike = (record: ShownRecord) =>
    void keep({
      id: crypto.randomUUID(),
      plantingId: record.plantingId,
      kind: "struck",
      on: today,
      amount: null,
      note: "",
      supersedes: record.id,
    });

  return (
    <div className="grid gap-x-10 gap-y-6 px-4 py-4 lg:grid-cols-[26rem_minmax(0,1fr)] lg:px-6">
      <div className="h-fit lg:sticky lg:top-4">
        <h1 className="text-title font-bold">{title}</h1>
        <p className="mb-3 text-muted">{t("log.lead")}</p>
        <Waiting waiting={mine} onSend={() => void sendNow()} nameOf={nameOf} problem={problem} />
        <section
          id="entry"
          aria-label={correcting ? t("log.correcting", { day: day(correcting.on) }) : t("log.entry")}
          className="scroll-mt-4 border-rule border-ink p-4"
        >
          {correcting && (
            <h2 className="mb-2 font-bold text-beet">▲ {t("log.correcting", { day: day(correcting.on) })}</h2>
          )}
          <RecordEntry
            start={start}
            today={today}
            plantings={plantings.map((p) => ({ id: p.id, name: nameOf(p.id) }))}
            saveLabel={correcting ? t("log.saveCorrection") : t("log.save")}
            onRecord={onRecord}
            onCancel={
              correcting
                ? () => {
                    setCorrecting(undefined);
                    setStart(blank(pressing?.id ?? "", today));
                  }
                : undefined
            }
          />
        </section>
        <p role="status" className="mt-2 font-semibold text-leaf">
          {said && `✓ ${said}`}
        </p>
        {plantings.length === 0 && <p className="mt-2 text-note">{t("log.noPlan")}</p>}
      </div>
      <div className="min-w-0">
        <ul className="mb-6 border-t-rule border-ink">
          {current.map((p) => (
            <li key={p.id}>
              <button
                type="button"
                onClick={() => {
                  setCorrecting(undefined);
                  setStart(blank(p.id, today, p.due ? KIND_OF[p.due.task] : "picked"));
                }}
                className="grid w-full grid-cols-[1fr_auto] items-baseline gap-x-3 border-b border-line py-1.5 text-left hover:bg-card"
              >
                <span>
                  <b>{crop(p.goalId)}</b>{" "}
                  <span className="text-note text-muted">
                    {p.row} {bag(p.kindId)}
                  </span>
                  <span className="block text-note">
                    {t("log.pickedSoFar")}: {pickedWords(p.picked, t, quantity) || t("log.nothingPicked")}
                    {p.firstPick &&
                      !p.picked.mass &&
                      !p.picked.bunches &&
                      !p.picked.pieces &&
                      `, ${t("log.expected", { early: day(p.firstPick.from), late: day(p.firstPick.until) })}`}
                  </span>
                </span>
                {p.due && (
                  <span className={`font-semibold ${p.due.late ? "text-beet" : ""}`}>
                    {t(`log.kinds.${KIND_OF[p.due.task] as "sown"}`)}?{" "}
                    {p.due.late ? `▲ ${t("households.late", { days: p.due.days })}` : day(p.due.day)}
                  </span>
                )}
              </button>
            </li>
          ))}
        </ul>
        <div className="mb-2 flex items-end justify-between">
          <h2 className="text-lg font-bold">{t("log.records")}</h2>
          <a href={`/house/${householdId}/records.csv`} download className={buttonClass("open")}>
            {t("log.csv")}
          </a>
        </div>
        <RecordList records={records} nameOf={nameOf} onCorrect={onCorrect} onStrike={onStrike} />
        {hasMore && (
          <Link
            href={`/house/${householdId}/log?times=${times + 1}`}
            scroll={false}
            className={`${buttonClass("open")} mt-3`}
          >
            {t("log.more")}
          </Link>
        )}
      </div>
    </div>
  );
}

type Words = ReturnType<typeof useWords>;

const pickedWords = (picked: LogPlanting["picked"], t: Words["t"], quantity: Words["quantity"]): string =>
  [
    picked.mass !== undefined && quantity(picked.mass, "mass"),
    picked.bunches !== undefined && t("log.amounts.bunches", { n: picked.bunches }),
    picked.pieces !== undefined && t("log.amounts.pieces", { n: picked.pieces }),
  ]
    .filter(Boolean)
    .join(", ");

/** Records that wait on this device, and those that were refused for good. */
function Waiting({
  waiting,
  onSend,
  nameOf,
  problem,
}: {
  waiting: ReturnType<typeof useOutbox>["waiting"];
  onSend: () => void;
  nameOf: (id: string | null) => string;
  problem: Words["problem"];
}) {
  const { t } = useWords();
  const open = waiting.filter((w) => !w.refused);
  const refused = waiting.filter((w) => w.refused);
  if (waiting.length === 0) return null;
  return (
    <div role="alert" className="mb-3 grid gap-2 border-l-4 border-beet bg-card py-2 pl-3">
      {open.length > 0 && (
        <p className="flex flex-wrap items-center gap-2">
          <b>
            ▲{" "}
            {t("log.waiting", {
              count: open.length,
              why: t(
                open.some((w) => w.problem?.code === "database-unreachable")
                  ? "log.whyDatabase"
                  : "log.whyOffline",
              ),
            })}
          </b>
          <Button onClick={onSend}>{t("log.sendNow")}</Button>
        </p>
      )}
      {refused.map((w) => (
        <p key={w.record.id} className="flex flex-wrap items-center gap-2">
          <span>
            {t(`log.kinds.${w.record.kind}`)} {w.record.amount?.typed} · {nameOf(w.record.plantingId)}:{" "}
            <b className="text-beet">{t("log.refused", { why: w.problem ? problem(w.problem) : "" })}</b>
          </span>
          {w.problem?.code === "server-fault" && <Button onClick={onSend}>{t("log.sendNow")}</Button>}
          <Button onClick={() => discard(w.record.id)}>{t("log.drop")}</Button>
        </p>
      ))}
    </div>
  );
}
