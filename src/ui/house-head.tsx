"use client";

import { useSelectedLayoutSegment } from "next/navigation";
import type { NextStep } from "@/core/record";
import { useWords } from "@/ui/words/use-words";
import { PlaceTabs } from "./place-tabs";
import { useRights } from "./rights";
import { HOUSE_PLACES, OWN_PLACES } from "./places";
import { Link } from "@/ui/primitives/link";
import { nav } from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

const t = translator({ nav });

interface HouseHeadProps {
  readonly household: { readonly id: string; readonly code: string; readonly name: string };
  readonly next: NextStep | undefined;
}

/** The second floor of the head: a household's name and number, its own places (on a phone at the thumb), and its one next step. */
export function HouseHead({ household: { id, code, name }, next }: HouseHeadProps) {
  const { nextStep } = useWords();
  const { seesAll } = useRights();
  const place = useSelectedLayoutSegment();
  const step = next && nextStep(next);
  const isOwn = place === "garden" || !seesAll;
  const places = isOwn ? OWN_PLACES : HOUSE_PLACES;
  return (
    <div className="flex flex-wrap items-center gap-x-5 border-b border-line px-4 lg:px-6 print:hidden">
      <p className="min-w-0 truncate py-1.5 font-head font-bold lg:max-w-[16rem]">
        <span className="text-muted">{code}</span> {name}
      </p>
      <PlaceTabs
        label={t("nav.house", { name })}
        className="fixed inset-x-0 bottom-0 z-6 justify-between gap-x-1 border-t-rule border-ink bg-paper px-2 lg:static lg:justify-start lg:gap-x-5 lg:border-t-0 lg:bg-transparent lg:px-0"
        places={places.map((p) => ({
          href: `/house/${id}/${p}`,
          name: t(`nav.${p}`),
          isHere: place === p,
        }))}
      />
      {isOwn && seesAll && (
        <Link
          href={`/house/${id}/bench`}
          className="ml-auto flex min-h-9 items-center text-note text-muted hover:underline"
        >
          {t("nav.trainersView")}
        </Link>
      )}
      {step && !isOwn && (
        <Link
          href={`/house/${id}/${step.place}`}
          className={`ml-auto flex min-h-9 items-center text-note font-semibold underline-offset-2 hover:underline ${step.isLate ? "text-beet" : ""}`}
        >
          <span>
            {step.isLate ? "▲ " : "→ "}
            {step.text}
          </span>
        </Link>
      )}
    </div>
  );
}
