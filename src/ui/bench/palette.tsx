"use client";

import { Command } from "cmdk";
import { Dialog } from "@/ui/primitives/dialog";
import { useEffect, useState } from "react";
import { useWords } from "@/ui/words/use-words";

/** Something that can be done, by name. */
export interface Act {
  readonly name: string;
  /** Keys that do it without the palette. */
  readonly keys?: string;
  readonly run: () => void;
}

/** Everything that can be done in the Bench, found by typing: Ctrl-K opens it. */
export function Palette({ acts }: { acts: readonly Act[] }) {
  const { t } = useWords();
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (!(e.ctrlKey || e.metaKey) || e.key.toLowerCase() !== "k") return;
      e.preventDefault();
      setOpen((now) => !now);
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, []);
  return (
    <Dialog
      title={t("palette.title")}
      where="high"
      open={open}
      onOpenChange={setOpen}
      trigger={
        <button
          type="button"
          className="min-h-9 px-2 text-note text-muted hover:text-ink"
          aria-keyshortcuts="Control+K"
        >
          {t("palette.open")}{" "}
          <kbd className="hidden border border-line px-1 font-sans text-xs lg:inline">Ctrl K</kbd>
        </button>
      }
    >
      <Command label={t("palette.title")}>
        <Command.Input
          autoFocus
          placeholder={t("palette.find")}
          className="w-full border-b-rule border-ink bg-card px-4 py-3 text-lg outline-none"
        />
        <Command.List className="max-h-[55vh] overflow-y-auto p-1">
          <Command.Empty className="px-3 py-2 text-muted">{t("palette.none")}</Command.Empty>
          {acts.map((act) => (
            <Command.Item
              key={act.name}
              value={act.name}
              onSelect={() => {
                setOpen(false);
                act.run();
              }}
              className="flex cursor-pointer justify-between gap-3 px-3 py-2 data-[selected=true]:bg-ink data-[selected=true]:text-paper"
            >
              {act.name}
              {act.keys && <span className="text-sm opacity-80">{act.keys}</span>}
            </Command.Item>
          ))}
        </Command.List>
      </Command>
    </Dialog>
  );
}
