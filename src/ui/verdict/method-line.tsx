"use client";

import { type Method, setsPlants } from "@/core/crop";
import type { SchoolsInForce } from "@/core/school";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

/** How a planting is started: the method, why this one, how deep, and the sign to move it by. */
export function MethodLine({
  method,
  why,
  family,
  schools,
}: {
  method: Method;
  why: string;
  family: string;
  schools: SchoolsInForce;
}) {
  const { quantity } = useWords();
  const how = [
    method.depthCm >= 0.5
      ? t("methodHow.depth", { depth: quantity(method.depthCm, "length") })
      : method.method === "bought"
        ? ""
        : t("methodHow.surface"),
    method.seeds && t("methodHow.seeds", { seeds: method.seeds }),
    method.move?.leaf && t("methodHow.leaf", { leaf: method.move.leaf }),
    family === "Brassicaceae" && setsPlants(method.method) && t(`methodHow.${schools.brassicaDepth}`),
    method.move?.heightCm && t("methodHow.height", { height: quantity(method.move.heightCm, "length") }),
  ].filter(Boolean);
  return (
    <p className="text-note">
      <b>{t(`methods.${method.method}`)}</b> – {t(`methodWhy.${why as Method["why"]}`)}
      {how.length > 0 && <span className="text-muted">; {how.join(", ")}</span>}
    </p>
  );
}
