"use client";

import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import type { Day } from "@/core/day";
import type { Outcome, Problem } from "@/core/problem";
import { Button } from "@/ui/primitives/button";
import { TextField } from "@/ui/primitives/field";
import { OutcomeLines } from "@/ui/primitives/outcome-lines";
import { send } from "@/ui/primitives/send";
import { useWords } from "@/ui/words/use-words";
import type { SaveGroup } from "./groups";
import { t } from "./words";

interface Named {
  readonly id: string;
  readonly code: string;
  readonly name: string;
}

interface MembersProps {
  readonly group: { readonly id: string; readonly name: string; readonly meetsOn: readonly Day[] };
  readonly members: readonly Named[];
  readonly today: Day;
  readonly save: SaveGroup;
  readonly place: (householdId: string, groupId: string | null) => Promise<Outcome<null>>;
  readonly part: (groupId: string) => Promise<Outcome<null>>;
}

/** Typing settles for so long before households are looked for. */
const SETTLED_MS = 200;

/** Who is in a group, and on which days it meets. */
export function Members({ group, members, today, save, place, part }: MembersProps) {
  const { day } = useWords();
  const router = useRouter();
  const [failure, setFailure] = useState<Problem>();
  const [on, setOn] = useState<string>(today);
  const change = async (work: () => Promise<Outcome<null>>) => {
    const outcome = await send(work);
    setFailure(outcome.ok ? undefined : outcome.problem);
    if (outcome.ok) router.refresh();
    return outcome.ok;
  };
  const meet = (meetsOn: readonly Day[]) => change(() => save({ id: group.id, name: group.name, meetsOn }));
  return (
    <details open={members.length === 0} className="border-t border-line pt-2 print:hidden">
      <summary className="cursor-pointer text-note font-semibold">
        {t("groups.members", { count: members.length })}, {t("groups.meets")}{" "}
        {group.meetsOn.length > 0 ? group.meetsOn.map(day).join(", ") : t("groups.noDay")}
      </summary>
      <ul className="mt-2 flex flex-wrap gap-2">
        {members.map(({ id, code, name }) => (
          <li key={id} className="flex items-center border-rule border-line pl-2 text-note">
            {code} {name}
            <Button
              look="quiet"
              aria-label={t("groups.removeMember", { name })}
              onClick={() => void change(() => place(id, null))}
            >
              ✕
            </Button>
          </li>
        ))}
      </ul>
      <Finder known={members} onChoose={(id) => void change(() => place(id, group.id))} />
      <p className="mt-3 text-note font-semibold">{t("groups.meets")}</p>
      <ul className="flex flex-wrap gap-2">
        {group.meetsOn.map((d) => (
          <li key={d} className="flex items-center border-rule border-line pl-2 text-note">
            {day(d)}
            <Button
              look="quiet"
              aria-label={t("groups.removeDay", { day: day(d) })}
              onClick={() => void meet(group.meetsOn.filter((x) => x !== d))}
            >
              ✕
            </Button>
          </li>
        ))}
      </ul>
      <div className="mt-2 flex flex-wrap items-end gap-2">
        <TextField
          label={t("groups.addDay")}
          type="date"
          value={on}
          onChange={(e) => setOn(e.target.value)}
          className="max-w-44"
        />
        <Button onClick={() => void meet([...group.meetsOn, on])}>{t("groups.addDay")}</Button>
      </div>
      <OutcomeLines done={false} failure={failure}>
        <Button
          look="warn"
          onClick={() => void change(() => part(group.id)).then((ok) => ok && router.push("/groups"))}
        >
          {t("groups.part")}
        </Button>
      </OutcomeLines>
    </details>
  );
}

/** Households by some of their name or number, to be put into the group. */
function Finder({ known, onChoose }: { known: readonly Named[]; onChoose: (id: string) => void }) {
  const [text, setText] = useState("");
  const [found, setFound] = useState<readonly Named[]>([]);
  useEffect(() => {
    if (text.trim() === "") return;
    let isLate = false;
    const timer = setTimeout(() => {
      void fetch(`/households/search?q=${encodeURIComponent(text)}`)
        .then((answer) => answer.json() as Promise<{ households?: readonly Named[] }>)
        .then(
          ({ households = [] }) => {
            if (!isLate) setFound(households);
          },
          () => undefined,
        );
    }, SETTLED_MS);
    return () => {
      isLate = true;
      clearTimeout(timer);
    };
  }, [text]);
  const shown = text.trim() === "" ? [] : found.filter(({ id }) => !known.some((k) => k.id === id));
  return (
    <div className="mt-2">
      <TextField
        label={t("groups.addMember")}
        value={text}
        onChange={(e) => setText(e.target.value)}
        className="max-w-sm"
      />
      <ul className="mt-1 flex flex-wrap gap-2">
        {shown.map(({ id, code, name }) => (
          <li key={id}>
            <Button
              onClick={() => {
                setText("");
                onChoose(id);
              }}
            >
              + {code} {name}
            </Button>
          </li>
        ))}
      </ul>
    </div>
  );
}
