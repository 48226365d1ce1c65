"use client";

import { useEffect, useRef, useState } from "react";
import { atRest, type Reading } from "@/core/record";
import { Button } from "@/ui/primitives/button";
import { useWords } from "@/ui/words/use-words";
import { hearScale } from "@/standins/scale";
import { t } from "./words";

/** So many readings are looked back upon. */
const KEPT = 30;

/** Takes the weight from a kitchen scale once it is at rest, and again when something else lies on it. */
export function ScaleField({ onWeight }: { onWeight: (g: number) => void }) {
  const { quantity } = useWords();
  const [isHeard, setHeard] = useState(false);
  const [shown, setShown] = useState<number>();
  const [isTaken, setTaken] = useState(false);
  const onWeightNow = useRef(onWeight);
  useEffect(() => {
    onWeightNow.current = onWeight;
  });
  useEffect(() => {
    if (!isHeard) return;
    let readings: Reading[] = [];
    let taken: number | undefined;
    return hearScale((reading) => {
      readings = [...readings, reading].slice(-KEPT);
      setShown(reading.g);
      const rested = atRest(readings);
      setTaken(rested !== undefined && rested === taken);
      if (rested === undefined || rested === taken) return;
      taken = rested;
      onWeightNow.current(rested);
    });
  }, [isHeard]);
  if (!isHeard)
    return (
      <Button className="min-h-11 justify-self-start" onClick={() => setHeard(true)}>
        {t("log.scale")}
      </Button>
    );
  return (
    <p className="text-note">
      <span role="status" className="font-semibold">
        {shown === undefined
          ? t("log.scaleSilent")
          : t(isTaken ? "log.scaleTaken" : "log.scaleSwings", { weight: quantity(shown / 1000, "mass") })}
      </span>{" "}
      <a href="/scale" target="_blank" className="underline">
        {t("log.scaleOpen")}
      </a>
    </p>
  );
}
