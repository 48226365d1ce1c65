"use client";

import { useRouter } from "next/navigation";
import type { PartAsk, Parts } from "@/core/findings";
import { SelectField } from "@/ui/primitives/field";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

export interface NarrowProps {
  readonly ask: PartAsk;
  /** What can be asked for. */
  readonly parts: Parts;
}

type Key = keyof PartAsk;
const schoolText = ({ name, choice }: NonNullable<PartAsk["school"]>) => `${name}:${choice}`;

/** What is asked for, as it stands in an address. */
export function addressOf({ school, ...ask }: PartAsk): string {
  const kept = Object.entries({ ...ask, school: school && schoolText(school) }).flatMap(([key, value]) =>
    value === undefined ? [] : [[key, String(value)]],
  );
  return kept.length > 0 ? `?${new URLSearchParams(kept)}` : "";
}

/** Chooses a part of the records: one crop, season, place, bag, start or way alone. Kinds in which all are alike are not offered. */
export function Narrow({ ask, parts }: NarrowProps) {
  const { crop, bag } = useWords();
  const router = useRouter();
  const byName = (a: readonly [string, string], b: readonly [string, string]) => a[1].localeCompare(b[1]);
  const kinds: readonly (readonly [Key, string, readonly (readonly [string, string])[]])[] = [
    ["goal", t("findings.crop"), parts.goals.map((id) => [id, crop(id)] as const).sort(byName)],
    ["year", t("findings.year"), parts.years.map((year) => [String(year), String(year)])],
    ["place", t("findings.place"), parts.places.map((kind) => [kind, t(`places.${kind}`)])],
    ["bag", t("findings.bag"), parts.bags.map((kind) => [kind, bag(kind)])],
    [
      "method",
      t("findings.drivers.method"),
      parts.methods.map((method) => [method, t(`methods.${method as "cells"}`)]),
    ],
    [
      "school",
      t("findings.school"),
      parts.schools.map((school) => [
        schoolText(school),
        `${t(`ways.names.${school.name}`)}: ${t(`ways.options.${school.name}.${school.choice}` as "ways.options.water.deep")}`,
      ]),
    ],
  ];
  const now = (key: Key) => (key === "school" ? ask.school && schoolText(ask.school) : ask[key]) ?? "";
  const go = (key: Key, value: string) => {
    const { [key]: _, ...rest } = ask;
    const query = new URLSearchParams(addressOf(rest));
    if (value) query.set(key, value);
    router.push(query.size > 0 ? `/findings?${query}` : "/findings");
  };
  return kinds.map(
    ([key, label, options]) =>
      (options.length > 1 || now(key)) && (
        <SelectField
          key={key}
          label={label}
          className="max-w-44"
          value={now(key)}
          onChange={(e) => go(key, e.target.value)}
        >
          <option value="">{t("findings.all")}</option>
          {options.map(([value, text]) => (
            <option key={value} value={value}>
              {text}
            </option>
          ))}
        </SelectField>
      ),
  );
}
