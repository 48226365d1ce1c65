import type { SowingMethod } from "@/core/crop";
import { BLANK_SURVEY, type SurveyTyped } from "@/core/place";
import type { Detail, RecordKind } from "@/core/record";

/** One happening: kind, day, the amount as a person types it ("30" where pieces are counted, "420 g", "3 bunches"), a note, and what else is said. */
export type Happening = readonly [
  kind: RecordKind,
  on: string,
  amount?: string,
  note?: string,
  detail?: Detail,
];

export interface DemoPlanting {
  readonly goal: string;
  readonly method: SowingMethod;
  readonly sowOn: string;
  readonly plants?: number;
  readonly surface?: "top" | "edge" | "side";
  readonly records?: readonly Happening[];
}

export interface DemoBag {
  readonly kind: string;
  readonly atHand?: boolean;
  readonly firstSeason?: number;
  readonly measured?: {
    readonly kind: "round";
    readonly diameterCm: number;
    readonly heightCm: number;
    readonly nominalL: number;
  };
  readonly plantings?: readonly DemoPlanting[];
}

export interface DemoHousehold {
  readonly survey: SurveyTyped;
  readonly bags: readonly DemoBag[];
}

type Means = Partial<
  Pick<
    SurveyTyped,
    | "skill"
    | "trays"
    | "cells"
    | "budget"
    | "water"
    | "away"
    | "faces"
    | "doorAt"
    | "doorWide"
    | "hooks"
    | "hookLimit"
    | "site"
    | "sell"
  >
> &
  Partial<SurveyTyped["wants"]>;

interface Asked extends Pick<SurveyTyped, "name" | "tastes"> {
  readonly people: readonly [adults: number, children: number];
  readonly place: Pick<SurveyTyped, "kind" | "length" | "width" | "limit">;
  readonly sun: readonly (readonly [from: string, to: string])[];
  readonly note?: string;
}

/** A survey's form, filled in. What a household says nothing of is left as the form begins. */
export const survey = (
  { name, people, tastes, place, sun, note = "" }: Asked,
  means: Means = {},
): SurveyTyped => {
  const { groups = {}, must = [], never = [], ...brings } = means;
  return {
    ...BLANK_SURVEY,
    name,
    adults: String(people[0]),
    children: String(people[1]),
    tastes,
    note,
    ...place,
    sun: sun.map(([from, to]) => ({ from, to })),
    wants: { groups, must: [...must], never: [...never] },
    ...brings,
  };
};
