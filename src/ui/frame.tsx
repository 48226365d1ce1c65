"use client";

import { usePathname, useRouter, useSelectedLayoutSegments } from "next/navigation";
import { type ReactNode, useState } from "react";
import type { Problem } from "@/core/problem";
import type { Role } from "@/core/role";
import type { Store } from "@/ui/offline/outbox";
import { beginAnew, Signal } from "@/ui/offline/signal";
import { Button } from "@/ui/primitives/button";
import { PaletteButton } from "@/ui/palette/palette-button";
import { Link } from "@/ui/primitives/link";
import { send } from "@/ui/primitives/send";
import { useWords } from "@/ui/words/use-words";
import { PlaceTabs } from "./place-tabs";
import { FLOORS, placesOn, PROGRAMME_PLACES } from "./places";
import { type Rights, RightsProvider } from "./rights";
import { app, nav, programmes, roles } from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

const t = translator({ app, nav, programmes, roles });

/** Who has signed in on this device. */
export interface Person {
  readonly name: string;
  readonly role: Role;
  readonly rights: Rights;
  /** Where they begin. */
  readonly home: string;
  /** By what this device keeps their records apart from other people's. */
  readonly device: string;
  /** Programmes that they may work in, and the one they are in. */
  readonly programmes: readonly { readonly id: string; readonly name: string }[];
  readonly programmeId: string;
}

interface FrameProps {
  readonly programme: string;
  /** Left out while nobody has signed in. */
  readonly person?: Person;
  readonly day: string;
  readonly fixedDay: boolean;
  /** Stores a record that waited on this device. */
  readonly store: Store;
  readonly signOut: () => Promise<void>;
  readonly choose: (programmeId: string) => Promise<void>;
  readonly children: ReactNode;
}

/** Of somebody who has not signed in. */
const NO_RIGHTS: Rights = { seesAll: false, changes: false, writes: false };

/** The ruled head that every screen stands under: the mark, the programme's places, the way to anything by name, and the day. */
export function Frame({ programme, person, day, fixedDay, store, signOut, choose, children }: FrameProps) {
  const { longDay, units } = useWords();
  const path = usePathname();
  const floor = (["households", "people", "town"] as const).find((name) =>
    FLOORS[name].some((place) => path === place.path || path.startsWith(`${place.path}/`)),
  );
  const router = useRouter();
  // A household's own garden stands under its own short head, with nothing of the programme's.
  const isGarden = useSelectedLayoutSegments()[2] === "garden";
  const { seesAll, changes } = person?.rights ?? NO_RIGHTS;
  const isOwn = isGarden || !seesAll;
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
          href={person?.home ?? "/"}
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
          <p className="hidden whitespace-nowrap 2xl:block">
            {programme && `${programme} · `}
            {t(fixedDay ? "app.demoDay" : "app.today", { day: longDay(day) })}
          </p>
          {!isOwn && <PaletteButton changes={changes} />}
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
          {person && <Who person={person} signOut={signOut} choose={choose} />}
        </div>
      </header>
      {floor && seesAll && (
        <PlaceTabs
          label={t(`nav.${floor}Places`)}
          className="border-b border-line px-4 lg:px-6"
          places={placesOn(floor, changes).map(({ path: href, word }) => ({
            href,
            name: t(`nav.${word}`),
            isHere: path === href || path.startsWith(`${href}/`),
          }))}
        />
      )}
      {person && <Signal person={person.device} store={store} />}
      <main id="content" tabIndex={-1} className="outline-none">
        <RightsProvider value={person?.rights ?? NO_RIGHTS}>{children}</RightsProvider>
      </main>
    </>
  );
}

/** Who is signed in; the other programmes that they may work in, and the way out. */
function Who({
  person: {
    name,
    role,
    programmes,
    programmeId,
    rights: { seesAll },
  },
  signOut,
  choose,
}: {
  person: Person;
} & Pick<FrameProps, "signOut" | "choose">) {
  const { problem } = useWords();
  const [failure, setFailure] = useState<Problem>();
  const leave = async () => {
    // Without signal the session cannot end: said, so that nobody hands the phone on for nothing.
    const outcome = await send(async () => ({ ok: true as const, value: await signOut() }));
    if (outcome.ok) return beginAnew("/sign-in");
    setFailure(outcome.problem);
  };
  const change = async (id: string) => {
    await choose(id);
    await beginAnew("/");
  };
  return (
    <details className="relative">
      <summary className="flex min-h-9 max-w-40 cursor-pointer items-center truncate border-b border-ink py-1 font-semibold text-ink">
        {name}
      </summary>
      <div className="absolute right-0 z-20 mt-1 grid w-64 gap-2 border-rule border-ink bg-card p-3 text-ink">
        <p>{t("nav.signedInAs", { name, role: t(`roles.${role}`) })}</p>
        {programmes.length > 1 && (
          <label className="grid gap-1">
            <span className="font-semibold">{t("nav.programme")}</span>
            <select
              className="min-h-10 border-rule border-ink bg-card px-2"
              value={programmeId}
              onChange={(e) => void change(e.target.value)}
            >
              {programmes.map((p) => (
                <option key={p.id} value={p.id}>
                  {p.name}
                </option>
              ))}
            </select>
          </label>
        )}
        {seesAll && (
          <Link href="/programmes" className="font-semibold underline">
            {t("programmes.title")}
          </Link>
        )}
        <Button onClick={() => void leave()}>{t("nav.signOut")}</Button>
        {failure && (
          <p role="alert" className="font-semibold text-beet">
            ✕ {problem(failure)}
          </p>
        )}
      </div>
    </details>
  );
}
