"use client";

import { useMemo } from "react";
import { type PlainSetting, type Reference, type Setting, settingFrom } from "@/core/setting";

/** What plans are judged against, with look-ups into the library that came with the page. */
export const useSetting = (plain: PlainSetting, reference: Reference): Setting =>
  useMemo(() => settingFrom(plain, reference), [plain, reference]);
