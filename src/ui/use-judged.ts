"use client";

import { useMemo } from "react";
import type { Override } from "@/core/override";
import { type PlainSetting, type Reference, type Setting, settingFrom } from "@/core/setting";
import { referenceWith } from "@/library";

/** What plans are judged against, as it travels and as it is used. */
export interface Judged {
  readonly plain: PlainSetting;
  readonly overrides: readonly Override[];
  readonly reference: Reference;
  readonly setting: Setting;
}

/** The library with a programme's own values: the browser holds what ships, so that a page brings only what differs. */
export const useReference = (overrides: readonly Override[]): Reference =>
  useMemo(() => referenceWith(overrides), [overrides]);

/** What plans are judged against, from what a page brings. */
export function useJudged(plain: PlainSetting, overrides: readonly Override[]): Judged {
  const reference = useReference(overrides);
  return useMemo(
    () => ({ plain, overrides, reference, setting: settingFrom(plain, reference) }),
    [plain, overrides, reference],
  );
}
