"use client";

import { type KeyboardEvent, type PointerEvent, useRef, useState } from "react";
import type { Stages } from "@/core/calendar";
import { addDays, type Day, daysBetween } from "@/core/day";
import { shareOf, type Span } from "@/core/year";
import { useWords } from "@/ui/words/use-words";
import { known } from "@/core/known";

export interface StripBar {
  readonly id: string;
  readonly goalId: string;
  readonly plants: number | null;
  readonly stages: Stages;
  /** Day that it is to be out by, where that is before its last pick. */
  readonly outBy?: Day;
  readonly selected: boolean;
  readonly wrong: boolean;
}

/** How a bar is moved by hand: its sowing by some days, or its end to a day. */
export interface StripHands {
  readonly onMove: (id: string, days: number) => void;
  readonly onOutBy: (id: string, day: Day) => void;
}

/** What a dragged crop is called while it is on its way. */
export const CROP_DRAG = "application/x-pip-row-crop";

const LANE = 27;

const percent = (share: number) => `${(100 * share).toFixed(2)}%`;

/** The season of one bag: each planting a bar whose stages are told by texture, with a notch where it is moved. */
export function SeasonStrip({
  span,
  bars,
  today,
  months,
  onSelect,
  hands,
  onDropCrop,
}: {
  span: Span;
  bars: readonly StripBar[];
  today: Day;
  /** Whether the names of the months stand above. */
  months: boolean;
  onSelect: (id: string) => void;
  /** Bars can be moved and stretched; left out where a plan is only shown. */
  hands?: StripHands;
  /** A crop that was dragged here is let go over a day. */
  onDropCrop?: (goalId: string, day: Day) => void;
}) {
  const { month } = useWords();
  const head = months ? 16 : 2;
  return (
    <div
      data-strip
      className="relative min-w-0"
      onDragOver={(e) => onDropCrop && e.dataTransfer.types.includes(CROP_DRAG) && e.preventDefault()}
      onDrop={(e) => {
        const goalId = e.dataTransfer.getData(CROP_DRAG);
        if (!onDropCrop || goalId === "") return;
        e.preventDefault();
        const box = e.currentTarget.getBoundingClientRect();
        onDropCrop(
          goalId,
          addDays(
            span.from,
            Math.round(((e.clientX - box.left) / box.width) * daysBetween(span.from, span.to)),
          ),
        );
      }}
      style={{ height: head + Math.max(3, bars.length) * LANE + 2 }}
    >
      <div aria-hidden="true" className="pointer-events-none absolute inset-0">
        {span.months.map((m) => (
          <div
            key={m}
            className="absolute bottom-0 border-l border-line"
            style={{ left: percent(shareOf(span, m)), top: months ? 2 : 0 }}
          >
            {months && <span className="absolute -top-1 left-1 text-xs text-muted">{month(m)}</span>}
          </div>
        ))}
        <div
          className="absolute inset-y-0 border-l-2 border-beet"
          style={{ left: percent(shareOf(span, today)) }}
        />
      </div>
      {bars.map((bar, lane) => (
        <Bar key={bar.id} span={span} bar={bar} top={head + lane * LANE} onSelect={onSelect} hands={hands} />
      ))}
    </div>
  );
}

/** A pull on a bar that has begun: where, and how far it has come in days. */
interface Pull {
  readonly what: "move" | "end";
  readonly x: number;
  readonly days: number;
}

/** Shorter pulls are a click. */
const LEAST_PULL_PX = 4;
const WEEK = 7;

function Bar({
  span,
  bar,
  top,
  onSelect,
  hands,
}: {
  span: Span;
  bar: StripBar;
  top: number;
  onSelect: (id: string) => void;
  hands?: StripHands;
}) {
  const { t, crop, day } = useWords();
  const { id, goalId, plants, stages, selected, wrong, outBy } = bar;
  const { sow, up, move, firstPick, lastPick } = stages;
  const [pull, setPull] = useState<Pull>();
  const pulled = useRef(false);
  const last = lastPick?.likely ?? firstPick?.likely ?? up?.late ?? sow;
  const end = outBy !== undefined && outBy < last ? outBy : last;
  const from = shareOf(span, sow);
  const to = Math.max(shareOf(span, end), from + 0.012);
  const part = (a: Day, b: Day) => {
    const left = (Math.min(to, shareOf(span, a)) - from) / (to - from);
    return {
      left: percent(left),
      width: percent((Math.min(to, shareOf(span, b)) - from) / (to - from) - left),
    };
  };
  const grows = up?.likely ?? sow;
  const label = `${crop(goalId)}${plants === null ? "" : ` × ${plants}`}`;
  const spoken =
    firstPick && lastPick
      ? t("bench.stripLabel", { crop: label, sow: day(sow), first: day(firstPick.likely), last: day(end) })
      : t("bench.stripNoPick", { crop: label, sow: day(sow) });
  // Beside the bar where there is room for the words, else on it.
  const place =
    1 - to > 0.26
      ? { left: `calc(${percent(to)} + 5px)`, maxWidth: percent(1 - to) }
      : from > 0.26
        ? { right: `calc(${percent(1 - from)} + 5px)`, maxWidth: percent(from) }
        : { left: `calc(${percent(shareOf(span, firstPick?.likely ?? grows))} + 6px)`, maxWidth: "60%" };
  const inside = 1 - to <= 0.26 && from <= 0.26;

  const spanDays = daysBetween(span.from, span.to) + 1;
  const dayShare = (pull?.days ?? 0) / spanDays;
  const shift = pull?.what === "move" ? dayShare : 0;
  const stretch = pull?.what === "end" ? Math.max(dayShare, from + 0.012 - to) : 0;
  const begin = (event: PointerEvent<HTMLElement>, what: Pull["what"]) => {
    pulled.current = false;
    if (!hands) return;
    event.stopPropagation();
    event.currentTarget.setPointerCapture(event.pointerId);
    setPull({ what, x: event.clientX, days: 0 });
  };
  const go = (event: PointerEvent<HTMLElement>) => {
    if (!pull) return;
    const width = known(event.currentTarget.closest("[data-strip]")).getBoundingClientRect().width;
    const days = Math.round(((event.clientX - pull.x) / width) * spanDays);
    if (Math.abs(event.clientX - pull.x) > LEAST_PULL_PX) pulled.current = true;
    if (days !== pull.days) setPull({ ...pull, days });
  };
  const release = () => {
    if (pull && hands && pull.days !== 0 && pulled.current) {
      if (pull.what === "move") hands.onMove(id, pull.days);
      else hands.onOutBy(id, addDays(end, pull.days));
    }
    setPull(undefined);
  };
  const key = (event: KeyboardEvent) => {
    const weeks = event.key === "ArrowLeft" ? -1 : event.key === "ArrowRight" ? 1 : 0;
    if (!hands || weeks === 0) return;
    event.preventDefault();
    if (event.shiftKey) hands.onOutBy(id, addDays(end, weeks * WEEK));
    else hands.onMove(id, weeks * WEEK);
  };
  return (
    <>
      <button
        type="button"
        aria-label={spoken}
        aria-pressed={selected}
        aria-keyshortcuts={hands && "ArrowLeft ArrowRight Shift+ArrowLeft Shift+ArrowRight"}
        title={spoken}
        onClick={() => !pulled.current && onSelect(id)}
        onPointerDown={(e) => begin(e, "move")}
        onPointerMove={go}
        onPointerUp={release}
        onKeyDown={key}
        className={`absolute h-[19px] border bg-card ${hands ? "cursor-grab touch-pan-y" : ""} ${selected ? "border-2 border-beet" : "border-ink"} ${wrong ? "border-dashed border-beet" : ""} ${pull ? "z-1 opacity-80" : ""}`}
        style={{ top, left: percent(from + shift), width: percent(to - from + stretch) }}
      >
        {up && <i className="absolute inset-y-0 stage-seed" style={part(sow, grows)} />}
        <i
          className="absolute inset-y-0 border-l border-ink stage-growing"
          style={part(grows, firstPick?.likely ?? end)}
        />
        {firstPick && lastPick && firstPick.likely < end && (
          <i
            className="absolute inset-y-0 border-l border-ink stage-picking"
            style={part(firstPick.likely, end)}
          />
        )}
        {move && (
          <svg
            aria-hidden="true"
            width="10"
            height="8"
            className="absolute -top-px -ml-[5px]"
            style={{ left: part(sow, move.likely).width }}
          >
            <path d="M0 0 L5 8 L10 0 Z" fill="var(--ink)" />
          </svg>
        )}
        {hands && selected && (
          <i
            aria-hidden="true"
            className="absolute inset-y-[-3px] -right-[5px] w-2.5 cursor-ew-resize border-rule border-beet bg-card"
            onPointerDown={(e) => begin(e, "end")}
            onPointerMove={go}
            onPointerUp={release}
          />
        )}
      </button>
      <span
        aria-hidden="true"
        className={`pointer-events-none absolute truncate text-fine font-semibold ${inside ? "mt-[3px] bg-card px-1 leading-[13px]" : "leading-[19px] [text-shadow:0_0_3px_var(--paper),0_0_3px_var(--paper)]"} ${wrong ? "text-beet" : ""}`}
        style={{ top, ...place }}
      >
        {wrong && "✕ "}
        {label}
        {pull && pull.days !== 0 && ` · ${day(addDays(pull.what === "move" ? sow : end, pull.days))}`}
      </span>
    </>
  );
}
