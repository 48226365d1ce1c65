"use client";

import { changeOf, type Clash, type Cure, curesFor, type RowView } from "@/core/garden";
import type { Planting } from "@/core/plan";
import type { Setting } from "@/core/setting";
import { useMemo } from "react";
import { Button } from "@/ui/primitives/button";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

/** Clashes in a row, each with its dates and the single changes that end it. */
export function Clashes({
  row,
  clashes,
  setting,
  onChange,
}: {
  row: RowView;
  clashes: readonly Clash[];
  setting: Setting;
  onChange: (plantingId: string, change: Partial<Planting>) => void;
}) {
  const { clash, cure } = useWords();
  const cures = useMemo(() => clashes.map((c) => curesFor(row, c, setting)), [row, clashes, setting]);
  return (
    <div className="border-t border-line pt-2">
      <h3 className="font-head font-bold">{t("clash.title")}</h3>
      {clashes.map((c, i) => (
        <div key={`${c.code} ${c.plantingId} ${c.otherId} ${c.from}`} className="mt-1.5 text-note">
          <p className="font-semibold text-beet">✕ {clash(c)}</p>
          <div className="mt-1 flex flex-wrap gap-2">
            {cures[i]?.map((x: Cure) => (
              <Button key={`${x.code} ${x.plantingId}`} onClick={() => onChange(x.plantingId, changeOf(x))}>
                {cure(x)}
              </Button>
            ))}
            {cures[i]?.length === 0 && <p className="text-muted">{t("clash.noCure")}</p>}
          </div>
        </div>
      ))}
    </div>
  );
}
