"use client";

import { useEffect, useState } from "react";
import type { Outcome, Problem } from "@/core/problem";
import { Button, buttonClass } from "@/ui/primitives/button";
import { send } from "@/ui/primitives/send";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

const KINDS = ["sheets", "labels"] as const;
type Kind = (typeof KINDS)[number];

/** A print of many households: how far it is, and where its file lies once it is done. */
interface Print {
  readonly id: string;
  readonly state: "asked" | "working" | "done" | "failed";
  readonly progress: number;
  readonly pages: number | null;
}

interface PrintsProps {
  readonly groupId?: string;
  readonly ask: (kind: Kind, groupId: string | null) => Promise<Outcome<{ id: string }>>;
}

const POLL_MS = 1000;

/** Sheets and labels for all in one file each: asked for, watched while they are drawn, and opened. */
export function Prints({ groupId, ask }: PrintsProps) {
  const [prints, setPrints] = useState<Partial<Record<Kind, Print>>>({});
  const [failure, setFailure] = useState<Problem>();
  const [asked, setAsked] = useState(0);
  const isOpen = Object.values(prints).some(({ state }) => state === "asked" || state === "working");
  useEffect(() => {
    let isGone = false;
    const look = () =>
      void fetch("/prints")
        .then((answer) => (answer.ok ? (answer.json() as Promise<Partial<Record<Kind, Print>>>) : undefined))
        .then(
          (now) => {
            if (now && !isGone) setPrints(now);
          },
          () => undefined,
        );
    look();
    if (!isOpen) return () => void (isGone = true);
    const timer = setInterval(look, POLL_MS);
    return () => {
      isGone = true;
      clearInterval(timer);
    };
  }, [isOpen, asked]);
  const make = async (kind: Kind) => {
    const outcome = await send(() => ask(kind, groupId ?? null));
    setFailure(outcome.ok ? undefined : outcome.problem);
    if (outcome.ok) setAsked(asked + 1);
  };
  return (
    <ul className="mb-2 grid gap-1 print:hidden">
      {KINDS.map((kind) => (
        <li key={kind} className="flex flex-wrap items-center gap-3">
          <Button onClick={() => void make(kind)}>
            {t(kind === "sheets" ? "sheet.all" : "kitAll.labels")}
          </Button>
          <PrintState print={prints[kind]} />
        </li>
      ))}
      {failure && <Failure problem={failure} />}
    </ul>
  );
}

function PrintState({ print }: { print: Print | undefined }) {
  const { percent } = useWords();
  if (!print) return null;
  switch (print.state) {
    case "asked":
      return <span role="status">{t("sheet.asked")}</span>;
    case "working":
      return (
        <span role="status" className="flex items-center gap-2">
          <progress
            max={1}
            value={print.progress}
            className="h-3 w-32 accent-beet"
            aria-label={t("sheet.make")}
          />
          {t("sheet.working", { share: percent(print.progress) })}
        </span>
      );
    case "done":
      return (
        <a href={`/prints/${print.id}`} target="_blank" className={buttonClass("quiet")}>
          {t("sheet.ready", { pages: print.pages ?? 0 })}
        </a>
      );
    case "failed":
      return (
        <span role="alert" className="font-semibold text-beet">
          ✕ {t("sheet.failed")}
        </span>
      );
  }
}

function Failure({ problem }: { problem: Problem }) {
  const words = useWords();
  return (
    <li role="alert" className="font-semibold text-beet">
      ✕ {words.problem(problem)}
    </li>
  );
}
