"use client";

import { useState } from "react";
import type { Outcome, Problem } from "@/core/problem";
import { Button } from "@/ui/primitives/button";
import { OutcomeLines } from "@/ui/primitives/outcome-lines";
import { send } from "@/ui/primitives/send";
import { t } from "./words";

/** What gives a household's calendar an address, and takes it away. */
export interface AddressActs {
  /** Whether there is one; what it is stands nowhere. */
  readonly hasAddress: boolean;
  readonly make: () => Promise<Outcome<{ address: string }>>;
  readonly withdraw: () => Promise<Outcome<null>>;
}

/** An address at which a phone's calendar fetches the days by itself: shown once, made anew, withdrawn. */
export function CalendarAddress({ hasAddress, make, withdraw }: AddressActs) {
  const [address, setAddress] = useState<string>();
  const [isThere, setThere] = useState(hasAddress);
  const [done, setDone] = useState(false);
  const [failure, setFailure] = useState<Problem>();
  const begin = async () => {
    const outcome = await send(make);
    setFailure(outcome.ok ? undefined : outcome.problem);
    setDone(false);
    if (!outcome.ok) return;
    setAddress(outcome.value.address);
    setThere(true);
  };
  const end = async () => {
    const outcome = await send(withdraw);
    setFailure(outcome.ok ? undefined : outcome.problem);
    setDone(outcome.ok);
    if (!outcome.ok) return;
    setAddress(undefined);
    setThere(false);
  };
  return (
    <div className="mt-3">
      <p className="text-note text-muted">{t("days.addressLead")}</p>
      {address && (
        <p className="mt-1 border-rule border-ink bg-card p-2">
          <span className="block text-note font-semibold text-beet">▲ {t("days.addressOnce")}</span>
          <a href={address} className="wrap-anywhere underline">
            {address}
          </a>
        </p>
      )}
      <OutcomeLines done={done && t("days.addressGone")} failure={failure}>
        <Button onClick={() => void begin()}>{t(isThere ? "days.addressAnew" : "days.addressMake")}</Button>
        {isThere && (
          <Button look="quiet" onClick={() => void end()}>
            {t("days.addressWithdraw")}
          </Button>
        )}
      </OutcomeLines>
    </div>
  );
}
