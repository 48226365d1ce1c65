"use client";

import { useEffect, useRef, useState } from "react";
import { quantityField } from "@/core/quantity";
import { Scale } from "@/standins/scale";
import { Button } from "@/ui/primitives/button";
import { TypedField } from "@/ui/primitives/typed-field";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

const MOST_KG = 15;
const LOAD = quantityField("mass", MOST_KG);

/** A kitchen scale that is made up: what is put on it is heard by the record that is open in another window. */
export function KitchenScale() {
  const { units, quantity } = useWords();
  const scale = useRef<Scale>(undefined);
  const [shown, setShown] = useState(0);
  useEffect(() => {
    const own = new Scale(setShown);
    scale.current = own;
    return () => own.end();
  }, []);
  return (
    <div className="max-w-md px-4 py-4 lg:px-6">
      <h1 className="text-title font-bold">{t("scale.title")}</h1>
      <p className="mb-3 text-muted">{t("scale.lead")}</p>
      <div className="mb-4 border-rule border-ink bg-card p-4">
        <p className="text-right text-4xl font-bold tabular-nums">{quantity(shown / 1000, "mass")}</p>
      </div>
      <div className="grid gap-3">
        <TypedField
          label={t("scale.load")}
          hint={t("scale.loadHint", { units })}
          text=""
          schema={LOAD}
          onValue={({ value }) => scale.current?.put(value * 1000)}
        />
        <div className="flex gap-2">
          <Button className="min-h-11" onClick={() => scale.current?.zero()}>
            {t("scale.zero")}
          </Button>
          <Button className="min-h-11" onClick={() => scale.current?.put(0)}>
            {t("scale.clear")}
          </Button>
        </div>
      </div>
    </div>
  );
}
