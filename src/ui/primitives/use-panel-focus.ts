import { type KeyboardEvent, useEffect, useRef } from "react";

/**
 * Takes who works by keys into a panel when it opens for something else, and with Escape back to where they came from. A
 * pointer stays where it is.
 *
 * @param about what the panel is about; undefined while it is closed
 */
export function usePanelFocus(about: string | undefined, close: () => void) {
  const ref = useRef<HTMLElement>(null);
  const opener = useRef<HTMLElement | null>(null);
  useEffect(() => {
    const from = document.activeElement;
    const panel = ref.current;
    if (about === undefined || !panel || !(from instanceof HTMLElement) || panel.contains(from)) return;
    opener.current = from;
    if (from.matches(":focus-visible")) panel.focus();
  }, [about]);
  const onKeyDown = (event: KeyboardEvent) => {
    // A list that is open inside the panel closes first, and has said so.
    if (event.key !== "Escape" || event.defaultPrevented || about === undefined) return;
    close();
    opener.current?.focus();
  };
  return { ref, tabIndex: -1, onKeyDown };
}
