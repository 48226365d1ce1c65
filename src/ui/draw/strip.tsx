"use client";

import type { Stages } from "@/core/calendar";
import type { Day } from "@/core/day";
import { shareOf, type Span } from "@/core/garden";
import { useWords } from "@/ui/words/use-words";

export interface StripBar {
  readonly id: string;
  readonly goalId: string;
  readonly plants: number | null;
  readonly stages: Stages;
  readonly selected: boolean;
  readonly wrong: boolean;
}

const LANE = 27;

const percent = (share: number) => `${(100 * share).toFixed(2)}%`;

/** The season of one bag: each planting a bar whose stages are told by texture, with a notch where it is moved. */
export function SeasonStrip({ span, bars, today, months, onSelect }: {
  span: Span;
  bars: readonly StripBar[];
  today: Day;
  /** Whether the names of the months stand above. */
  months: boolean;
  onSelect: (id: string) => void;
}) {
  const { month } = useWords();
  const head = months ? 16 : 2;
  return (
    <div className="relative min-w-0" style={{ height: head + Math.max(3, bars.length) * LANE + 2 }}>
      <div aria-hidden="true" className="pointer-events-none absolute inset-0">
        {span.months.map((m) => (
          <div key={m} className="absolute bottom-0 border-l border-line" style={{ left: percent(shareOf(span, m)), top: months ? 2 : 0 }}>
            {months && <span className="absolute -top-1 left-1 text-xs text-muted">{month(m)}</span>}
          </div>
        ))}
        <div className="absolute inset-y-0 border-l-2 border-beet" style={{ left: percent(shareOf(span, today)) }} />
      </div>
      {bars.map((bar, lane) => (
        <Bar key={bar.id} span={span} bar={bar} top={head + lane * LANE} onSelect={onSelect} />
      ))}
    </div>
  );
}

function Bar({ span, bar: { id, goalId, plants, stages, selected, wrong }, top, onSelect }: { span: Span; bar: StripBar; top: number; onSelect: (id: string) => void }) {
  const { t, crop, day } = useWords();
  const { sow, up, move, firstPick, lastPick } = stages;
  const end = lastPick?.likely ?? firstPick?.likely ?? up?.late ?? sow;
  const from = shareOf(span, sow);
  const to = Math.max(shareOf(span, end), from + 0.012);
  const part = (a: Day, b: Day) => {
    const left = (shareOf(span, a) - from) / (to - from);
    return { left: percent(left), width: percent((shareOf(span, b) - from) / (to - from) - left) };
  };
  const grows = up?.likely ?? sow;
  const label = `${crop(goalId)}${plants === null ? "" : ` × ${plants}`}`;
  const spoken =
    firstPick && lastPick
      ? t("bench.stripLabel", { crop: label, sow: day(sow), first: day(firstPick.likely), last: day(lastPick.likely) })
      : t("bench.stripNoPick", { crop: label, sow: day(sow) });
  // Beside the bar where there is room for the words, else on it.
  const place =
    1 - to > 0.26 ? { left: `calc(${percent(to)} + 5px)`, maxWidth: percent(1 - to) }
    : from > 0.26 ? { right: `calc(${percent(1 - from)} + 5px)`, maxWidth: percent(from) }
    : { left: `calc(${percent(shareOf(span, firstPick?.likely ?? grows))} + 6px)`, maxWidth: "60%" };
  const inside = 1 - to <= 0.26 && from <= 0.26;
  return (
    <>
      <button
        type="button"
        aria-label={spoken}
        aria-pressed={selected}
        title={spoken}
        onClick={() => onSelect(id)}
        className={`absolute h-[19px] border bg-card ${selected ? "border-2 border-beet" : "border-ink"} ${wrong ? "border-dashed border-beet" : ""}`}
        style={{ top, left: percent(from), width: percent(to - from) }}
      >
        {up && <i className="absolute inset-y-0 stage-seed" style={part(sow, grows)} />}
        <i className="absolute inset-y-0 border-l border-ink stage-growing" style={part(grows, firstPick?.likely ?? end)} />
        {firstPick && lastPick && <i className="absolute inset-y-0 border-l border-ink stage-picking" style={part(firstPick.likely, lastPick.likely)} />}
        {move && (
          <svg aria-hidden="true" width="10" height="8" className="absolute -top-px -ml-[5px]" style={{ left: part(sow, move.likely).width }}>
            <path d="M0 0 L5 8 L10 0 Z" fill="var(--ink)" />
          </svg>
        )}
      </button>
      <span
        aria-hidden="true"
        className={`pointer-events-none absolute truncate text-[0.8125rem] font-semibold ${inside ? "mt-[3px] bg-card px-1 leading-[13px]" : "leading-[19px] [text-shadow:0_0_3px_var(--paper),0_0_3px_var(--paper)]"} ${wrong ? "text-beet" : ""}`}
        style={{ top, ...place }}
      >
        {wrong && "✕ "}
        {label}
      </span>
    </>
  );
}
