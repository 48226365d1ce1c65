"use client";

import { useQuery } from "@tanstack/react-query";
import { Command } from "cmdk";
import { useParams, useRouter, useSelectedLayoutSegments } from "next/navigation";
import { type ReactNode, useDeferredValue, useState } from "react";
import * as z from "zod";
import { FLOORS, HOUSE_PLACES, placesOn, PROGRAMME_PLACES } from "@/ui/places";
import { Dialog } from "@/ui/primitives/dialog";
import { Queries } from "@/ui/primitives/queries";
import { type Act, useActsHere } from "./acts";
import { t } from "./words";

const Answer = z.object({
  households: z.array(z.object({ id: z.string(), code: z.string(), name: z.string() })),
});

async function find(text: string, signal: AbortSignal) {
  const response = await fetch(`/households/search?q=${encodeURIComponent(text)}`, { signal });
  if (!response.ok) throw new Error(`the search answered ${response.status}`);
  return Answer.parse(await response.json()).households;
}

interface PaletteProps {
  readonly trigger: ReactNode;
  readonly open: boolean;
  /** Whether whoever looks may change the programme. */
  readonly changes: boolean;
  readonly onOpenChange: (open: boolean) => void;
}

/** Everything that can be found by name: what can be done here, every screen, and every household of the programme, however many there are. */
export function Palette(props: PaletteProps) {
  return (
    <Queries>
      <Dialog
        title={t("palette.title")}
        where="high"
        open={props.open}
        onOpenChange={props.onOpenChange}
        trigger={props.trigger}
      >
        <Found close={() => props.onOpenChange(false)} changes={props.changes} />
      </Dialog>
    </Queries>
  );
}

function Found({ close, changes }: { close: () => void; changes: boolean }) {
  const router = useRouter();
  const { id } = useParams<{ id?: string }>();
  const [, , placeHere] = useSelectedLayoutSegments();
  const acts = useActsHere();
  const [text, setText] = useState("");
  const wanted = useDeferredValue(text);
  const { data, isFetching, isError } = useQuery({
    queryKey: ["households", wanted],
    queryFn: ({ signal }) => find(wanted, signal),
    placeholderData: (before) => before,
  });
  const place = HOUSE_PLACES.find((p) => p === placeHere) ?? "bench";
  const go = (name: string, href: string): Act => ({ name, run: () => router.push(href) });
  const places = [
    ...(id ? HOUSE_PLACES.map((p) => go(t(`nav.${p}`), `/house/${id}/${p}`)) : []),
    ...(id ? [go(t("shared.contrast"), `/house/${id}/contrast`)] : []),
    ...PROGRAMME_PLACES.filter((p) => !(p.word in FLOORS)).map((p) => go(t(`nav.${p.word}`), p.path)),
    ...(Object.keys(FLOORS) as (keyof typeof FLOORS)[])
      .flatMap((floor) => placesOn(floor, changes))
      .map((p) => go(t(`nav.${p.word}`), p.path)),
    ...(changes ? [go(t("shared.newHousehold"), "/households/new")] : []),
  ];
  const households = (data ?? []).map((h) =>
    go(`${h.code} ${h.name}`, `/house/${h.id}/${id ? place : "bench"}`),
  );
  const groups = [
    { heading: t("palette.here"), list: acts },
    { heading: t("palette.households"), list: households },
    { heading: t("palette.places"), list: places },
  ].filter(({ list }) => list.length > 0);
  return (
    <Command label={t("palette.title")}>
      <Command.Input
        autoFocus
        placeholder={t("palette.find")}
        value={text}
        onValueChange={setText}
        className="w-full border-b-rule border-ink bg-card px-4 py-3 text-lg outline-none"
      />
      <Command.List className="max-h-[55vh] overflow-y-auto p-1">
        <Command.Empty className="px-3 py-2 text-muted">
          {isError ? t("problems.offline") : isFetching ? t("palette.finding") : t("palette.none")}
        </Command.Empty>
        {groups.map(({ heading, list }) => (
          <Command.Group
            key={heading}
            heading={heading}
            className="[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-fine [&_[cmdk-group-heading]]:text-muted"
          >
            {list.map((act) => (
              <Command.Item
                key={act.name}
                value={`${heading} ${act.name}`}
                onSelect={() => {
                  close();
                  act.run();
                }}
                className="flex cursor-pointer justify-between gap-3 px-3 py-2 data-[selected=true]:bg-ink data-[selected=true]:text-paper"
              >
                {act.name}
                {act.keys && <span className="text-sm opacity-80">{act.keys}</span>}
              </Command.Item>
            ))}
          </Command.Group>
        ))}
      </Command.List>
    </Command>
  );
}
