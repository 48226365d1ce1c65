"use client";

import { useMemo } from "react";
import { codePath } from "@/ui/draw/code-path";
import { Button } from "@/ui/primitives/button";
import { t } from "./words";

/** What opens an account. */
export interface Key {
  readonly name: string;
  readonly account: string;
  readonly password: string;
}

/** Eight letters are read and typed as two times four. */
const inParts = (code: string) => code.replace(/(.{4})(?=.)/g, "$1-");

/** A key to hand over, shown once: a card with its code to scan, or a name with a password. */
export function KeyCard({ opens, isCard, origin }: { opens: Key; isCard: boolean; origin: string }) {
  const { d, side } = useMemo(
    () => codePath(`${origin}/sign-in?card=${encodeURIComponent(opens.account)}`),
    [origin, opens.account],
  );
  return (
    <div role="status" className="mt-2 border-rule border-ink bg-card p-3">
      <p className="text-note font-semibold text-beet print:hidden">▲ {t("access.key")}</p>
      <div className="mt-2 flex flex-wrap items-center gap-4">
        {isCard && (
          <svg
            viewBox={`0 0 ${side} ${side}`}
            className="size-32 bg-white"
            role="img"
            aria-label={t("access.open")}
          >
            <path d={d} fill="#000" />
          </svg>
        )}
        <dl className="grid grid-cols-[auto_auto] gap-x-3">
          <dt className="col-span-2 font-head text-lg font-bold wrap-anywhere">{opens.name}</dt>
          <dt className="text-muted">{t(isCard ? "access.code" : "access.account")}</dt>
          <dd className="font-semibold tabular-nums">{isCard ? inParts(opens.account) : opens.account}</dd>
          <dt className="text-muted">{t(isCard ? "access.pin" : "access.password")}</dt>
          <dd className="font-semibold tabular-nums">{opens.password}</dd>
        </dl>
      </div>
      <Button className="mt-2" onClick={() => window.print()}>
        {t("access.print")}
      </Button>
    </div>
  );
}
