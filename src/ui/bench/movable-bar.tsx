import type { KeyboardEvent } from "react";
import { addDays, type Day, daysBetween } from "@/core/day";
import { known } from "@/core/known";
import type { Span } from "@/core/year";
import { Bar, barEnd, type Pull, type StripBar } from "@/ui/draw/strip";
import { useMoved, type Way } from "./dragging";

/** How a bar is moved by hand: its sowing by some days, or its end to a day. */
export interface BarHands {
  readonly onMove: (id: string, days: number) => void;
  readonly onOutBy: (id: string, day: Day) => void;
}

interface MovableBarProps {
  readonly span: Span;
  readonly bar: StripBar;
  readonly top: string;
  readonly onSelect: (id: string) => void;
  readonly hands: BarHands;
}

const WEEK = 7;

/** A bar that is moved whole, and stretched at its end once it is chosen; arrow keys do so by a week, with Shift at the end. */
export function MovableBar({ span, bar, top, onSelect, hands }: MovableBarProps) {
  const { id, selected } = bar;
  const end = barEnd(bar);
  const endId = `end ${id}`;
  const days = ({ x }: Way) => {
    const strip = known(document.getElementById(id)?.closest("[data-strip]"));
    return Math.round((x / strip.getBoundingClientRect().width) * (daysBetween(span.from, span.to) + 1));
  };
  // What is sown on record stays on its days; it can only be out sooner.
  const isFixed = bar.known !== undefined;
  const { setNode, way, listeners } = useMoved(
    id,
    (px) => days(px) !== 0 && hands.onMove(id, days(px)),
    isFixed,
  );
  const {
    setNode: setEnd,
    way: endWay,
    listeners: endListeners,
  } = useMoved(endId, (px) => days(px) !== 0 && hands.onOutBy(id, addDays(end, days(px))), !selected);
  const pull: Pull | undefined = endWay
    ? { what: "end", days: days(endWay) }
    : way
      ? { what: "move", days: days(way) }
      : undefined;
  const key = (event: KeyboardEvent) => {
    const weeks = event.key === "ArrowLeft" ? -1 : event.key === "ArrowRight" ? 1 : 0;
    if (weeks === 0) return;
    event.preventDefault();
    if (event.shiftKey) hands.onOutBy(id, addDays(end, weeks * WEEK));
    else if (!isFixed) hands.onMove(id, weeks * WEEK);
  };
  return (
    <Bar
      span={span}
      bar={bar}
      top={top}
      pull={pull}
      button={{
        id,
        ref: setNode,
        ...listeners,
        "aria-keyshortcuts": "ArrowLeft ArrowRight Shift+ArrowLeft Shift+ArrowRight",
        className: `${isFixed ? "cursor-pointer" : "cursor-grab"} touch-manipulation`,
        onClick: () => onSelect(id),
        onKeyDown: key,
      }}
      handle={
        selected && (
          <i
            ref={setEnd}
            aria-hidden="true"
            className="absolute inset-y-[-3px] -right-[5px] w-2.5 cursor-ew-resize border-rule border-beet bg-card"
            onMouseDown={(e) => {
              e.stopPropagation();
              endListeners?.onMouseDown?.(e);
            }}
            onTouchStart={(e) => {
              e.stopPropagation();
              endListeners?.onTouchStart?.(e);
            }}
          />
        )
      }
    />
  );
}
