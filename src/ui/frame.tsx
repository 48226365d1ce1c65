"use client";

import Link from "next/link";
import { usePathname, useRouter, useSelectedLayoutSegments } from "next/navigation";
import type { ReactNode } from "react";
import type { Store } from "@/ui/offline/outbox";
import { Signal } from "@/ui/offline/signal";
import { PaletteButton } from "@/ui/palette/palette-button";
import { useWords } from "@/ui/words/use-words";
import { PlaceTabs } from "./place-tabs";
import { FLOORS, PROGRAMME_PLACES } from "./places";

interface FrameProps {
  readonly programme: string;
  readonly day: string;
  readonly fixedDay: boolean;
  /** Stores a record that waited on this device. */
  readonly store: Store;
  readonly children: ReactNode;
}

/** The ruled head that every screen stands under: the mark, the programme's places, the way to anything by name, and the day. */
export function Frame({ programme, day, fixedDay, store, children }: FrameProps) {
  const { t, longDay, units } = useWords();
  const path = usePathname();
  const floor = (["people", "town"] as const).find((name) =>
    FLOORS[name].some((place) => path === place.path || path.startsWith(`${place.path}/`)),
  );
  const router = useRouter();
  // A household's own garden stands under its own short head, with nothing of the programme's.
  const isOwn = useSelectedLayoutSegments()[2] === "garden";
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
        {!isOwn && (
          <PlaceTabs
            label={t("app.main")}
            className="order-3 -mb-px w-full sm:text-base lg:order-none lg:w-auto"
            places={PROGRAMME_PLACES.map(({ path: href, word }) => ({
              href,
              name: t(`nav.${word}`),
              isHere: path === href || word === floor,
              isPage: path === href && word !== floor,
            }))}
          />
        )}
        <div className="ml-auto flex items-center gap-3 py-1.5 text-sm text-muted">
          <p className="hidden whitespace-nowrap xl:block">
            <span className="hidden 2xl:inline">{programme} · </span>
            {t(fixedDay ? "app.demoDay" : "app.today", { day: longDay(day) })}
          </p>
          {!isOwn && <PaletteButton />}
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
      {floor && (
        <PlaceTabs
          label={t(`nav.${floor}Places`)}
          className="border-b border-line px-4 lg:px-6"
          places={FLOORS[floor].map(({ path: href, word }) => ({
            href,
            name: t(`nav.${word}`),
            isHere: path === href || path.startsWith(`${href}/`),
          }))}
        />
      )}
      <Signal store={store} />
      <main id="content" tabIndex={-1} className="outline-none">
        {children}
      </main>
    </>
  );
}
