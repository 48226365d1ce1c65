"use client";

import { useEffect, useState } from "react";
import { Button } from "@/ui/primitives/button";
import { t } from "./words";

const MINUTE_MS = 60_000;

/** Minutes of a soak, counted down on the device's own clock, so that a screen that slept is right again. */
export function Timer({ minutes }: { minutes: number }) {
  const [endsAt, setEndsAt] = useState<number>();
  const [now, setNow] = useState(0);
  useEffect(() => {
    if (endsAt === undefined) return;
    const tick = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(tick);
  }, [endsAt]);
  const leftMs = endsAt === undefined ? 0 : Math.max(0, endsAt - now);
  const left = `${Math.floor(leftMs / MINUTE_MS)}:${String(Math.floor((leftMs % MINUTE_MS) / 1000)).padStart(2, "0")}`;
  const start = () => {
    setNow(Date.now());
    setEndsAt(Date.now() + minutes * MINUTE_MS);
  };
  if (endsAt === undefined)
    return (
      <Button className="min-h-11" onClick={start}>
        {t("steps.timer", { minutes })}
      </Button>
    );
  return (
    <span className="inline-flex items-center gap-2">
      <b role="timer" className="font-head text-lg tabular-nums">
        {leftMs > 0 ? t("steps.timerRuns", { left }) : t("steps.timerOver")}
      </b>
      <Button look="quiet" className="min-h-11" onClick={() => setEndsAt(undefined)}>
        {t("steps.stop")}
      </Button>
    </span>
  );
}
