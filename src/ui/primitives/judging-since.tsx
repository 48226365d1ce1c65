import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

/** Says that figures of all plans are being worked out anew, and since when (ISO 8601); nothing when none are. */
export function JudgingSince({ since }: { since: string | undefined }) {
  const { clock } = useWords();
  if (since === undefined) return null;
  return (
    <p role="status" className="text-sm">
      ↻ {t("shared.judging", { time: clock(since) })}
    </p>
  );
}
