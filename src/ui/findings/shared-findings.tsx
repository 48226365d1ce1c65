"use client";

import { FactTable } from "@/ui/primitives/fact-table";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

/** What households got together, for those who see no one household's figures apart: one table, the same for whoever asks. */
export function SharedFindings({
  goals,
}: {
  goals: readonly {
    readonly goalId: string;
    readonly households: number;
    readonly pickDays: number;
    readonly kg: number;
  }[];
}) {
  const { crop, number, quantity } = useWords();
  return (
    <div className="max-w-3xl px-4 py-4 lg:px-6">
      <h1 className="text-title font-bold">{t("findings.title")}</h1>
      <p className="mb-3 text-muted">{t("findings.sharedLead")}</p>
      {goals.length === 0 ? (
        <p className="border-t border-line py-6">{t("findings.sharedNone")}</p>
      ) : (
        <FactTable
          head={[t("findings.crop"), t("findings.houses"), t("findings.pickIn"), t("findings.aPlanting")]}
          rows={goals.map(({ goalId, households, pickDays, kg }) => [
            crop(goalId),
            String(households),
            t("findings.dayCount", { days: number(Math.round(pickDays)) }),
            quantity(kg, "mass"),
          ])}
        />
      )}
    </div>
  );
}
