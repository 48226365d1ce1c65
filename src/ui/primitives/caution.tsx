import type { ReactNode } from "react";

interface CautionProps {
  readonly children: ReactNode;
  /** It applies here and now; `stop`: going on would be dangerous. */
  readonly grave?: boolean | "stop";
}

/** Words of caution where the person acts: a ruled note with its own mark, never colour alone; what must not be done stands on solid ground. */
export function Caution({ children, grave = false }: CautionProps) {
  const look =
    grave === "stop"
      ? "border-beet bg-beet py-1.5 pr-2 font-bold text-paper"
      : grave
        ? "border-beet py-0.5 font-semibold text-beet"
        : "border-ink py-0.5 text-ink";
  return (
    <p role="note" className={`flex gap-2 border-l-4 pl-2.5 text-sm ${look}`}>
      <span aria-hidden="true" className="font-bold">
        {grave === "stop" ? "✕" : "!"}
      </span>
      <span>{children}</span>
    </p>
  );
}
