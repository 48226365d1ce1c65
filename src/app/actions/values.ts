"use server";

import type { TownClimate } from "@/core/climate";
import type { RowFault } from "@/core/exchange";
import type { OwnMix, Sizes } from "@/core/mix";
import type { Price, SharedGroup } from "@/core/money";
import type { Outcome } from "@/core/problem";
import type { Weighing } from "@/core/record";
import type { Schools } from "@/core/school";
import type { WeatherMode } from "@/core/weather";
import { saveClimate } from "@/server/climate";
import { saveStock } from "@/server/kit";
import { chooseMix, removeMix, saveMix, saveSizes } from "@/server/mixes";
import { importPrices, savePrice } from "@/server/prices";
import { type PlanDifference, overrideValue, previewOverride } from "@/server/reference";
import { type SchoolsEffect, previewSchools, saveSchools } from "@/server/schools";
import { saveWeighing } from "@/server/season";
import { saveTogether } from "@/server/together";
import { type ImportReport, importValues } from "@/server/values-file";
import { setWeatherMode } from "@/server/weather";
import { acting, changing } from "./acting";

export async function previewOverrideAction(
  name: string,
  value: number | null,
): Promise<Outcome<PlanDifference[]>> {
  return acting("change-programme", (actor) => previewOverride(actor, String(name), value));
}

export async function overrideAction(
  name: string,
  value: number | null,
  reason: string,
): Promise<Outcome<null>> {
  return changing("change-programme", (actor) => overrideValue(actor, String(name), value, String(reason)));
}

export async function importValuesAction(text: string): Promise<Outcome<ImportReport>> {
  return changing("change-programme", (actor) => importValues(actor, String(text)));
}

export async function saveClimateAction(climate: TownClimate | null): Promise<Outcome<null>> {
  return changing("change-programme", (actor) => saveClimate(actor, climate));
}

export async function previewSchoolsAction(
  householdId: string | null,
  schools: Schools,
  isAll: boolean,
): Promise<Outcome<SchoolsEffect>> {
  return acting("change-programme", (actor) => previewSchools(actor, householdId, schools, isAll));
}

export async function saveSchoolsAction(
  householdId: string | null,
  schools: Schools,
): Promise<Outcome<null>> {
  return changing("change-programme", (actor) => saveSchools(actor, householdId, schools));
}

export async function savePriceAction(
  price: Omit<Price, "minor"> & { readonly minor: number | null },
): Promise<Outcome<null>> {
  return changing("change-programme", (actor) => savePrice(actor, price));
}

export async function saveTogetherAction(groups: readonly SharedGroup[]): Promise<Outcome<null>> {
  return changing("change-programme", (actor) => saveTogether(actor, groups));
}

export async function importPricesAction(
  text: string,
): Promise<Outcome<{ stored: number; faults: readonly RowFault[] }>> {
  return changing("change-programme", (actor) => importPrices(actor, String(text)));
}

export async function chooseMixAction(id: string): Promise<Outcome<null>> {
  return changing("change-programme", (actor) => chooseMix(actor, id));
}

export async function saveMixAction(mix: OwnMix): Promise<Outcome<null>> {
  return changing("change-programme", (actor) => saveMix(actor, mix));
}

export async function removeMixAction(id: string): Promise<Outcome<null>> {
  return changing("change-programme", (actor) => removeMix(actor, id));
}

export async function saveSizesAction(sizes: Sizes): Promise<Outcome<null>> {
  return changing("change-programme", (actor) => saveSizes(actor, sizes));
}

export async function setWeatherModeAction(mode: WeatherMode): Promise<Outcome<null>> {
  return changing("change-programme", (actor) => setWeatherMode(actor, mode));
}

export async function saveStockAction(item: string, amount: number): Promise<Outcome<null>> {
  return changing("change-programme", (actor) => saveStock(actor, { item, amount }));
}

export async function saveWeighingAction(weighing: Weighing): Promise<Outcome<null>> {
  return changing("change-programme", (actor) => saveWeighing(actor, weighing));
}
