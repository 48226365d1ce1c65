"use client";

import { Command } from "cmdk";
import { Dialog } from "@/ui/primitives/dialog";
import type { ReactNode } from "react";
import { useWords } from "@/ui/words/use-words";

/** Something that can be done, by name. */
export interface Act {
  readonly name: string;
  /** Keys that do it without the palette. */
  readonly keys?: string;
  readonly run: () => void;
}

interface PaletteProps {
  readonly acts: readonly Act[];
  readonly trigger: ReactNode;
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
}

/** Everything that can be done in the Bench, found by typing. */
export function Palette({ acts, trigger, open, onOpenChange }: PaletteProps) {
  const { t } = useWords();
  return (
    <Dialog title={t("palette.title")} where="high" open={open} onOpenChange={onOpenChange} trigger={trigger}>
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
                onOpenChange(false);
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
