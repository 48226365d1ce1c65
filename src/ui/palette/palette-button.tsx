"use client";

import { Search } from "lucide-react";
import { lazy, Suspense, useEffect, useState } from "react";
import { t } from "./words";

const Palette = lazy(async () => ({ default: (await import("./palette")).Palette }));

/** Opens the palette, by press or by Ctrl-K, from every screen; its script comes when it is first asked for. @param changes whether whoever looks may change the programme */
export function PaletteButton({ changes }: { changes: boolean }) {
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
      className="flex min-h-9 items-center gap-1.5 border-b border-ink py-1 font-semibold text-ink"
      aria-keyshortcuts="Control+K"
      aria-haspopup="dialog"
      onClick={() => setOpen(true)}
    >
      <Search aria-hidden="true" className="size-4" />
      {t("palette.open")}
      <kbd className="hidden border border-line px-1 font-sans text-xs font-normal whitespace-nowrap lg:inline">
        Ctrl K
      </kbd>
    </button>
  );
  if (open === undefined) return button;
  return (
    <Suspense fallback={button}>
      <Palette trigger={button} open={open} changes={changes} onOpenChange={setOpen} />
    </Suspense>
  );
}
