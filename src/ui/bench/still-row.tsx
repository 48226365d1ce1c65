import type { Span } from "@/core/year";
import { Bar, SeasonStrip } from "@/ui/draw/strip";
import { BagTop } from "@/ui/draw/top";
import { barsOf, RowFrame, type RowShown, topsOf } from "./row-frame";

/** A row of a plan that is only shown: its bars are chosen, and nothing is moved. */
export function StillRow({ span, ...row }: RowShown & { span: Span }) {
  const rowId = row.view.row.id;
  return (
    <RowFrame
      {...row}
      top={(isSmall) => <BagTop shape={row.view.shape} plantings={topsOf(row)} isSmall={isSmall} />}
      season={
        <SeasonStrip
          span={span}
          today={row.today}
          bars={barsOf(row)}
          draw={(bar, top) => (
            <Bar
              key={bar.id}
              span={span}
              bar={bar}
              top={top}
              button={{ onClick: () => row.onSelect({ rowId, plantingId: bar.id }) }}
            />
          )}
        />
      }
    />
  );
}
