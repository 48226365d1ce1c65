import type { ComponentProps } from "react";

const LOOK = {
  solid: "border-ink bg-ink text-paper hover:bg-card hover:text-ink",
  open: "border-ink bg-transparent text-ink hover:bg-ink hover:text-paper",
  quiet:
    "border-transparent bg-transparent text-ink underline decoration-line decoration-2 underline-offset-4 hover:decoration-beet",
  warn: "border-beet bg-transparent text-beet hover:bg-beet hover:text-paper",
} as const;

export type ButtonLook = keyof typeof LOOK;

const SHAPE =
  "inline-flex min-h-9 items-center justify-center gap-2 border-[1.5px] px-3 py-1 text-[0.9375rem] font-semibold disabled:opacity-45";

/** Classes of a button, for links that look like one. */
export const buttonClass = (look: ButtonLook = "open"): string => `${SHAPE} ${LOOK[look]}`;

export function Button({
  look = "open",
  className = "",
  type = "button",
  ...props
}: ComponentProps<"button"> & { look?: ButtonLook }) {
  return <button type={type} className={`${buttonClass(look)} ${className}`} {...props} />;
}
