"use client";

import Link from "next/link";
import { usePathname, useRouter } from "next/navigation";
import type { ReactNode } from "react";
import { useWords } from "@/ui/words/use-words";

const SCREENS = ["doorstep", "match", "bench", "log"] as const;
/** What the whole programme works with. */
const REFERENCE = [
  { path: "/library", word: "reference" },
  { path: "/climate", word: "climate" },
  { path: "/schools", word: "schools" },
  { path: "/prices", word: "prices" },
  { path: "/proposals", word: "proposals" },
] as const;

export interface FrameHousehold {
  readonly id: string;
  readonly code: string;
  readonly name: string;
}

interface FrameProps {
  readonly programme: string;
  readonly day: string;
  readonly fixedDay: boolean;
  readonly households: readonly FrameHousehold[];
  readonly children: ReactNode;
}

/** The ruled head that every screen stands under: the mark, the screens, the household in hand, and the day. */
export function Frame({ programme, day, fixedDay, households, children }: FrameProps) {
  const { t, longDay, units } = useWords();
  const path = usePathname();
  const router = useRouter();
  const [, area, id = "", screen = "doorstep"] = path.split("/");
  const current = area === "house" ? households.find((h) => h.id === id) : undefined;
  const tab = (on: boolean) =>
    `shrink-0 border-b-[3px] px-0.5 pt-3.5 pb-2.5 font-head font-semibold hover:text-ink ${on ? "border-beet text-ink" : "border-transparent text-muted"}`;
  return (
    <>
      <a
        href="#content"
        className="sr-only focus:not-sr-only focus:absolute focus:z-10 focus:bg-card focus:p-2"
      >
        {t("app.skip")}
      </a>
      <header className="flex flex-wrap items-center gap-x-5 border-b-[1.5px] border-ink px-4 lg:flex-nowrap lg:px-6">
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
          className="order-3 -mb-px flex w-full gap-3.5 overflow-x-auto text-[0.9375rem] sm:gap-5 sm:text-base lg:order-none lg:w-auto"
        >
          <Link href="/" className={tab(path === "/")} aria-current={path === "/" ? "page" : undefined}>
            {t("nav.households")}
          </Link>
          {REFERENCE.map(({ path: at, word }) => (
            <Link
              key={at}
              href={at}
              className={`${tab(path === at)} ${current ? "order-last" : ""}`}
              aria-current={path === at ? "page" : undefined}
            >
              {t(`nav.${word}`)}
            </Link>
          ))}
          {current &&
            SCREENS.map((s) => (
              <Link
                key={s}
                href={`/house/${current.id}/${s}`}
                className={tab(screen === s)}
                aria-current={screen === s ? "page" : undefined}
              >
                {t(`nav.${s}`)}
              </Link>
            ))}
        </nav>
        <div className="ml-auto flex items-center gap-3 py-1.5 text-sm text-muted">
          <p className="hidden whitespace-nowrap xl:block">
            <span className="hidden 2xl:inline">{programme} · </span>
            {t(fixedDay ? "app.demoDay" : "app.today", { day: longDay(day) })}
          </p>
          {households.length > 0 && (
            <label className="flex items-center gap-1.5">
              <span className="sr-only">{t("nav.switch")}</span>
              <select
                className="max-w-36 border-b border-ink bg-transparent py-1 font-semibold text-ink"
                value={current?.id ?? ""}
                onChange={(e) =>
                  e.target.value && router.push(`/house/${e.target.value}/${current ? screen : "bench"}`)
                }
              >
                {!current && <option value="">{t("nav.switch")}…</option>}
                {households.map((h) => (
                  <option key={h.id} value={h.id}>
                    {h.code} {h.name}
                  </option>
                ))}
              </select>
            </label>
          )}
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
      <main id="content" tabIndex={-1} className="outline-none">
        {children}
      </main>
    </>
  );
}
