"use client";

import { useMemo } from "react";
import type { PlainSetting, Reference, Setting } from "@/core/garden";

/** What plans are judged against, with look-ups into the library that came with the page. */
export function settingFrom(plain: PlainSetting, reference: Reference): Setting {
  const shapes = new Map(reference.bagKinds.map((kind) => [kind.id, kind.shape]));
  const goals = new Map(reference.crops.flatMap((crop) => crop.goals.map((goal) => [goal.id, { crop, goal }] as const)));
  return { ...plain, findShape: (id: string) => shapes.get(id), findGoal: (id: string) => goals.get(id) };
}

export const useSetting = (plain: PlainSetting, reference: Reference): Setting => useMemo(() => settingFrom(plain, reference), [plain, reference]);
