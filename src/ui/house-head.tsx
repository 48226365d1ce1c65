"use client";

import Link from "next/link";
import { useSelectedLayoutSegment } from "next/navigation";
import { tabClass } from "@/ui/frame";
import { useWords } from "@/ui/words/use-words";

const PLACES = ["doorstep", "match", "bench", "log"] as const;

interface HouseHeadProps {
  readonly household: { readonly id: string; readonly code: string; readonly name: string };
}

/** The second floor of the head: a household's name and number, and its own places. */
export function HouseHead({ household: { id, code, name } }: HouseHeadProps) {
  const { t } = useWords();
  const place = useSelectedLayoutSegment();
  return (
    <nav
      aria-label={t("nav.house", { name })}
      className="flex items-center gap-3.5 overflow-x-auto border-b border-line px-4 text-note sm:gap-5 lg:px-6 print:hidden"
    >
      <p className="max-w-[40vw] shrink-0 truncate font-head font-bold">
        <span className="text-muted">{code}</span> {name}
      </p>
      {PLACES.map((p) => (
        <Link
          key={p}
          href={`/house/${id}/${p}`}
          className={tabClass(place === p)}
          aria-current={place === p ? "page" : undefined}
        >
          {t(`nav.${p}`)}
        </Link>
      ))}
    </nav>
  );
}
