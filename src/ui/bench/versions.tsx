"use client";

import { useFormatter } from "next-intl";
import { Dialog } from "radix-ui";
import type { KeptPlan } from "@/core/garden";
import { Button } from "@/ui/primitives/button";
import { useWords } from "@/ui/words/use-words";

/** Earlier states of the plan, those set aside in a conflict too; opening one is a change like any other and can be undone. */
export function Versions({ earlier, onOpen }: { earlier: readonly KeptPlan[]; onOpen: (version: KeptPlan) => void }) {
  const { t } = useWords();
  const format = useFormatter();
  return (
    <Dialog.Root>
      <Dialog.Trigger asChild>
        <Button>{t("bench.versions")}</Button>
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-10 bg-ink/40" />
        <Dialog.Content aria-describedby={undefined} className="fixed top-1/2 left-1/2 z-10 max-h-[80vh] w-[min(32rem,92vw)] -translate-1/2 overflow-y-auto border-[1.5px] border-ink bg-card p-5">
          <Dialog.Title className="mb-2 text-lg font-bold">{t("bench.versions")}</Dialog.Title>
          {earlier.length === 0 && <p className="text-muted">{t("bench.noVersions")}</p>}
          <ul>
            {earlier.map((v) => (
              <li key={v.id} className="flex items-center justify-between gap-3 border-t border-line py-2">
                <span>
                  <b>{v.setAside ? t("bench.setAside", { version: v.version }) : t("bench.versionLine", { version: v.version })}</b>
                  <span className="block text-sm text-muted">
                    {format.dateTime(new Date(v.savedAt), { day: "numeric", month: "short", year: "numeric", hour: "2-digit", minute: "2-digit" })} · {v.savedBy}
                  </span>
                </span>
                <Dialog.Close asChild>
                  <Button onClick={() => onOpen(v)}>{t("bench.openVersion")}</Button>
                </Dialog.Close>
              </li>
            ))}
          </ul>
          <Dialog.Close asChild>
            <Button look="quiet">{t("bench.close")}</Button>
          </Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
