"use client";

import { useMemo, useState } from "react";
import { soilDepthCm, usualGapCm } from "@/core/bag";
import { bagValues, cropValues, type LibraryValue, type Override } from "@/core/override";
import { SHIPPED } from "@/library";
import { BagSection } from "@/ui/draw/section";
import { BagTop } from "@/ui/draw/top";
import { ChooseField, TextField } from "@/ui/primitives/field";
import { useReference } from "@/ui/use-judged";
import { useWords } from "@/ui/words/use-words";
import { DaysFigure, RoomFigure } from "./goal-figure";
import { Files, type TakeIn } from "@/ui/files/files";
import type { ValueActions } from "./value-actions";
import { ValueLine } from "./value-line";
import { t } from "./words";

export interface LibraryProps extends ValueActions {
  readonly overrides: readonly Override[];
  /** How often the programme's plans use an entry, by `goal/…` or `bag/…`. */
  readonly uses: Readonly<Record<string, { readonly times: number; readonly households: number }>>;
  readonly takeIn: TakeIn;
}

/** Everything that can be looked up: `goal/…` and `bag/…`. */
type Entry = {
  readonly key: string;
  readonly name: string;
  readonly sub: string;
  readonly find: string;
  readonly values: readonly LibraryValue[];
};

/** The library: every value with its source, what the programme knows better, and two entries side by side. */
export function Library({ overrides, uses, preview, override, takeIn }: LibraryProps) {
  const { crop, bag, namesOf } = useWords();
  const [find, setFind] = useState("");
  const entries = useMemo(
    (): Entry[] => [
      ...SHIPPED.crops.flatMap((c) =>
        c.goals.map((goal) => ({
          key: `goal/${goal.id}`,
          name: crop(goal.id),
          sub: c.botanical,
          find: namesOf(goal.id, c.botanical),
          values: cropValues(c, goal),
        })),
      ),
      ...SHIPPED.bagKinds.map((kind) => ({
        key: `bag/${kind.id}`,
        name: bag(kind.id),
        sub: t("library.bagMade", {
          material: t(`materials.${kind.make.material}`),
          colour: t(`colours.${kind.make.colour}`),
        }),
        find: bag(kind.id).toLowerCase(),
        values: bagValues(kind),
      })),
    ],
    [crop, bag, namesOf],
  );
  const [chosen, setChosen] = useState(entries[0]?.key ?? "");
  const [besides, setBesides] = useState("");
  const own = useMemo(() => new Map(overrides.map((o) => [o.name, o])), [overrides]);
  const entry = entries.find((e) => e.key === chosen);
  const other = entries.find((e) => e.key === besides);
  const shown = entries.filter((e) => e.find.includes(find.trim().toLowerCase()));
  const changed = (e: Entry) => e.values.some((v) => own.has(v.name));
  const theirs = (value: LibraryValue | undefined) =>
    value ? (own.get(value.name)?.value ?? value.value) : undefined;

  return (
    <div className="grid gap-x-8 gap-y-4 px-4 py-4 lg:grid-cols-[18rem_minmax(0,1fr)] lg:px-6">
      <div>
        <h1 className="text-title font-bold">{t("library.title")}</h1>
        <p className="mb-3 text-muted">
          {t("library.lead", {
            goals: SHIPPED.crops.flatMap((c) => c.goals).length,
            crops: SHIPPED.crops.length,
            bags: SHIPPED.bagKinds.length,
            own: overrides.length,
          })}
        </p>
        <TextField
          type="search"
          label={t("library.find")}
          hint={t("library.findHint")}
          value={find}
          onChange={(e) => setFind(e.target.value)}
        />
        <ul
          aria-label={t("library.entries")}
          className="mt-2 border-t-rule border-ink lg:max-h-[calc(100vh-26rem)] lg:overflow-y-auto max-lg:[&>li:nth-child(n+7)]:hidden"
        >
          {shown.map((e) => (
            <li key={e.key}>
              <button
                type="button"
                aria-pressed={e.key === chosen}
                onClick={() => setChosen(e.key)}
                className={`w-full border-b border-line px-2 py-1.5 text-left hover:bg-card ${e.key === chosen ? "border-l-4 border-l-beet bg-card" : ""}`}
              >
                <span className="font-semibold">{e.name}</span>{" "}
                {changed(e) && (
                  <span className="ml-1 text-sm font-semibold text-beet">▲ {t("library.changed")}</span>
                )}
                <span className="block text-fine text-muted italic">{e.sub}</span>
              </button>
            </li>
          ))}
          {shown.length === 0 && <li className="py-3 text-muted">{t("library.none")}</li>}
        </ul>
        {shown.length > 6 && (
          <p className="mt-1 text-note text-muted lg:hidden">
            {t("library.more", { count: shown.length - 6 })}
          </p>
        )}
        <Files
          takeIn={takeIn}
          label={t("library.takeIn")}
          out={[
            { href: "/library/values/csv", name: t("library.csv") },
            { href: "/library/values/json", name: t("library.json") },
          ]}
          nameOf={({ name }) => name}
        />
      </div>
      {entry && (
        <section aria-labelledby="entry" className="min-w-0">
          <div className="mb-3 flex flex-wrap items-end gap-x-6 gap-y-2">
            <div>
              <h2 id="entry" className="text-xl font-bold">
                {entry.name}
              </h2>
              <p className="text-muted italic">{entry.sub}</p>
              <p className="text-note">
                {t(entry.key.startsWith("bag/") ? "library.bagUsed" : "library.used", {
                  times: uses[entry.key]?.times ?? 0,
                  households: uses[entry.key]?.households ?? 0,
                })}
              </p>
            </div>
            <ChooseField
              label={t("library.compare")}
              className="ml-auto w-56"
              shown={other?.name ?? t("library.nothing")}
              items={[
                { value: "", name: t("library.nothing"), isChosen: besides === "" },
                ...entries
                  .filter((e) => e.key !== chosen && e.key.split("/")[0] === chosen.split("/")[0])
                  .map((e) => ({ value: e.key, name: e.name, also: e.find, isChosen: e.key === besides })),
              ]}
              onChoose={setBesides}
            />
          </div>
          <EntryFigures entry={entry.key} overrides={overrides} />
          {groupsOf(entry.values).map(({ group, values }) => (
            <section key={group} aria-labelledby={`group-${group}`} className="mb-4">
              <h3 id={`group-${group}`} className="mb-1 font-bold">
                {t(`library.groups.${group}`)}{" "}
                <span className="text-note font-normal text-muted">{t(`library.decides.${group}`)}</span>
              </h3>
              <ul className="border-t-rule border-ink">
                {linesOf(values).map(({ stem, of }) => (
                  <ValueLine
                    key={`${entry.key} ${stem}`}
                    stem={stem}
                    shown={of.map((value) => ({
                      value,
                      own: own.get(value.name),
                      other: theirs(other?.values.find((v) => v.path === value.path)),
                    }))}
                    otherName={other && other.key !== chosen ? other.name : undefined}
                    preview={preview}
                    override={override}
                  />
                ))}
              </ul>
            </section>
          ))}
        </section>
      )}
    </div>
  );
}

/** An entry as a drawing, with the programme's own values: the room that a crop takes and its days, or a bag in section. */
function EntryFigures({ entry, overrides }: { entry: string; overrides: readonly Override[] }) {
  const { crops, bagKinds } = useReference(overrides);
  const goal = crops.flatMap((c) => c.goals).find(({ id }) => `goal/${id}` === entry);
  const bag = bagKinds.find(({ id }) => `bag/${id}` === entry);
  return (
    <div className="mb-3 flex flex-wrap gap-x-8 gap-y-2 border-t border-line pt-2">
      {goal && (
        <>
          <RoomFigure goal={goal} />
          <DaysFigure goal={goal} />
        </>
      )}
      {bag && (
        <>
          <BagSection
            shape={bag.shape}
            depthCm={soilDepthCm(bag.shape, usualGapCm(bag.shape))}
            plants={[]}
            isSmall={false}
          />
          <BagTop shape={bag.shape} plantings={[]} isSmall={false} />
        </>
      )}
    </div>
  );
}

/** Marks of one value, the least first: they stand on one line. */
const MARKS = new Set(["least", "good", "low", "likely", "high"]);

/** Values by what they are marks of, in the order in which they come. */
function linesOf(values: readonly LibraryValue[]): { stem: string; of: LibraryValue[] }[] {
  const lines = new Map<string, LibraryValue[]>();
  for (const value of values) {
    const last = value.path.slice(value.path.lastIndexOf(".") + 1);
    const stem = MARKS.has(last) ? value.path.slice(0, -last.length - 1) : value.path;
    lines.set(stem, [...(lines.get(stem) ?? []), value]);
  }
  return [...lines].map(([stem, of]) => ({ stem, of }));
}

/** What a value is about, by the first part of its path. */
const GROUPS = {
  room: ["stand", "insetCm", "depthCm", "sunHours", "heightCm", "widthCm"],
  time: ["days", "picking", "bears", "keepsDays"],
  harvest: ["yieldG", "closedKgM2", "dryMatter", "harvestIndex"],
  weather: ["emergence", "growth", "nights", "heatC", "setsBelow", "boltsH"],
  seed: ["germination", "thousandSeedG", "water"],
} as const;
type Group = keyof typeof GROUPS | "measures";

/** Values by what they are about, in that order; a bag's are its measures. */
function groupsOf(values: readonly LibraryValue[]): { group: Group; values: LibraryValue[] }[] {
  const groupOf = ({ path }: LibraryValue): Group => {
    const part = path.split(".")[0] ?? "";
    return (
      (Object.keys(GROUPS) as (keyof typeof GROUPS)[]).find((group) =>
        (GROUPS[group] as readonly string[]).includes(part),
      ) ?? "measures"
    );
  };
  return ([...Object.keys(GROUPS), "measures"] as Group[])
    .map((group) => ({ group, values: values.filter((value) => groupOf(value) === group) }))
    .filter((found) => found.values.length > 0);
}
