import { cookies } from "next/headers";
import type { UnitSystem } from "@/core/quantity";

/** The units that the reader has chosen. */
export const readUnits = async (): Promise<UnitSystem> =>
  (await cookies()).get("units")?.value === "us" ? "us" : "metric";
