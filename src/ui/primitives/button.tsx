import { cva, type VariantProps } from "class-variance-authority";
import type { ComponentProps } from "react";
import { cn } from "./cn";

const classes = cva(
  "inline-flex min-h-9 items-center justify-center gap-2 border-rule px-3 py-1 text-note font-semibold disabled:opacity-45 print:hidden",
  {
    variants: {
      look: {
        solid: "border-ink bg-ink text-paper hover:bg-card hover:text-ink",
        open: "border-ink bg-transparent text-ink hover:bg-ink hover:text-paper",
        quiet:
          "border-transparent bg-transparent text-ink underline decoration-line decoration-2 underline-offset-4 hover:decoration-beet",
        warn: "border-beet bg-transparent text-beet hover:bg-beet hover:text-paper",
      },
    },
    defaultVariants: { look: "open" },
  },
);

export type ButtonLook = NonNullable<VariantProps<typeof classes>["look"]>;

/** Classes of a button, for links that look like one. */
export const buttonClass = (look: ButtonLook = "open"): string => classes({ look });

export function Button({
  look,
  className,
  type = "button",
  ...props
}: ComponentProps<"button"> & { look?: ButtonLook }) {
  return <button type={type} className={cn(classes({ look }), className)} {...props} />;
}
