"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import type { Day } from "@/core/day";
import type { FieldProblems, Outcome, Problem } from "@/core/problem";
import { Button, buttonClass } from "@/ui/primitives/button";
import { TextField } from "@/ui/primitives/field";
import { Link } from "@/ui/primitives/link";
import { OutcomeLines } from "@/ui/primitives/outcome-lines";
import { send } from "@/ui/primitives/send";
import { Only } from "@/ui/rights";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

interface Group {
  readonly id: string;
  readonly name: string;
  readonly meetsOn: readonly Day[];
  readonly households: number;
}

export type SaveGroup = (group: Omit<Group, "households">) => Promise<Outcome<null>>;

/** The groups of a programme, and a new one. */
export function Groups({ groups, save }: { groups: readonly Group[]; save: SaveGroup }) {
  const { day } = useWords();
  const router = useRouter();
  const [name, setName] = useState("");
  const [failure, setFailure] = useState<Problem>();
  const [fields, setFields] = useState<FieldProblems>({});
  const add = async () => {
    const outcome = await send(() => save({ id: crypto.randomUUID(), name, meetsOn: [] }));
    setFailure(outcome.ok || outcome.fields ? undefined : outcome.problem);
    setFields(outcome.ok ? {} : (outcome.fields ?? {}));
    if (!outcome.ok) return;
    setName("");
    router.refresh();
  };
  return (
    <div className="max-w-3xl px-4 py-4 lg:px-6">
      <h1 className="text-title font-bold">{t("groups.title")}</h1>
      <p className="mb-3 text-muted">{t("groups.lead")}</p>
      {groups.length === 0 && <p className="mb-3">{t("groups.none")}</p>}
      <ul>
        {groups.map((group) => (
          <li
            key={group.id}
            className="flex flex-wrap items-baseline justify-between gap-x-6 border-t border-line py-2"
          >
            <Link
              href={`/groups/${group.id}`}
              className="font-head text-lg font-bold wrap-anywhere hover:underline"
            >
              {group.name}
            </Link>
            <span className="text-note">
              {t("groups.members", { count: group.households })} · {t("groups.meets")}{" "}
              {group.meetsOn.length > 0 ? group.meetsOn.map(day).join(", ") : t("groups.noDay")}
            </span>
            <Link href={`/groups/${group.id}`} className={buttonClass("open")}>
              {t("groups.open")}
              <span className="sr-only"> {group.name}</span>
            </Link>
          </li>
        ))}
      </ul>
      <Only may="changes">
        <div className="mt-3 border-t-rule border-ink pt-3">
          <TextField
            label={t("groups.name")}
            value={name}
            maxLength={60}
            problem={fields.name}
            onChange={(e) => setName(e.target.value)}
            className="max-w-sm"
          />
          <OutcomeLines done={false} failure={failure}>
            <Button look="solid" onClick={() => void add()}>
              {t("groups.add")}
            </Button>
          </OutcomeLines>
        </div>
      </Only>
    </div>
  );
}
