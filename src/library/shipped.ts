import type { Reference } from "@/core/setting";
import { BAG_KINDS } from "./bags";
import { CROPS } from "./crops";

/** The library as it ships, as plain data. */
export const SHIPPED: Reference = { crops: CROPS, bagKinds: BAG_KINDS };
