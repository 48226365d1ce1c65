"use client";

import { lazy, Suspense, useEffect, useState } from "react";
import { useWords } from "@/ui/words/use-words";
import type { Act } from "./palette";

const Palette = lazy(async () => ({ default: (await import("./palette")).Palette }));

/** Opens the palette, by press or by Ctrl-K; its script comes when it is first asked for. */
export function PaletteButton({ acts }: { acts: readonly Act[] }) {
  const { t } = useWords();
  const [open, setOpen] = useState<boolean>();
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (!(e.ctrlKey || e.metaKey) || e.key.toLowerCase() !== "k") return;
      e.preventDefault();
      setOpen((now) => !now);
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, []);
  const button = (
    <button
      type="button"
      className="min-h-9 px-2 text-note text-muted hover:text-ink"
      aria-keyshortcuts="Control+K"
      aria-haspopup="dialog"
      onClick={() => setOpen(true)}
    >
      {t("palette.open")}{" "}
      <kbd className="hidden border border-line px-1 font-sans text-xs lg:inline">Ctrl K</kbd>
    </button>
  );
  if (open === undefined) return button;
  return (
    <Suspense fallback={button}>
      <Palette acts={acts} trigger={button} open={open} onOpenChange={setOpen} />
    </Suspense>
  );
}
