"use client";

import { useQuery } from "@tanstack/react-query";
import { ChevronsUpDown } from "lucide-react";
import { useParams, usePathname, useRouter } from "next/navigation";
import { useDeferredValue, useState } from "react";
import { z } from "zod";
import { Combobox } from "@/ui/primitives/combobox";
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
export function Switcher() {
  const { t } = useWords();
  const router = useRouter();
  const { id } = useParams<{ id?: string }>();
  const place = usePathname().split("/")[3] ?? "bench";
  const [open, setOpen] = useState(false);
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
      trigger={
        <button
          type="button"
          className="flex min-h-9 items-center gap-1 border-b border-ink py-1 font-semibold text-ink"
        >
          {t("nav.goTo")} <ChevronsUpDown aria-hidden="true" className="size-3.5" />
        </button>
      }
    />
  );
}
