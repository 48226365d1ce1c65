"use client";

import { useState } from "react";
import type { Stages } from "@/core/calendar";
import type { Crop, Goal, Method } from "@/core/crop";
import type { PlainSetting } from "@/core/setting";
import { shoppingOf } from "@/core/money";
import { sowingBill } from "@/core/sowing";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

const CONFIDENCES = [0.7, 0.9, 0.97] as const;

interface BillProps {
  readonly of: { readonly crop: Crop; readonly goal: Goal; readonly method: Method; readonly stages: Stages };
  readonly plants: number | undefined;
  readonly areaCm2: number;
  /** What the programme knows: own germination, cells at hand, prices. */
  readonly setting: PlainSetting;
}

/** What the sowing takes, at a confidence that the person chooses: seeds, cells, weight, and until when seedlings may wait. */
export function Bill({ of, plants, areaCm2, setting }: BillProps) {
  const { quantity, percent, day, money } = useWords();
  const [confidence, setConfidence] = useState<number>(0.9);
  if (plants === 0) return null;
  const own = setting.germination?.[of.crop.id];
  const bill = sowingBill(of, { plants, areaCm2 }, confidence, own?.share);
  const wanted =
    bill.pieces === undefined
      ? { item: `packet/${of.crop.id}`, amount: bill.seedG ?? 0 }
      : { item: `piece/${of.crop.id}`, amount: bill.pieces };
  const { minor, lines, unpriced, shared } = shoppingOf([wanted], setting.prices ?? {});
  const cells = setting.hands?.cells ?? Number.POSITIVE_INFINITY;
  return (
    <div className="text-note">
      <p className="font-semibold">
        {bill.pieces !== undefined && t(`bill.pieces.${of.method.method as "sets"}`, { n: bill.pieces })}
        {bill.places &&
          t(of.method.method === "cells" ? "bill.cells" : "bill.stations", {
            n: bill.places.count,
            each: bill.places.seedsEach,
          })}
        {bill.seeds !== undefined && !bill.places && t("bill.seeds", { n: bill.seeds })}
        {bill.seeds === undefined &&
          bill.seedG !== undefined &&
          t("bill.strew", { weight: quantity(bill.seedG / 1000, "mass") })}
        {bill.seeds !== undefined && bill.seedG !== undefined && (
          <span className="font-normal text-muted">
            {" "}
            {t("bill.weight", { weight: quantity(bill.seedG / 1000, "mass") })}
          </span>
        )}
      </p>
      {bill.chance !== undefined && bill.germination !== undefined && (
        <p className="flex flex-wrap items-center gap-x-2 text-muted">
          {t("bill.chance", { chance: percent(bill.chance), germination: percent(bill.germination) })}
          <label className="flex items-center gap-1">
            <span className="sr-only">{t("bill.sure")}</span>
            <select
              className="border-b border-ink bg-transparent py-0.5 text-ink"
              value={confidence}
              onChange={(e) => setConfidence(Number(e.target.value))}
            >
              {CONFIDENCES.map((c) => (
                <option key={c} value={c}>
                  {t("bill.atLeast", { chance: percent(c) })}
                </option>
              ))}
            </select>
          </label>
        </p>
      )}
      {own && bill.germination !== undefined && (
        <p className="text-muted">{t("bill.own", { up: own.up, sown: own.sown })}</p>
      )}
      {of.method.method === "cells" && bill.places && bill.places.count > cells && (
        <p className="font-semibold">▲ {t("bill.cellsShort", { cells })}</p>
      )}
      {lines.length > 0 && unpriced === 0 && (
        <p className="text-muted">{t(shared ? "bill.costsShare" : "bill.costs", { money: money(minor) })}</p>
      )}
      {bill.spare !== undefined && bill.spare > 0 && (
        <p className="text-muted">{t("bill.spare", { n: bill.spare })}</p>
      )}
      {bill.moveOn && bill.holdUntil && (
        <p className="text-muted">{t("bill.hold", { day: day(bill.moveOn), until: day(bill.holdUntil) })}</p>
      )}
      {of.method.thin && (
        <p className="text-muted">
          {t("bill.thin", {
            steps: of.method.thin.map((s) => `${s.afterUp} d: ${quantity(s.toCm, "length")}`).join(", "),
          })}
        </p>
      )}
    </div>
  );
}
