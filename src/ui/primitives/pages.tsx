"use client";

import { ChevronLeft, ChevronRight } from "lucide-react";
import { useWords } from "@/ui/words/use-words";
import { buttonClass } from "./button";
import { Link } from "./link";

interface PagesProps {
  readonly page: number;
  readonly pages: number;
  readonly hrefOf: (page: number) => string;
}

/** The way through a list that is too long for one page; nothing for one that is not. */
export function Pages({ page, pages, hrefOf }: PagesProps) {
  const { t } = useWords();
  if (pages <= 1) return null;
  return (
    <nav aria-label={t("households.page", { page, pages })} className="flex items-center gap-3 py-3">
      {page > 1 && (
        <Link href={hrefOf(page - 1)} className={buttonClass("open")} rel="prev">
          <ChevronLeft aria-hidden="true" className="size-4" /> {t("households.before")}
        </Link>
      )}
      <span>{t("households.page", { page, pages })}</span>
      {page < pages && (
        <Link href={hrefOf(page + 1)} className={buttonClass("open")} rel="next">
          {t("households.next")} <ChevronRight aria-hidden="true" className="size-4" />
        </Link>
      )}
    </nav>
  );
}
