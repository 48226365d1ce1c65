import { lazy, Suspense, useEffect } from "react";
import type { Day } from "@/core/day";
import type { Garden } from "@/core/garden";
import {
  changeBag,
  changePlanting,
  changeRow,
  copyRow,
  type Plan,
  rehouse,
  removePlanting,
  removeRow,
  sowAgain,
  swapBags,
} from "@/core/plan";
import type { Judged } from "@/ui/use-judged";
import { Button } from "@/ui/primitives/button";
import { usePanelFocus } from "@/ui/primitives/use-panel-focus";
import { Better } from "./better";
import type { Selection } from "./row-frame";
import { t } from "./words";

interface SidePanelProps {
  /** Who the household is, and its place. */
  lead: string;
  garden: Garden;
  judged: Judged;
  today: Day;
  selection: Selection | undefined;
  onSelect: (selection: Selection | undefined) => void;
  change: (edit: (plan: Plan) => Plan) => void;
  onPlant: (rowId: string, goalId: string, sowOn: Day) => void;
  onAdd: (rowId: string) => void;
}

const panels = {
  planting: () => import("./planting-panel").then((m) => ({ default: m.PlantingPanel })),
  row: () => import("./row-panel").then((m) => ({ default: m.RowPanel })),
};
const PlantingPanel = lazy(panels.planting);
const RowPanel = lazy(panels.row);

const newId = () => crypto.randomUUID();

/** Beside the rows: the planting or the bag that is chosen, and what would do the garden good where nothing is. */
export function SidePanel({
  lead,
  garden,
  judged,
  today,
  selection,
  onSelect,
  change,
  onPlant,
  onAdd,
}: SidePanelProps) {
  // Their script comes after the screen, so that the screen is there sooner; it is then at hand without signal too.
  useEffect(() => void Promise.all([panels.planting(), panels.row()]), []);
  const { reference, setting } = judged;
  const index = garden.rows.findIndex((r) => r.row.id === selection?.rowId);
  const row = garden.rows[index];
  const planting = row?.plantings.find((p) => p.planting.id === selection?.plantingId);
  const rows = garden.rows.map((r, i) => ({ id: r.row.id, number: i + 1, kindId: r.bag.kindId }));
  const panel = usePanelFocus(row && selection ? (selection.plantingId ?? selection.rowId) : undefined, () =>
    onSelect(undefined),
  );
  return (
    <aside
      {...panel}
      aria-label={t("bench.panel")}
      className={`border-l-rule border-ink bg-card ${row ? "fixed inset-x-0 bottom-12 z-5 border-t-rule lg:static lg:z-auto lg:border-t-0" : "hidden lg:block"} print:hidden`}
    >
      <div className="relative max-h-[60vh] overflow-y-auto p-4 lg:sticky lg:top-12 lg:max-h-[calc(100vh-3rem)]">
        {row && (
          <Button look="quiet" className="absolute top-2 right-2" onClick={() => onSelect(undefined)}>
            {t("shared.close")}
          </Button>
        )}
        {!row && <p className="mb-3 text-note text-muted">{lead}</p>}
        {!row && <Better garden={garden} today={today} site={setting.site ?? []} onSelect={onSelect} />}
        <Suspense>
          {row && planting && (
            <PlantingPanel
              key={planting.planting.id}
              view={planting}
              row={row}
              crops={reference.crops}
              setting={setting}
              today={today}
              onChange={(edit) => change((p) => changePlanting(p, planting.planting.id, edit))}
              onPull={(nextGoalId) => {
                change((p) => changePlanting(p, planting.planting.id, { outBy: today }));
                if (nextGoalId) onPlant(row.row.id, nextGoalId, today);
              }}
              rows={rows}
              onRehouse={(rowId) => {
                change((p) => rehouse(p, planting.planting.id, rowId));
                onSelect({ rowId, plantingId: planting.planting.id });
              }}
              onSowAgain={(everyDays, times) =>
                change((p) => sowAgain(p, planting.planting.id, { everyDays, times }, newId))
              }
              onOther={(id, edit) => change((p) => changePlanting(p, id, edit))}
              onRemove={() => {
                change((p) => removePlanting(p, planting.planting.id));
                onSelect({ rowId: row.row.id });
              }}
            />
          )}
          {row && !planting && (
            <RowPanel
              key={row.row.id}
              view={row}
              number={index + 1}
              reference={reference}
              today={today}
              setting={setting}
              onBag={(edit) => change((p) => changeBag(p, row.bag.id, edit))}
              onRow={(edit) => change((p) => changeRow(p, row.row.id, edit))}
              rows={rows}
              onCopy={() => change((p) => copyRow(p, row.row.id, newId))}
              onSwap={(rowId) => change((p) => swapBags(p, row.row.id, rowId))}
              onAdd={() => onAdd(row.row.id)}
              onPlant={(goalId, sowOn) => onPlant(row.row.id, goalId, sowOn)}
              onRemove={() => {
                change((p) => removeRow(p, row.row.id));
                onSelect(undefined);
              }}
            />
          )}
        </Suspense>
      </div>
    </aside>
  );
}
