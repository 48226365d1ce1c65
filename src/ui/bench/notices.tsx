import { farOver, type Garden } from "@/core/garden";
import { Button } from "@/ui/primitives/button";
import { Caution } from "@/ui/primitives/caution";
import { useWords } from "@/ui/words/use-words";
import type { Saving } from "./use-saving";
import { t } from "./words";

/** What went wrong with saving, and the choice between two plans where another person saved in between. */
export function SavingNotices({ saving }: { saving: Saving }) {
  const { problem } = useWords();
  const { failure, conflict, isBusy, version, keepMine, takeTheirs } = saving;
  return (
    <>
      {failure && (
        <p role="alert" className="px-4 py-2 font-semibold text-beet lg:px-6">
          ✕ {problem(failure)}
        </p>
      )}
      {conflict && (
        <section
          role="alert"
          aria-label={t("bench.conflictTitle")}
          className="border-b-rule border-beet bg-card px-4 py-3 lg:px-6"
        >
          <h2 className="text-lg font-bold text-beet">▲ {t("bench.conflictTitle")}</h2>
          <p className="my-1">
            {t("bench.conflict", { by: conflict.savedBy ?? "", version: conflict.version, mine: version })}
          </p>
          <div className="flex flex-wrap gap-2">
            <Button look="solid" disabled={isBusy} onClick={() => keepMine(conflict)}>
              {t("bench.keepMine")}
            </Button>
            <Button disabled={isBusy} onClick={() => void takeTheirs(conflict)}>
              {t("bench.takeTheirs")}
            </Button>
          </div>
        </section>
      )}
    </>
  );
}

/** The cautions of a plan that is too heavy for its floor, for a spot of it, or for its hooks. */
export function LoadCautions({ garden, limitKgM2 }: { garden: Garden; limitKgM2: number | undefined }) {
  const { quantity, percent, number } = useWords();
  const { load, hanging } = garden;
  const spotsOver = garden.rows.filter((r) => r.load?.grade === "over").length;
  const times = farOver(garden);
  const hooksOver = garden.rows.filter((r) => r.hook?.grade === "over");
  return (
    <>
      {(load.grade === "over" || load.grade === "near" || spotsOver > 0) && limitKgM2 !== undefined && (
        <div className="grid gap-1 border-b border-line px-4 py-2 lg:px-6">
          {load.grade === "over" && (
            <Caution grave>
              {t("bench.totalOver", {
                load: quantity(load.kgM2, "load"),
                limit: quantity(limitKgM2, "load"),
              })}
            </Caution>
          )}
          {load.grade === "near" && (
            <Caution grave>{t("bench.totalNear", { share: percent(load.share ?? 0) })}</Caution>
          )}
          {spotsOver > 0 && (
            <Caution grave={times === undefined ? true : "stop"}>
              {t("bench.spotsOver", { count: spotsOver })}{" "}
              {times !== undefined && `${t("bench.farOver", { times: number(times) })} `}
              {t("cautions.floor")}
            </Caution>
          )}
        </div>
      )}
      {(hanging.unhooked > 0 || hooksOver.length > 0) && (
        <div className="grid gap-1 border-b border-line px-4 py-2 lg:px-6">
          <Caution grave>
            {hanging.unhooked > 0 && `${t("bench.unhooked", { count: hanging.unhooked })} `}
            {hooksOver.map(
              (r) =>
                `${t("bench.hookOver", { wet: quantity(r.wetKg, "mass"), limit: quantity(r.hook?.limitKg ?? 0, "mass") })} `,
            )}
            {t("cautions.floor")}
          </Caution>
        </div>
      )}
    </>
  );
}
