import type { ReactNode } from "react";

/** Words of caution where the person acts: a ruled note with its own mark, never colour alone. */
export function Caution({ children, grave = false }: { children: ReactNode; grave?: boolean }) {
  return (
    <p
      role="note"
      className={`flex gap-2 border-l-4 py-0.5 pl-2.5 text-sm ${grave ? "border-beet font-semibold text-beet" : "border-ink text-ink"}`}
    >
      <span aria-hidden="true" className="font-bold">
        !
      </span>
      <span>{children}</span>
    </p>
  );
}
