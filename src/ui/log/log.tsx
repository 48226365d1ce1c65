"use client";

import { useRouter } from "next/navigation";
import { useCallback, useState } from "react";
import type { Day } from "@/core/day";
import { dayProblem, type GardenRecord, type RecordKind, type RecordTyped } from "@/core/record";
import { Button, buttonClass } from "@/ui/primitives/button";
import { Link } from "@/ui/primitives/link";
import { post, sendWaiting, type Store, useOutbox } from "@/ui/offline/outbox";
import { useRights } from "@/ui/rights";
import { useWords } from "@/ui/words/use-words";
import { CameIn } from "./came-in";
import { DueNow } from "./due-now";
import { KIND_OF, type LogPlanting } from "./planting";
import { RecordEntry, type RecordRead } from "./record-form";
import { RecordList, type ShownRecord } from "./record-list";
import { Waiting } from "./waiting";
import { t } from "./words";

export interface LogProps {
  readonly householdId: string;
  readonly title: string;
  readonly today: Day;
  readonly plantings: readonly LogPlanting[];
  /** The newest records, so many at a time; `times` over, and whether there are more. */
  readonly records: readonly ShownRecord[];
  readonly times: number;
  readonly hasMore: boolean;
  /** The planting that somebody came to write about. */
  readonly asked?: string;
  /** What was picked and weighed, kg by week. */
  readonly cameIn: readonly { readonly from: Day; readonly kg: number }[];
  readonly store: Store;
}

const blank = (plantingId: string, today: Day, kind: RecordKind = "sown"): RecordTyped => ({
  plantingId,
  kind,
  on: today,
  amount: "",
  note: "",
});

/** What really happened: what each planting waits for is one tap away, and every record is kept for good. */
export function Log({
  householdId,
  title,
  today,
  plantings,
  asked,
  cameIn,
  records,
  times,
  hasMore,
  store,
}: LogProps) {
  const words = useWords();
  const { writes } = useRights();
  const { crop, bag, day, problem } = words;
  const router = useRouter();
  const { waiting } = useOutbox();
  const current = plantings.filter((p) => !p.removed);
  const pressing = current.find((p) => p.id === asked) ?? current.find((p) => p.due) ?? current[0];
  const [start, setStart] = useState<RecordTyped>(() =>
    blank(
      pressing?.id ?? "",
      today,
      pressing ? (pressing.due ? KIND_OF[pressing.due.task] : "picked") : "note",
    ),
  );
  const [correcting, setCorrecting] = useState<ShownRecord>();
  const [last, setLast] = useState<GardenRecord>();

  const nameOf = useCallback(
    (id: string | null) => {
      const p = plantings.find((x) => x.id === id);
      return p
        ? `${crop(p.goalId)}${p.plants === null ? "" : ` × ${p.plants}`}, ${p.removed ? t("log.removedPlanting") : `${p.row} ${bag(p.kindId)}`}`
        : t("log.general");
    },
    [plantings, crop, bag],
  );

  /** What a record is about: a planting, a bag, or the whole household. */
  const aboutOf = useCallback(
    ({ plantingId, rowId }: Pick<GardenRecord, "plantingId" | "rowId">) => {
      const inRow = rowId ? plantings.find((p) => p.rowId === rowId) : undefined;
      return inRow ? `${inRow.row} ${bag(inRow.kindId)}` : nameOf(plantingId);
    },
    [plantings, bag, nameOf],
  );

  const mine = waiting.filter((w) => w.householdId === householdId);
  const sendNow = async () => {
    if ((await sendWaiting(store, { refusedToo: true })) > 0) router.refresh();
  };

  const keep = async (record: GardenRecord, photo?: string) => {
    setLast(undefined);
    const outcome = await post(householdId, record, store, photo);
    if (!outcome.ok) return;
    setLast(record);
    router.refresh();
  };
  /** One tap: what a planting waits for happened today. */
  const tap = (p: LogPlanting, kind: RecordKind) =>
    void keep({
      id: crypto.randomUUID(),
      plantingId: p.id,
      kind,
      on: today,
      amount: null,
      note: "",
      supersedes: null,
    });
  /** Bags in which something stands. */
  const standing = [...new Set(current.filter((p) => p.isStarted).map((p) => p.rowId))];
  const [watered, setWatered] = useState(0);
  /** One tap for a whole round with the can. */
  const waterAll = async () => {
    setWatered(0);
    for (const rowId of standing)
      await post(
        householdId,
        {
          id: crypto.randomUUID(),
          plantingId: null,
          rowId,
          kind: "watered",
          on: today,
          amount: null,
          note: "",
          supersedes: null,
        },
        store,
      );
    setWatered(standing.length);
    router.refresh();
  };
  // What was due when the page opened keeps its place, so that nothing moves under a thumb.
  const [dueAtFirst] = useState(() => new Map(current.flatMap((p) => (p.due ? [[p.id, p.due]] : []))));
  const written = [...mine.map((w) => w.record), ...(last ? [last] : [])];
  const dueNow = current.flatMap((p) => {
    const first = dueAtFirst.get(p.id);
    const due = p.due ?? first;
    if (!due) return [];
    const isWritten = written.some((w) => w.plantingId === p.id && w.kind === KIND_OF[due.task]);
    return [{ planting: p, due, isDone: isWritten || p.due === undefined }];
  });
  const onRecord = ({ isOfRow: ofRow, ...read }: RecordRead, photo?: string) => {
    // What cannot be stored waits in the outbox, so the form is free for the next.
    if (correcting) {
      setCorrecting(undefined);
      setStart(blank(read.plantingId ?? "", today, read.kind));
    }
    const about = ofRow
      ? { plantingId: null, rowId: plantings.find((p) => p.id === read.plantingId)?.rowId }
      : {};
    const record = { id: crypto.randomUUID(), ...read, ...about, supersedes: correcting?.id ?? null };
    return keep(record, photo);
  };
  const onCorrect = (record: ShownRecord) => {
    setCorrecting(record);
    setStart({
      plantingId: record.plantingId ?? "",
      kind: record.kind,
      on: record.on,
      amount: record.amount?.typed ?? "",
      note: record.note,
      detail: detailTyped(record.detail),
    });
    document.getElementById("entry")?.scrollIntoView({ block: "start" });
  };
  const onStrike = (record: GardenRecord) =>
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
    <div className="grid gap-x-10 gap-y-6 px-4 py-4 lg:grid-cols-[26rem_minmax(0,1fr)] lg:px-6 print:block">
      <div className="h-fit lg:sticky lg:top-4 print:static">
        <h1 className="text-title font-bold">{title}</h1>
        <p className="mb-3 text-muted">{t(writes ? "log.lead" : "rights.reads")}</p>
        <Waiting waiting={mine} onSend={() => void sendNow()} aboutOf={aboutOf} problem={problem} />
        {writes && standing.length > 1 && (
          <p className="mb-3 flex flex-wrap items-center gap-3">
            <Button className="min-h-11" onClick={() => void waterAll()}>
              {t("log.allWatered")}
            </Button>
            <span role="status">{watered > 0 && `✓ ${t("log.allWateredSaved", { count: watered })}`}</span>
          </p>
        )}
        <DueNow
          due={dueNow}
          nameOf={nameOf}
          onTap={tap}
          onPick={(p) => {
            setCorrecting(undefined);
            setStart(blank(p.id, today, "picked"));
            document.getElementById("entry")?.querySelector<HTMLInputElement>("input[name=amount]")?.focus();
          }}
        />
        {writes && (
          <section
            id="entry"
            aria-label={correcting ? t("log.correcting", { day: day(correcting.on) }) : t("log.entry")}
            className="scroll-mt-4 border-rule border-ink p-4 print:hidden"
          >
            {correcting && (
              <h2 className="mb-2 font-bold text-beet">
                ▲ {t("log.correcting", { day: day(correcting.on) })}
              </h2>
            )}
            <RecordEntry
              start={start}
              today={today}
              plantings={plantings.map((p) => ({ id: p.id, name: nameOf(p.id) }))}
              saveLabel={correcting ? t("log.saveCorrection") : t("log.save")}
              onRecord={onRecord}
              check={({ isOfRow: _, ...read }) =>
                dayProblem({ ...read, supersedes: correcting?.id ?? null }, { today, records })
              }
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
        )}
        <p role="status" className="mt-2 flex min-h-11 flex-wrap items-center gap-3 font-semibold">
          {last && (
            <>
              ✓ {t("shared.stored", { what: `${t(`recordKinds.${last.kind}`)}, ${aboutOf(last)}` })}
              {last.kind !== "struck" && <Button onClick={() => onStrike(last)}>{t("shared.undo")}</Button>}
            </>
          )}
        </p>
        {plantings.length === 0 && <p className="mt-2 text-note">{t("log.noPlan")}</p>}
      </div>
      <div className="min-w-0">
        <ul className="mb-6 border-t-rule border-ink print:columns-2">
          {current.map((p) => (
            <li key={p.id} className="flex items-center gap-2 border-b border-line">
              <button
                type="button"
                onClick={() => {
                  setCorrecting(undefined);
                  setStart(blank(p.id, today, p.due ? KIND_OF[p.due.task] : "picked"));
                }}
                className="min-w-0 flex-1 py-1.5 text-left hover:bg-card"
              >
                <span>
                  <b>{crop(p.goalId)}</b>{" "}
                  <span className="text-note text-muted">
                    {p.row} {bag(p.kindId)}
                  </span>
                  <span className="block text-note">
                    {t("log.pickedSoFar")}:{" "}
                    {words.picked({ ...p.picked, kg: p.picked.mass }) || t("log.nothingPicked")}
                    {p.firstPick &&
                      !p.picked.mass &&
                      !p.picked.bunches &&
                      !p.picked.pieces &&
                      `, ${t("log.expected", { early: day(p.firstPick.from), late: day(p.firstPick.until) })}`}
                  </span>
                </span>
              </button>
              <Link
                href={`/house/${householdId}/planting/${p.id}`}
                aria-label={`${t("story.open")}: ${nameOf(p.id)}`}
                className={buttonClass("quiet")}
              >
                {t("story.open")}
              </Link>
            </li>
          ))}
        </ul>
        {cameIn.length > 1 && <CameIn weeks={cameIn} />}
        <div className="mb-2 flex items-end justify-between">
          <h2 className="text-lg font-bold">{t("log.records")}</h2>
          <span className="flex flex-wrap justify-end gap-2">
            <Link href={`/house/${householdId}/season`} className={buttonClass("open")}>
              {t("log.season")}
            </Link>
            <a href={`/house/${householdId}/records.csv`} download className={buttonClass("open")}>
              {t("log.csv")}
            </a>
          </span>
        </div>
        <RecordList
          householdId={householdId}
          records={records}
          aboutOf={aboutOf}
          {...(writes && { onCorrect, onStrike })}
        />
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

/** What else a record says, as its form has it. A photo stays with the record that it came with. */
const detailTyped = (detail: GardenRecord["detail"]): RecordTyped["detail"] => {
  const { photo: _, settledCm, packetDays, ...words } = detail ?? {};
  return {
    ...words,
    ...(packetDays === undefined ? {} : { packetDays: String(packetDays) }),
    ...(settledCm === undefined ? {} : { settledCm: `${settledCm} cm` }),
  };
};
