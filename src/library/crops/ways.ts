import type { Goal } from "@/core/crop";
import { range } from "./range";

type MethodData = Goal["methods"][number];

export const need = (least: number, good: number) => ({ least, good });
export const plants = (
  spacing: [number, number],
  soil: [number, number],
  sideSoil?: [number, number],
): Goal["stand"] => ({
  type: "plants",
  spacingCm: need(...spacing),
  soilL: need(...soil),
  ...(sideSoil && { sideSoilL: need(...sideSoil) }),
});
export const dense = (seedGM2: number): Goal["stand"] => ({ type: "dense", seedGM2 });

/** Ways to start, with what they usually mean; each crop changes what is its own. Assumption, no source, where a crop says nothing else. */
export const tray = (more: Partial<MethodData> = {}): MethodData => ({
  method: "tray",
  depthCm: 0.5,
  why: "choose-the-best",
  move: { afterUp: range(6, 8, 12), leaf: 3, holdDays: 7 },
  ...more,
});
export const cells = (
  afterUp: [number, number, number],
  more: Partial<MethodData> = {},
  sign: { leaf?: number; heightCm?: number; holdDays?: number } = { leaf: 4 },
): MethodData => ({
  method: "cells",
  depthCm: 1,
  seeds: 2,
  why: "choose-the-best",
  move: { afterUp: range(...afterUp), holdDays: 14, ...sign },
  ...more,
});
export const broadcast = (more: Partial<MethodData> = {}): MethodData => ({
  method: "broadcast",
  depthCm: 0.3,
  why: "quick-and-cheap",
  ...more,
});
export const drills = (more: Partial<MethodData> = {}): MethodData => ({
  method: "drills",
  depthCm: 1,
  seeds: 2,
  why: "quick-and-cheap",
  ...more,
});
export const stations = (more: Partial<MethodData> = {}): MethodData => ({
  method: "stations",
  depthCm: 3,
  seeds: 1,
  why: "hates-moving",
  ...more,
});
export const soaked: MethodData = { method: "soaked", depthCm: 0, why: "quick-and-cheap" };
export const cuttings = (depthCm = 5): MethodData => ({ method: "cuttings", depthCm, why: "not-from-seed" });
export const bought = (why: MethodData["why"] = "no-tray"): MethodData => ({
  method: "bought",
  depthCm: 0,
  why,
});
