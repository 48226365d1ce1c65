import type { Beside as BesideFacts, WayName } from "@/core/findings";
import { FactTable } from "@/ui/primitives/fact-table";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

type Words = Pick<ReturnType<typeof useWords>, "bag">;

const PLAIN = ["season", "sowing", "bag", "method", "variety"] as const;
const isPlain = (name: WayName): name is (typeof PLAIN)[number] => PLAIN.some((plain) => plain === name);

/** What plantings differ in. */
export const kindText = (name: WayName): string =>
  isPlain(name) ? t(`findings.drivers.${name}`) : t(`ways.names.${name}`);

/** One of its ways. */
export function wayText(name: WayName, way: string, { bag }: Words): string {
  if (name === "bag") return bag(way);
  if (name === "method") return t(`methods.${way as "cells"}`);
  if (name === "sowing") return t(`findings.sowing.${way as "early"}`);
  return isPlain(name) ? way : t(`ways.options.${name}.${way}` as "ways.options.water.deep");
}

/** Plantings of a crop beside each other: season against season, bag against bag, one way against another. */
export function Beside({ beside }: { beside: readonly BesideFacts[] }) {
  const words = useWords();
  const { quantity, number } = words;
  if (beside.length === 0) return null;
  return (
    <section aria-label={t("findings.beside")} className="mt-4">
      <h3 className="font-bold">{t("findings.beside")}</h3>
      <p className="text-fine text-muted">{t("findings.besideLead")}</p>
      <div className="mt-1 grid items-start gap-x-8 gap-y-4 lg:grid-cols-2">
        {beside.map(({ by, groups, p, differ }) => (
          <div key={by} className="min-w-0">
            <FactTable
              head={[
                kindText(by),
                t("letter.plantings"),
                t("findings.houses"),
                t("findings.pickIn"),
                t("findings.aPlanting"),
              ]}
              rows={groups.map(({ way, plantings, households, pick, kg }) => [
                wayText(by, way, words),
                String(plantings),
                String(households),
                pick.day === undefined ? "–" : number(Math.round(pick.day)),
                kg === undefined ? "–" : quantity(kg, "mass"),
              ])}
            />
            {p !== undefined && (
              <p className="text-fine text-muted">{t(differ ? "findings.differ" : "findings.alike")}</p>
            )}
          </div>
        ))}
      </div>
    </section>
  );
}
