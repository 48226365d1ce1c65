"use client";

import { useQuery } from "@tanstack/react-query";
import { useParams, usePathname, useRouter } from "next/navigation";
import { type ReactNode, useDeferredValue, useState } from "react";
import * as z from "zod";
import { Combobox } from "@/ui/primitives/combobox";
import { Queries } from "@/ui/primitives/queries";
import { useWords } from "@/ui/words/use-words";

const Answer = z.object({
  households: z.array(z.object({ id: z.string(), code: z.string(), name: z.string() })),
});

async function find(text: string, signal: AbortSignal) {
  const response = await fetch(`/households/search?q=${encodeURIComponent(text)}`, { signal });
  if (!response.ok) throw new Error(`the search answered ${response.status}`);
  return Answer.parse(await response.json()).households;
}

/** The way to any household of the programme, however many there are: found by name or number, asked of the server as one types. */
export function Switcher({ trigger }: { trigger: ReactNode }) {
  return (
    <Queries>
      <Search trigger={trigger} />
    </Queries>
  );
}

function Search({ trigger }: { trigger: ReactNode }) {
  const { t } = useWords();
  const router = useRouter();
  const { id } = useParams<{ id?: string }>();
  const place = usePathname().split("/")[3] ?? "bench";
  const [open, setOpen] = useState(true);
  const [text, setText] = useState("");
  const wanted = useDeferredValue(text);
  const { data, isFetching, isError } = useQuery({
    queryKey: ["households", wanted],
    queryFn: ({ signal }) => find(wanted, signal),
    enabled: open,
    placeholderData: (before) => before,
  });
  const state = isError ? t("problems.offline") : isFetching ? t("nav.finding") : t("nav.noneFound");
  return (
    <Combobox
      label={t("nav.switch")}
      placeholder={t("nav.find")}
      open={open}
      onOpenChange={setOpen}
      text={text}
      onText={setText}
      items={(data ?? []).map((h) => ({ value: h.id, name: `${h.code} ${h.name}`, isChosen: h.id === id }))}
      empty={state}
      onChoose={(chosen) => router.push(`/house/${chosen}/${id ? place : "bench"}`)}
      trigger={trigger}
    />
  );
}
