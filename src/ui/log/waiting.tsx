import type { GardenRecord } from "@/core/record";
import { discard, type useOutbox } from "@/ui/offline/outbox";
import { Button } from "@/ui/primitives/button";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

/** Records that wait on this device, and those that were refused for good. */
export function Waiting({
  waiting,
  onSend,
  aboutOf,
  problem,
}: {
  waiting: ReturnType<typeof useOutbox>["waiting"];
  onSend: () => void;
  aboutOf: (record: GardenRecord) => string;
  problem: ReturnType<typeof useWords>["problem"];
}) {
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
            {t(`recordKinds.${w.record.kind}`)} {w.record.amount?.typed} · {aboutOf(w.record)}:{" "}
            <b className="text-beet">{t("log.refused", { why: w.problem ? problem(w.problem) : "" })}</b>
          </span>
          {w.problem?.code === "server-fault" && <Button onClick={onSend}>{t("log.sendNow")}</Button>}
          <Button onClick={() => discard(w.record.id)}>{t("log.drop")}</Button>
        </p>
      ))}
    </div>
  );
}
