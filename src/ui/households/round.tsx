"use client";

import { buttonClass } from "@/ui/primitives/button";
import { Link } from "@/ui/primitives/link";
import { Pages } from "@/ui/primitives/pages";
import { DueLines } from "./due-lines";
import type { Summary } from "./households";
import { t } from "./words";

interface RoundProps {
  readonly summaries: readonly Summary[];
  readonly pages: number;
  readonly ask: { readonly page: number };
}

/** The households that somebody writes for, what is due in each, and the way to write it down: for a thumb, from house to house. */
export function Round({ summaries, pages, ask }: RoundProps) {
  return (
    <div className="max-w-[44rem] px-4 py-4 lg:px-6">
      <h1 className="text-title font-bold">{t("round.title")}</h1>
      <p className="mb-3 text-muted">{summaries.length > 0 ? t("round.lead") : t("round.none")}</p>
      <ul>
        {summaries.map(({ id, code, name, due }) => (
          <li key={id} className="flex flex-wrap items-center gap-x-4 gap-y-2 border-t border-ink py-3">
            <div className="min-w-0 flex-1 basis-full sm:basis-56">
              <p className="font-head text-lg font-bold">
                <span className="text-muted">{code}</span> {name}
              </p>
              <ul className="text-note">
                <DueLines due={due} />
              </ul>
            </div>
            <Link
              href={`/house/${id}/days`}
              className={`${buttonClass("open")} min-h-11`}
              aria-label={`${t("round.days")}: ${name}`}
            >
              {t("round.days")}
            </Link>
            <Link
              href={`/house/${id}/log`}
              className={`${buttonClass("solid")} min-h-11`}
              aria-label={`${t("round.log")}: ${name}`}
            >
              {t("round.log")}
            </Link>
          </li>
        ))}
      </ul>
      <Pages page={ask.page} pages={pages} hrefOf={(n) => `/round?page=${n}`} />
    </div>
  );
}
