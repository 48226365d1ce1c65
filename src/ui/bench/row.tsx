"use client";

import { memo } from "react";
import { addDays, type Day, daysBetween } from "@/core/day";
import type { Planting } from "@/core/plan";
import type { Span } from "@/core/year";
import { SeasonStrip } from "@/ui/draw/strip";
import { BagTop, partOfTop } from "@/ui/draw/top";
import { useLanding } from "./dragging";
import { type BarHands, MovableBar } from "./movable-bar";
import { barsOf, RowFrame, type RowShown, topsOf } from "./row-frame";
import { StillRow } from "./still-row";

/** What can be done to a row by hand. */
export interface RowHands extends BarHands {
  readonly onPlant: (rowId: string, goalId: string, sowOn: Day, surface?: Planting["surface"]) => void;
}

type RowProps = RowShown & { readonly span: Span; readonly hands: RowHands };

/**
 * A row under work: bars are moved and stretched, and crops are let go over a day or over a part of the bag. A pinned row is only shown.
 * An edit of another row leaves everything that this one is given as it was, and it is not drawn again.
 */
export const BenchRow = memo(function BenchRow({ hands, ...row }: RowProps) {
  return row.view.row.pinned ? <StillRow {...row} /> : <MovableRow hands={hands} {...row} />;
});

function MovableRow({ hands, span, ...row }: RowProps) {
  const rowId = row.view.row.id;
  const { shape } = row.view;
  const { setNode: setSeason } = useLanding(
    `season ${rowId}`,
    (goalId, { x }) =>
      hands.onPlant(rowId, goalId, addDays(span.from, Math.round(x * daysBetween(span.from, span.to)))),
    false,
  );
  const { setNode: setTop, above } = useLanding(
    `top ${rowId}`,
    (goalId, at) => hands.onPlant(rowId, goalId, row.today, partOfTop(shape, at)),
    false,
  );
  return (
    <RowFrame
      {...row}
      top={(isSmall) => (
        <div ref={setTop} className="w-fit shrink-0 leading-none">
          <BagTop
            shape={shape}
            plantings={topsOf(row)}
            mark={above && partOfTop(shape, above)}
            isSmall={isSmall}
          />
        </div>
      )}
      season={
        <SeasonStrip
          ref={setSeason}
          span={span}
          today={row.today}
          bars={barsOf(row)}
          draw={(bar, lane) => (
            <MovableBar
              key={bar.id}
              span={span}
              bar={bar}
              top={lane}
              onSelect={(plantingId) => row.onSelect({ rowId, plantingId })}
              hands={hands}
            />
          )}
        />
      }
    />
  );
}
