"use client";

import { useRouter } from "next/navigation";
import { startTransition, useOptimistic, useState } from "react";
import type { SharedGroup } from "@/core/money";
import { type Pooled } from "@/core/kit";
import type { Outcome, Problem } from "@/core/problem";
import { CheckField } from "@/ui/primitives/field";
import { send } from "@/ui/primitives/send";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

interface BuyTogetherProps {
  readonly group: SharedGroup;
  readonly together: boolean;
  /** What all plans still need of the group. */
  readonly pool: Pooled;
  readonly nameOf: (item: string) => string;
  readonly save: (together: boolean) => Promise<Outcome<null>>;
}

/** Whether packs of a group are opened for all: the choice, what it saves on the plans as they are, and what is to be bought then. */
export function BuyTogether({ group, together, pool, nameOf, save }: BuyTogetherProps) {
  const { money, quantity, problem: say } = useWords();
  const router = useRouter();
  const [failure, setFailure] = useState<Problem>();
  const [said, setSaid] = useState(false);
  const { forAll, packs, aloneMinor, sharers } = pool;
  // The box shows the choice at once, and what is stored again when it could not be.
  const [shown, showAs] = useOptimistic(together);
  const choose = (chosen: boolean) =>
    startTransition(async () => {
      showAs(chosen);
      setSaid(false);
      const outcome = await send(() => save(chosen));
      setFailure(outcome.ok ? undefined : outcome.problem);
      setSaid(outcome.ok);
      if (outcome.ok) router.refresh();
    });
  return (
    <div className="mb-2 border-l-thick border-ink pl-2.5 text-sm">
      <div className="flex items-center justify-between gap-2">
        <CheckField
          label={t(`prices.together.${group}`)}
          className="font-semibold"
          checked={shown}
          onChecked={choose}
        />
        <span role="status" className="text-leaf">
          {said && t("shared.saved")}
        </span>
      </div>
      {failure && (
        <p role="alert" className="font-semibold text-beet">
          ✕ {say(failure)}
        </p>
      )}
      {forAll.lines.length === 0 ? (
        <p className="text-muted">{t("prices.together.nothing")}</p>
      ) : (
        <>
          <p>
            {t(`prices.together.forAll.${group}`, { sharers, packs, money: money(forAll.minor) })}{" "}
            {t("prices.together.alone", { money: money(aloneMinor) })}
            {forAll.unpriced > 0 && ` ${t("prices.together.unpriced", { count: forAll.unpriced })}`}
          </p>
          <details>
            <summary className="min-h-8 cursor-pointer py-1 underline">{t("prices.together.list")}</summary>
            <ul className="lg:max-h-60 lg:overflow-y-auto">
              {forAll.lines.map((line) => (
                <li key={line.item} className="flex gap-2 border-t border-line py-1">
                  <span className="flex-1">{nameOf(line.item)}</span>
                  <span>
                    {group === "packet"
                      ? quantity(line.amount / 1000, "mass")
                      : quantity(line.amount, "volume")}
                  </span>
                  <span className="w-12 text-right">
                    {line.packs === undefined ? "–" : `× ${line.packs}`}
                  </span>
                  <span className="w-16 text-right">
                    {line.minor === undefined ? t("prices.none") : money(line.minor)}
                  </span>
                </li>
              ))}
            </ul>
          </details>
        </>
      )}
    </div>
  );
}
