"use client";

import { ChevronLeft, ChevronRight } from "lucide-react";
import { buttonClass } from "./button";
import { Link } from "./link";
import { t } from "./words";

interface PagesProps {
  readonly page: number;
  readonly pages: number;
  readonly hrefOf: (page: number) => string;
}

/** The way through a list that is too long for one page; nothing for one that is not. */
export function Pages({ page, pages, hrefOf }: PagesProps) {
  if (pages <= 1) return null;
  return (
    <nav aria-label={t("pages.page", { page, pages })} className="flex items-center gap-3 py-3">
      {page > 1 && (
        <Link href={hrefOf(page - 1)} className={buttonClass("open")} rel="prev">
          <ChevronLeft aria-hidden="true" className="size-4" /> {t("pages.before")}
        </Link>
      )}
      <span>{t("pages.page", { page, pages })}</span>
      {page < pages && (
        <Link href={hrefOf(page + 1)} className={buttonClass("open")} rel="next">
          {t("pages.next")} <ChevronRight aria-hidden="true" className="size-4" />
        </Link>
      )}
    </nav>
  );
}
