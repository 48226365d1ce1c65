"use client";

import { HOUSEHOLD_STAGES, type HouseholdStage } from "@/core/record";
import type { Role } from "@/core/role";
import { beginAnew } from "@/ui/offline/signal";
import { Button, buttonClass } from "@/ui/primitives/button";
import { Link } from "@/ui/primitives/link";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

export interface ProgrammesProps {
  readonly programmes: readonly {
    readonly id: string;
    readonly name: string;
    readonly town: string;
    readonly role: Role;
    readonly isHere: boolean;
    readonly households: number;
    readonly stages: Partial<Record<HouseholdStage, number>>;
    readonly pressing: number;
    readonly quiet: number;
    readonly kg: number;
    readonly pickers: number;
  }[];
  /** All of them together. */
  readonly all: { readonly households: number; readonly kg: number };
  readonly mayBegin: boolean;
  readonly choose: (programmeId: string) => Promise<void>;
}

/** All programmes that somebody works in: how far the households of each are, what presses, what came in. */
export function Programmes({ programmes, all, mayBegin, choose }: ProgrammesProps) {
  const { quantity } = useWords();
  return (
    <div className="px-4 py-4 lg:px-6">
      <div className="flex flex-wrap items-end gap-4">
        <div>
          <h1 className="text-title font-bold">{t("programmes.title")}</h1>
          <p className="text-muted">
            {t("programmes.lead", {
              count: programmes.length,
              households: all.households,
              kg: quantity(all.kg, "mass"),
            })}
          </p>
        </div>
        {mayBegin && (
          <Link href="/programmes/new" className={`${buttonClass("open")} ml-auto`}>
            {t("shared.begin")}
          </Link>
        )}
      </div>
      <ul className="mt-3 border-t-rule border-ink">
        {programmes.map((p) => {
          const stages = HOUSEHOLD_STAGES.filter((stage) => p.stages[stage]);
          return (
            <li
              key={p.id}
              className="grid gap-x-6 gap-y-1 border-b border-line py-3 md:grid-cols-[16rem_1fr_auto]"
            >
              <div>
                <h2 className="text-lg font-bold">{p.name}</h2>
                <p className="text-note text-muted">
                  {p.town} · {t(`roles.${p.role}`)}
                </p>
              </div>
              <div className="text-note">
                <p>
                  <b>{t("programmes.households", { count: p.households })}</b>
                  {stages.length > 0 &&
                    `: ${stages.map((s) => `${p.stages[s]} ${t(`stages.${s}`)}`).join(", ")}`}
                </p>
                <p>
                  {t("programmes.picked", { kg: quantity(p.kg, "mass"), pickers: p.pickers })}
                  {p.pressing > 0 && (
                    <span className="font-semibold"> {t("programmes.pressing", { count: p.pressing })}</span>
                  )}
                  {p.quiet > 0 && (
                    <span className="font-semibold text-beet">
                      {" "}
                      ▲ {t("programmes.quiet", { count: p.quiet })}
                    </span>
                  )}
                </p>
              </div>
              {p.isHere ? (
                <p className="self-center font-semibold">✓ {t("programmes.here")}</p>
              ) : (
                <Button
                  className="min-h-11 self-center"
                  aria-label={`${t("programmes.go")}: ${p.name}`}
                  onClick={() => void choose(p.id).then(() => beginAnew("/"))}
                >
                  {t("programmes.go")}
                </Button>
              )}
            </li>
          );
        })}
      </ul>
    </div>
  );
}
