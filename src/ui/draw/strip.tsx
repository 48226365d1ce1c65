"use client";

import type { ComponentProps, ReactNode, Ref } from "react";
import type { Stages } from "@/core/calendar";
import { addDays, type Day, daysBetween } from "@/core/day";
import { shareOf, type Span } from "@/core/year";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

export interface StripBar {
  readonly id: string;
  readonly goalId: string;
  readonly plants: number | null;
  readonly stages: Stages;
  /** Day that it is to be out by, where that is before its last pick. */
  readonly outBy?: Day;
  /** What is on record of it, from its sowing to the last day that is known. */
  readonly known?: { readonly from: Day; readonly to: Day };
  /** What it gives over its picks, kg; left out for what is not eaten. */
  readonly harvest?: { readonly low: number; readonly high: number };
  readonly selected: boolean;
  readonly wrong: boolean;
}

const percent = (share: number) => `${(100 * share).toFixed(2)}%`;

interface StripProps {
  readonly span: Span;
  readonly bars: readonly StripBar[];
  readonly today: Day;
  /** Draws one bar: a still one, or one that can be moved. `top`: how far down it lies, as CSS has it. */
  readonly draw: (bar: StripBar, top: string) => ReactNode;
  readonly ref?: Ref<HTMLDivElement>;
}

/** The months of a span as lines, and today. */
function Months({ span, today }: Pick<StripProps, "span" | "today">) {
  return (
    <div aria-hidden="true" className="pointer-events-none absolute inset-0">
      {span.months.map((m) => (
        <div
          key={m}
          className="absolute inset-y-0 border-l border-line"
          style={{ left: percent(shareOf(span, m)) }}
        />
      ))}
      <div
        className="absolute inset-y-0 border-l-2 border-beet"
        style={{ left: percent(shareOf(span, today)) }}
      />
    </div>
  );
}

/** The names of the months over the strips, with the year where one begins. */
export function SeasonAxis({
  span,
  today,
  isNarrow = false,
}: Pick<StripProps, "span" | "today"> & {
  /** There is little room: every second month is named. */
  isNarrow?: boolean;
}) {
  const { month } = useWords();
  return (
    <div aria-hidden="true" className="relative h-6 min-w-0 overflow-hidden text-xs text-muted">
      {span.months.map((m, i) => (
        <span
          key={m}
          className="absolute inset-y-0 border-l border-line pt-1 pl-1 whitespace-nowrap"
          style={{ left: percent(shareOf(span, m)) }}
        >
          <span className={i % 2 === 0 ? "" : isNarrow ? "hidden" : "hidden sm:inline"}>
            {month(m)}
            {(i === 0 || m.slice(5, 7) === "01") && <b> {m.slice(2, 4)}</b>}
          </span>
        </span>
      ))}
      <span
        className="absolute bottom-0 -ml-[6px] border-x-[6px] border-t-[7px] border-x-transparent border-t-beet"
        style={{ left: percent(shareOf(span, today)) }}
      />
    </div>
  );
}

/** What textures and marks of a season mean: the same on every screen. */
export function SeasonLegend() {
  const box = "inline-block h-3 w-4 border border-ink";
  return (
    <ul className="flex flex-wrap items-center gap-x-2.5 gap-y-0.5 text-xs text-muted">
      <li className="flex items-center gap-1">
        <i className={`${box} stage-seed`} /> {t("draw.seed")}
      </li>
      <li className="flex items-center gap-1">
        <i className={`${box} stage-growing`} /> {t("draw.growing")}
      </li>
      <li className="flex items-center gap-1">
        <i className={`${box} stage-picking`} /> {t("draw.picking")}
      </li>
      <li className="flex items-center gap-1">
        <b aria-hidden="true">▾</b> {t("draw.moved")}
      </li>
      <li className="flex items-center gap-1">
        <i className="inline-block h-1 w-4 bg-ink" /> {t("draw.known")}
      </li>
    </ul>
  );
}

/** The season of one bag: each planting a bar whose stages are told by texture, with a notch where it is moved. A lane is as high as a thumb on a phone. */
export function SeasonStrip({ span, bars, today, draw, ref }: StripProps) {
  return (
    <div
      ref={ref}
      data-strip
      className="relative h-full min-w-0 [--lane:44px] lg:[--lane:29px]"
      style={{ minHeight: `calc(${Math.max(1, bars.length)} * var(--lane) + 8px)` }}
    >
      <Months span={span} today={today} />
      {bars.map((bar, lane) => draw(bar, `calc(${lane} * var(--lane) + 7px)`))}
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
  readonly top: string;
  readonly pull?: Pull;
  /** What makes the bar more than a picture: how it is pressed and moved. */
  readonly button: ComponentProps<"button">;
  /** A handle at its end. */
  readonly handle?: ReactNode;
}

/** One planting's bar in a strip, and its name beside it where there is room, else on it. */
export function Bar({ span, bar, top, pull, button, handle }: BarProps) {
  const { crop, day, quantity } = useWords();
  const { goalId, plants, stages, harvest, selected, wrong } = bar;
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
      ? t("draw.stripLabel", { crop: label, sow: day(sow), first: day(firstPick.likely), last: day(end) })
      : t("draw.stripNoPick", { crop: label, sow: day(sow) });
  const spoken = bar.known ? t("draw.stripKnown", { told, to: day(bar.known.to) }) : told;
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
        className={`absolute h-[19px] border bg-card before:absolute before:inset-x-0 before:-inset-y-3 before:lg:-inset-y-1 ${button.className ?? ""} ${selected ? "border-2 border-beet" : "border-ink"} ${wrong ? "border-dashed border-beet" : ""} ${pull ? "z-1 opacity-80" : ""}`}
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
          <i className="absolute -top-[5px] h-[3px] bg-ink" style={part(bar.known.from, bar.known.to)} />
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
      {firstPick && firstPick.early < firstPick.late && firstPick.early < end && !pull && (
        <i
          aria-hidden="true"
          className="pointer-events-none absolute h-1 border-x border-b border-ink"
          style={{
            top: `calc(${top} + 20px)`,
            left: percent(shareOf(span, firstPick.early)),
            width: percent(shareOf(span, firstPick.late) - shareOf(span, firstPick.early)),
          }}
        />
      )}
      <span
        aria-hidden="true"
        className={`pointer-events-none absolute truncate text-fine font-semibold ${inside ? "mt-[3px] bg-card px-1 leading-[13px]" : "leading-[19px] [text-shadow:0_0_3px_var(--paper),0_0_3px_var(--paper)]"} ${wrong ? "text-beet" : ""}`}
        style={{ top, ...place }}
      >
        {wrong && "✕ "}
        {label}
        {harvest && !inside && (
          <span className="ml-2 font-normal text-muted">
            {t("draw.gives", { low: quantity(harvest.low, "mass"), high: quantity(harvest.high, "mass") })}
          </span>
        )}
        {pull && pull.days !== 0 && ` · ${day(addDays(pull.what === "move" ? sow : end, pull.days))}`}
      </span>
    </>
  );
}
