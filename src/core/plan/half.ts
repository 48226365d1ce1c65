import { type Half, HALVES } from "../placement";
import type { Planting } from "./plan";

/** The half of the top that a planting keeps to; undefined when it has all of it, or stands elsewhere. */
export const halfOf = ({ surface }: Pick<Planting, "surface">): Half | undefined =>
  HALVES.find((half) => half === surface);
