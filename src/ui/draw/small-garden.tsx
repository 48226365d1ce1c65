"use client";

import type { Sketch } from "@/core/year";
import { useWords } from "@/ui/words/use-words";
import { SeasonAxis } from "./strip";

const percent = (share: number) => `${(100 * share).toFixed(1)}%`;

const TEXTURES = ["stage-seed", "stage-growing", "stage-picking"] as const;

/** A garden at a glance: each bag a line, its plantings in their textures on one time, their names below. */
export function SmallGarden({ sketch: { span, rows }, today }: { sketch: Sketch; today: string }) {
  const { crop, bag } = useWords();
  return (
    <div>
      <SeasonAxis span={span} today={today} isNarrow />
      <ol>
        {rows.map(({ kindId, bars }, i) => (
          <li key={i} className="border-t border-line py-1">
            <div aria-hidden="true" className="relative h-2.5">
              {bars.flatMap(({ goalId, at }, k) =>
                TEXTURES.map((texture, part) => {
                  const [from = 0, to = 0] = [at[part], at[part + 1]];
                  return (
                    from < to && (
                      <i
                        key={`${goalId} ${k} ${texture}`}
                        className={`absolute inset-y-0 border-y border-ink ${texture}`}
                        style={{ left: percent(from), width: percent(to - from) }}
                      />
                    )
                  );
                }),
              )}
            </div>
            <p className="text-fine">
              <b>
                {i + 1} {bag(kindId)}
              </b>{" "}
              <span className="text-muted">{bars.map(({ goalId }) => crop(goalId)).join(", ")}</span>
            </p>
          </li>
        ))}
      </ol>
    </div>
  );
}
