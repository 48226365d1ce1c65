"use client";

import { ChevronsUpDown } from "lucide-react";
import Link from "next/link";
import { usePathname, useRouter } from "next/navigation";
import { lazy, type ReactNode } from "react";
import { WhenAsked } from "@/ui/primitives/when-asked";
import { useWords } from "@/ui/words/use-words";

const Switcher = lazy(async () => ({ default: (await import("@/ui/switcher")).Switcher }));

/** What the whole programme works with. */
const PLACES = [
  { path: "/", word: "households" },
  { path: "/proposals", word: "proposals" },
  { path: "/library", word: "reference" },
  { path: "/climate", word: "town" },
] as const;

/** What holds for the programme's town: its weather, its ways, its prices. */
const TOWN_PLACES = [
  { path: "/climate", word: "climate" },
  { path: "/schools", word: "schools" },
  { path: "/prices", word: "prices" },
] as const;

/** Classes of a tab in a head. */
export const tabClass = (on: boolean): string =>
  `shrink-0 border-b-thick px-0.5 pt-3.5 pb-2.5 font-head font-semibold hover:text-ink ${on ? "border-beet text-ink" : "border-transparent text-muted"}`;

interface FrameProps {
  readonly programme: string;
  readonly day: string;
  readonly fixedDay: boolean;
  readonly children: ReactNode;
}

/** The ruled head that every screen stands under: the mark, the programme's places, the way to any household, and the day. */
export function Frame({ programme, day, fixedDay, children }: FrameProps) {
  const { t, longDay, units } = useWords();
  const path = usePathname();
  const isTown = TOWN_PLACES.some((place) => place.path === path);
  const router = useRouter();
  const goTo = (
    <button
      type="button"
      className="flex min-h-9 items-center gap-1 border-b border-ink py-1 font-semibold text-ink"
    >
      {t("nav.goTo")} <ChevronsUpDown aria-hidden="true" className="size-3.5" />
    </button>
  );
  return (
    <>
      <a
        href="#content"
        className="sr-only focus:not-sr-only focus:absolute focus:z-10 focus:bg-card focus:p-2"
      >
        {t("app.skip")}
      </a>
      <header className="flex flex-wrap items-center gap-x-5 border-b-rule border-ink px-4 lg:flex-nowrap lg:px-6 print:hidden">
        <Link
          href="/"
          className="flex shrink-0 items-center py-2 font-head text-xl font-extrabold tracking-tight"
        >
          <span className="whitespace-pre">Pip </span>
          <span aria-hidden="true" className="mr-1 inline-flex gap-[3px] pb-0.5">
            <i className="size-[7px] rounded-full bg-beet" />
            <i className="size-[7px] rounded-full bg-beet" />
            <i className="size-[7px] rounded-full bg-beet" />
          </span>
          Row
        </Link>
        <nav
          aria-label={t("app.main")}
          className="order-3 -mb-px flex w-full gap-3.5 overflow-x-auto text-note sm:gap-5 sm:text-base lg:order-none lg:w-auto"
        >
          {PLACES.map(({ path: at, word }) => (
            <Link
              key={at}
              href={at}
              className={tabClass(path === at || (word === "town" && isTown))}
              aria-current={path === at && word !== "town" ? "page" : undefined}
            >
              {t(`nav.${word}`)}
            </Link>
          ))}
        </nav>
        <div className="ml-auto flex items-center gap-3 py-1.5 text-sm text-muted">
          <p className="hidden whitespace-nowrap xl:block">
            <span className="hidden 2xl:inline">{programme} · </span>
            {t(fixedDay ? "app.demoDay" : "app.today", { day: longDay(day) })}
          </p>
          <WhenAsked trigger={goTo}>
            <Switcher trigger={goTo} />
          </WhenAsked>
          <label className="flex items-center gap-1.5">
            <span className="sr-only">{t("app.units")}</span>
            <select
              className="border-b border-ink bg-transparent py-1 text-ink"
              value={units}
              onChange={(e) => {
                document.cookie = `units=${e.target.value};path=/;max-age=31536000;samesite=lax`;
                router.refresh();
              }}
            >
              <option value="metric">{t("app.metric")}</option>
              <option value="us">{t("app.us")}</option>
            </select>
          </label>
        </div>
      </header>
      {isTown && (
        <nav
          aria-label={t("nav.townPlaces")}
          className="flex items-center gap-3.5 overflow-x-auto border-b border-line px-4 text-note sm:gap-5 lg:px-6 print:hidden"
        >
          {TOWN_PLACES.map(({ path: at, word }) => (
            <Link
              key={at}
              href={at}
              className={tabClass(path === at)}
              aria-current={path === at ? "page" : undefined}
            >
              {t(`nav.${word}`)}
            </Link>
          ))}
        </nav>
      )}
      <main id="content" tabIndex={-1} className="outline-none">
        {children}
      </main>
    </>
  );
}
