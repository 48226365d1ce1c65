"use client";

import { cva } from "class-variance-authority";
import { Dialog as Radix } from "radix-ui";
import type { ReactNode } from "react";
import { Button } from "./button";
import { t } from "./words";

const box = cva("fixed z-10 border-ink", {
  variants: {
    where: {
      /** A short list to choose from, high up. */
      high: "top-[12vh] left-1/2 w-[min(34rem,94vw)] -translate-x-1/2 border-rule bg-card",
      middle:
        "top-1/2 left-1/2 max-h-[88vh] w-[min(46rem,94vw)] -translate-1/2 overflow-y-auto border-rule bg-card p-5",
      /** Nearly all of the screen; on a phone a sheet from below. */
      wide: "inset-x-0 bottom-0 max-h-[94vh] overflow-y-auto border-t-rule bg-paper p-4 lg:inset-x-8 lg:top-6 lg:bottom-auto lg:border-rule lg:p-5",
    },
  },
});

interface DialogProps {
  readonly title: string;
  readonly where: "high" | "middle" | "wide";
  readonly trigger: ReactNode;
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly children: ReactNode;
}

/** What opens over a screen and holds the focus until it is closed. A high one has its title for readers only, and closes by Esc or a choice. */
export function Dialog({ title, where, trigger, open, onOpenChange, children }: DialogProps) {
  return (
    <Radix.Root open={open} onOpenChange={onOpenChange}>
      <Radix.Trigger asChild>{trigger}</Radix.Trigger>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-10 bg-ink/40" />
        <Radix.Content aria-describedby={undefined} className={box({ where })}>
          {where === "high" ? (
            <Radix.Title className="sr-only">{title}</Radix.Title>
          ) : (
            <div className="mb-1 flex items-start justify-between gap-3">
              <Radix.Title className="text-lead font-bold">{title}</Radix.Title>
              <Radix.Close asChild>
                <Button look="quiet">{t("shared.close")}</Button>
              </Radix.Close>
            </div>
          )}
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
