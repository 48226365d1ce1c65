"use client";

import type { Garden } from "@/core/garden";
import { shareOf, type Span } from "@/core/year";
import { useWords } from "@/ui/words/use-words";
import { SeasonAxis } from "./strip";

const percent = (share: number) => `${(100 * share).toFixed(2)}%`;

/** A garden at a glance: each bag a line, its plantings in their textures on one time, their names below. */
export function SmallGarden({ garden, span, today }: { garden: Garden; span: Span; today: string }) {
  const { crop, bag } = useWords();
  return (
    <div>
      <SeasonAxis span={span} today={today} isNarrow />
      <ol>
        {garden.rows.map((row, i) => (
          <li key={row.row.id} className="border-t border-line py-1">
            <div aria-hidden="true" className="relative h-2.5">
              {row.plantings.map((p) => {
                const { sow, up, firstPick } = p.season.stages;
                const grows = up?.likely ?? sow;
                const end = p.stay.to;
                const picks = firstPick?.likely ?? end;
                const parts = [
                  { texture: "stage-seed", from: sow, to: grows },
                  { texture: "stage-growing", from: grows, to: picks },
                  { texture: "stage-picking", from: picks, to: end },
                ] as const;
                return parts
                  .filter(({ from, to }) => from < to)
                  .map(({ texture, from, to }) => (
                    <i
                      key={`${p.planting.id} ${texture}`}
                      className={`absolute inset-y-0 border-y border-ink ${texture}`}
                      style={{
                        left: percent(shareOf(span, from)),
                        width: percent(shareOf(span, to) - shareOf(span, from)),
                      }}
                    />
                  ));
              })}
            </div>
            <p className="text-fine">
              <b>
                {i + 1} {bag(row.bag.kindId)}
              </b>{" "}
              <span className="text-muted">{row.plantings.map((p) => crop(p.goal.id)).join(", ")}</span>
            </p>
          </li>
        ))}
      </ol>
    </div>
  );
}
