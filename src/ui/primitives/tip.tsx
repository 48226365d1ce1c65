"use client";

import { Tooltip } from "radix-ui";
import type { ReactElement } from "react";

interface TipProps {
  /** Left out, nothing is shown. */
  readonly text: string | undefined;
  readonly children: ReactElement;
}

/** A word more about what the mouse or the focus is on; never the only place that says it. */
export function Tip({ text, children }: TipProps) {
  if (text === undefined) return children;
  return (
    <Tooltip.Provider delayDuration={400}>
      <Tooltip.Root>
        <Tooltip.Trigger asChild>{children}</Tooltip.Trigger>
        <Tooltip.Portal>
          <Tooltip.Content
            sideOffset={4}
            collisionPadding={8}
            className="z-20 max-w-80 border-rule border-ink bg-card px-2 py-1 text-note text-ink"
          >
            {text}
          </Tooltip.Content>
        </Tooltip.Portal>
      </Tooltip.Root>
    </Tooltip.Provider>
  );
}
