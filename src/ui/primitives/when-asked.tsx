"use client";

import { cloneElement, type ReactElement, type ReactNode, Suspense, useState } from "react";

interface WhenAskedProps {
  /** The button that stands there until then. */
  readonly trigger: ReactElement<{ onClick?: () => void; "aria-haspopup"?: "dialog" }>;
  /** Open from the start, with a button of its own that looks alike; its script is fetched when it is first asked for. */
  readonly children: ReactNode;
}

/** A part of a screen whose script comes when its button is first pressed, so that the screen itself is there sooner. */
export function WhenAsked({ trigger, children }: WhenAskedProps) {
  const [asked, setAsked] = useState(false);
  const button = cloneElement(trigger, { "aria-haspopup": "dialog", onClick: () => setAsked(true) });
  return asked ? <Suspense fallback={button}>{children}</Suspense> : button;
}
