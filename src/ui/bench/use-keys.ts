import { useEffect } from "react";

interface Keys {
  readonly save: () => void;
  readonly undo: () => void;
  readonly redo: () => void;
}

/** Ctrl or ⌘ with S saves, with Z undoes, with Y or Shift Z does again, wherever nobody is typing. */
export function useKeys({ save, undo, redo }: Keys) {
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const typing =
        e.target instanceof HTMLElement && e.target.matches("input:not([type=checkbox]), textarea");
      if (!(e.ctrlKey || e.metaKey) || typing) return;
      const act = new Map([
        ["z", e.shiftKey ? redo : undo],
        ["y", redo],
        ["s", save],
      ]).get(e.key.toLowerCase());
      if (!act) return;
      e.preventDefault();
      act();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  });
}
