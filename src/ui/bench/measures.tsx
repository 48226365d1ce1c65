"use client";

import type { z } from "zod";
import type { BagShape } from "@/core/bag";
import { optionalQuantityField, quantityField, wholeField } from "@/core/quantity";
import { TypedField } from "@/ui/primitives/typed-field";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

const LABELS = {
  diameterCm: "diameter",
  heightCm: "height",
  lengthCm: "length",
  widthCm: "width",
  topCm: "top",
  baseCm: "base",
  coreCm: "core",
  rimCm: "rim",
  holes: "holes",
  tiers: "tiers",
  tierHeightCm: "tierHeight",
  pockets: "pockets",
  rings: "rings",
  nominalL: "nominal",
} as const;
type Measure = keyof typeof LABELS;

const ORDER: Record<BagShape["kind"], readonly Measure[]> = {
  round: ["diameterCm", "heightCm", "nominalL"],
  tub: ["lengthCm", "widthCm", "heightCm", "nominalL"],
  pot: ["topCm", "baseCm", "heightCm", "nominalL"],
  flat: ["lengthCm", "widthCm", "nominalL"],
  pocket: ["diameterCm", "heightCm", "pockets", "rings"],
  tiers: ["diameterCm", "tierHeightCm", "tiers", "pockets"],
  tower: ["diameterCm", "heightCm", "holes", "rings", "coreCm"],
};

const LONGEST_CM = 300;
/** Nothing grows in less, cm: a cup is 8 across. */
const LEAST_CM = 3;

/** What a measure may be, given the others: a core stays inside its tower. */
function schemaOf(shape: BagShape, key: Measure): z.ZodType<number | undefined, string> {
  if (key === "holes" || key === "pockets") return wholeField(1, 500);
  if (key === "rings") return wholeField(1, 40);
  if (key === "tiers") return wholeField(1, 12);
  if (key === "nominalL") {
    return shape.kind === "flat"
      ? quantityField("volume", 500).transform((q) => q.value)
      : optionalQuantityField("volume", 5000).transform((q) => q?.value);
  }
  const most =
    key === "coreCm" && shape.kind === "tower"
      ? shape.diameterCm - 1
      : key === "heightCm"
        ? 200
        : key === "tierHeightCm"
          ? 60
          : LONGEST_CM;
  const least = key === "coreCm" || key === "rimCm" ? 0 : LEAST_CM;
  return quantityField("length", most)
    .transform((q) => q.value)
    .refine((cm) => cm >= least, { error: "too-thin" });
}

/** A bag's own inner measures; each takes effect as soon as it can be read. */
export function Measures({ shape, onShape }: { shape: BagShape; onShape: (shape: BagShape) => void }) {
  const { quantity } = useWords();
  const values = shape as unknown as Partial<Record<Measure, number>>;
  const shown = (key: Measure) => {
    const value = values[key];
    if (value === undefined) return "";
    return key === "nominalL"
      ? quantity(value, "volume")
      : key.endsWith("Cm")
        ? quantity(value, "length")
        : String(value);
  };
  return (
    <div className="grid grid-cols-3 gap-2">
      {ORDER[shape.kind].map((key) => (
        <TypedField
          key={key}
          label={t(`bench.${LABELS[key]}`)}
          text={shown(key)}
          schema={schemaOf(shape, key)}
          onValue={(value) => onShape({ ...shape, [key]: value } as BagShape)}
        />
      ))}
    </div>
  );
}
