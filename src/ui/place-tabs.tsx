"use client";

import { type ReactNode, useEffect, useRef } from "react";
import { cn } from "@/ui/primitives/cn";
import { Link } from "@/ui/primitives/link";

/** One place that a row of tabs leads to. */
export interface Place {
  readonly href: string;
  readonly name: string;
  /** One is there, or somewhere below it. */
  readonly isHere: boolean;
  /** It is this very page, and not only the floor that holds it. */
  readonly isPage?: boolean;
}

interface PlaceTabsProps {
  readonly label: string;
  readonly places: readonly Place[];
  readonly lead?: ReactNode;
  readonly className?: string;
}

/** A row of places, the one where one is marked and always in view. */
export function PlaceTabs({ label, places, lead, className = "" }: PlaceTabsProps) {
  const here = useRef<HTMLAnchorElement>(null);
  const at = places.find((place) => place.isHere)?.href;
  useEffect(() => void here.current?.scrollIntoView({ block: "nearest", inline: "nearest" }), [at]);
  return (
    <nav
      aria-label={label}
      className={cn("flex gap-x-2 overflow-x-auto text-note sm:gap-x-5 print:hidden", className)}
    >
      {lead}
      {places.map(({ href, name, isHere, isPage = isHere }) => (
        <Link
          key={href}
          href={href}
          ref={isHere ? here : undefined}
          aria-current={isPage ? "page" : undefined}
          className={`shrink-0 border-b-thick px-0.5 pt-3.5 pb-2.5 font-head font-semibold hover:text-ink ${isHere ? "border-beet text-ink" : "border-transparent text-muted"}`}
        >
          {name}
        </Link>
      ))}
    </nav>
  );
}
