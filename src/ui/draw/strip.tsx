"use client";

import type { ComponentProps, ReactNode, Ref } from "react";
import type { Stages } from "@/core/calendar";
import { addDays, type Day, daysBetween } from "@/core/day";
import { shareOf, type Span } from "@/core/year";
import { useWords } from "@/ui/words/use-words";

export interface StripBar {
  readonly id: string;
  readonly goalId: string;
  readonly plants: number | null;
  readonly stages: Stages;
  /** Day that it is to be out by, where that is before its last pick. */
  readonly outBy?: Day;
  /** What is on record of it, from its sowing to the last day that is known. */
  readonly known?: { readonly from: Day; readonly to: Day };
  readonly selected: boolean;
  readonly wrong: boolean;
}

const LANE = 27;

const percent = (share: number) => `${(100 * share).toFixed(2)}%`;

interface StripProps {
  readonly span: Span;
  readonly bars: readonly StripBar[];
  readonly today: Day;
  /** Whether the names of the months stand above. */
  readonly months: boolean;
  /** Draws one bar: a still one, or one that can be moved. */
  readonly draw: (bar: StripBar, top: number) => ReactNode;
  readonly ref?: Ref<HTMLDivElement>;
}

/** The season of one bag: each planting a bar whose stages are told by texture, with a notch where it is moved. */
export function SeasonStrip({ span, bars, today, months, draw, ref }: StripProps) {
  const { month } = useWords();
  const head = months ? 16 : 2;
  return (
    <div
      ref={ref}
      data-strip
      className="relative min-w-0"
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
      {bars.map((bar, lane) => draw(bar, head + lane * LANE))}
    </div>
  );
}

/** The day that a bar ends on: out before its last pick where that is planned. */
export function barEnd({ stages, outBy }: StripBar): Day {
  const { sow, up, firstPick, lastPick, seasons } = stages;
  const last = seasons?.at(-1)?.to ?? lastPick?.likely ?? firstPick?.likely ?? up?.late ?? sow;
  return outBy !== undefined && outBy < last ? outBy : last;
}

/** A bar on its way by hand: it is moved whole, or its end is, by some days. */
export interface Pull {
  readonly what: "move" | "end";
  readonly days: number;
}

/** A bar ends no nearer to its beginning than this share of the strip. */
const LEAST = 0.012;

interface BarProps {
  readonly span: Span;
  readonly bar: StripBar;
  readonly top: number;
  readonly pull?: Pull;
  /** What makes the bar more than a picture: how it is pressed and moved. */
  readonly button: ComponentProps<"button">;
  /** A handle at its end. */
  readonly handle?: ReactNode;
}

/** One planting's bar in a strip, and its name beside it where there is room, else on it. */
export function Bar({ span, bar, top, pull, button, handle }: BarProps) {
  const { t, crop, day } = useWords();
  const { goalId, plants, stages, selected, wrong } = bar;
  const { sow, up, move, firstPick, lastPick, seasons } = stages;
  const end = barEnd(bar);
  const from = shareOf(span, sow);
  const to = Math.max(shareOf(span, end), from + LEAST);
  const part = (a: Day, b: Day) => {
    const left = (Math.min(to, shareOf(span, a)) - from) / (to - from);
    return {
      left: percent(left),
      width: percent((Math.min(to, shareOf(span, b)) - from) / (to - from) - left),
    };
  };
  const grows = up?.likely ?? sow;
  const label = `${crop(goalId)}${plants === null ? "" : ` × ${plants}`}`;
  const told =
    firstPick && lastPick
      ? t("bench.stripLabel", { crop: label, sow: day(sow), first: day(firstPick.likely), last: day(end) })
      : t("bench.stripNoPick", { crop: label, sow: day(sow) });
  const spoken = bar.known ? t("bench.stripKnown", { told, to: day(bar.known.to) }) : told;
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
  const stretch = pull?.what === "end" ? Math.max(dayShare, from + LEAST - to) : 0;
  return (
    <>
      <button
        type="button"
        aria-label={spoken}
        aria-pressed={selected}
        {...button}
        className={`absolute h-[19px] border bg-card ${button.className ?? ""} ${selected ? "border-2 border-beet" : "border-ink"} ${wrong ? "border-dashed border-beet" : ""} ${pull ? "z-1 opacity-80" : ""}`}
        style={{ top, left: percent(from + shift), width: percent(to - from + stretch) }}
      >
        {up && <i className="absolute inset-y-0 stage-seed" style={part(sow, grows)} />}
        <i
          className="absolute inset-y-0 border-l border-ink stage-growing"
          style={part(grows, seasons ? end : (firstPick?.likely ?? end))}
        />
        {firstPick &&
          lastPick &&
          (seasons ?? [{ from: firstPick.likely, to: lastPick.likely }])
            .filter(({ from: picked }) => picked < end)
            .map(({ from: picked, to: until }) => (
              <i
                key={picked}
                className="absolute inset-y-0 border-l border-ink stage-picking"
                style={part(picked, until < end ? until : end)}
              />
            ))}
        {bar.known && (
          <i className="absolute -bottom-px h-1 bg-ink" style={part(bar.known.from, bar.known.to)} />
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
        {handle}
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
