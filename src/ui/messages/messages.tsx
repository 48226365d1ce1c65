"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import type { Outcome, Problem } from "@/core/problem";
import { Button } from "@/ui/primitives/button";
import { SelectField, TextField } from "@/ui/primitives/field";
import { OutcomeLines } from "@/ui/primitives/outcome-lines";
import { Pages } from "@/ui/primitives/pages";
import { send } from "@/ui/primitives/send";
import { ForChangers } from "@/ui/rights";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

export interface MessagesProps {
  readonly messages: readonly {
    readonly id: string;
    readonly household: string | null;
    readonly phone: string;
    readonly direction: "in" | "out";
    readonly kind: "message" | "answer" | "reminder";
    readonly text: string;
    readonly at: Date;
    readonly isSent: boolean;
  }[];
  readonly phones: readonly {
    readonly name: string;
    readonly phone: string;
    readonly wantsReminders: boolean;
  }[];
  readonly page: number;
  readonly hasMore: boolean;
  readonly receive: (message: {
    id: string;
    from: string;
    text: string;
  }) => Promise<Outcome<{ answer: string }>>;
  readonly remind: () => Promise<Outcome<{ sent: number }>>;
}

/** The simulated gateway: write as one of the phones would, and see what comes in, what was understood, and what goes out. */
export function Messages({ messages, phones, page, hasMore, receive, remind }: MessagesProps) {
  return (
    <div className="grid gap-x-10 gap-y-6 px-4 py-4 lg:grid-cols-[24rem_minmax(0,1fr)] lg:px-6">
      <div className="grid content-start gap-4">
        <div>
          <h1 className="text-title font-bold">{t("messages.title")}</h1>
          <p className="text-muted">{t("messages.lead")}</p>
        </div>
        <ForChangers>
          <Phone phones={phones} receive={receive} />
          <Reminders remind={remind} />
        </ForChangers>
      </div>
      <section aria-labelledby="boxes" className="min-w-0">
        <h2 id="boxes" className="border-t-rule border-ink pt-1.5 text-lg font-bold">
          {t("messages.boxes")}
        </h2>
        {messages.length === 0 ? (
          <p className="text-muted">{t("messages.none")}</p>
        ) : (
          <ul>
            {messages.map((message) => (
              <Line key={message.id} message={message} />
            ))}
          </ul>
        )}
        <Pages page={page} pages={hasMore ? page + 1 : page} hrefOf={(n) => `/messages?page=${n}`} />
      </section>
    </div>
  );
}

function Line({ message }: { message: MessagesProps["messages"][number] }) {
  const { clock, day } = useWords();
  const { direction, household, phone, text, at, kind, isSent } = message;
  const instant = new Date(at).toISOString();
  return (
    <li className={`border-t border-line py-2 ${direction === "out" ? "pl-8" : ""}`}>
      <p className="text-fine text-muted" suppressHydrationWarning>
        <b className="text-ink">{direction === "in" ? "→" : "←"}</b> {household ?? t("messages.stranger")} ·{" "}
        {phone} · {t(`messages.kinds.${kind}`)} · {day(instant.slice(0, 10))} {clock(instant)}
        {!isSent && <b className="text-beet"> · ✕ {t("messages.notSent")}</b>}
      </p>
      <p className="wrap-anywhere">{text || <span className="text-muted">{t("messages.notKept")}</span>}</p>
    </li>
  );
}

/** A phone that writes: one of the programme's numbers, or any other. */
function Phone({ phones, receive }: Pick<MessagesProps, "phones" | "receive">) {
  const router = useRouter();
  const [from, setFrom] = useState(phones[0]?.phone ?? "");
  const [text, setText] = useState("");
  const [answer, setAnswer] = useState<string>();
  const [failure, setFailure] = useState<Problem>();
  const [fields, setFields] = useState<Readonly<Record<string, Problem>>>({});
  const write = async () => {
    const outcome = await send(() => receive({ id: crypto.randomUUID(), from, text }));
    setFailure(outcome.ok || outcome.fields ? undefined : outcome.problem);
    setFields(outcome.ok ? {} : (outcome.fields ?? {}));
    if (!outcome.ok) return;
    setAnswer(outcome.value.answer);
    // What is typed meanwhile is the next message.
    setText((now) => (now === text ? "" : now));
    router.refresh();
  };
  return (
    <section aria-labelledby="phone" className="border-t-rule border-ink pt-2">
      <h2 id="phone" className="text-lg font-bold">
        {t("messages.phone")}
      </h2>
      {phones.length > 0 && (
        <SelectField
          label={t("messages.from")}
          value={phones.some(({ phone }) => phone === from) ? from : ""}
          onChange={(e) => setFrom(e.target.value)}
        >
          {phones.map(({ name, phone, wantsReminders }) => (
            <option key={phone} value={phone}>
              {name}, {phone}
              {wantsReminders ? "" : ` (${t("messages.stopped")})`}
            </option>
          ))}
          <option value="">{t("messages.other")}</option>
        </SelectField>
      )}
      <TextField
        label={t("messages.number")}
        hint={t("messages.numberHint")}
        value={from}
        problem={fields.from}
        onChange={(e) => setFrom(e.target.value)}
        className="mt-2"
      />
      <TextField
        label={t("messages.text")}
        hint={t("messages.textHint")}
        value={text}
        problem={fields.text}
        onChange={(e) => setText(e.target.value)}
        className="mt-2"
      />
      <OutcomeLines done={false} failure={failure}>
        <Button look="solid" disabled={text.trim() === ""} onClick={() => void write()}>
          {t("messages.send")}
        </Button>
      </OutcomeLines>
      {answer && (
        <p role="status" className="mt-2 border-l-4 border-leaf bg-card px-2.5 py-1.5">
          {answer}
        </p>
      )}
    </section>
  );
}

function Reminders({ remind }: Pick<MessagesProps, "remind">) {
  const router = useRouter();
  const [said, setSaid] = useState<string>();
  const [failure, setFailure] = useState<Problem>();
  const press = async () => {
    const outcome = await send(remind);
    setFailure(outcome.ok ? undefined : outcome.problem);
    if (!outcome.ok) return;
    setSaid(t("messages.reminded", { count: outcome.value.sent }));
    router.refresh();
  };
  return (
    <section aria-labelledby="reminders" className="border-t-rule border-ink pt-2">
      <h2 id="reminders" className="text-lg font-bold">
        {t("messages.reminders")}
      </h2>
      <p className="text-note text-muted">{t("messages.remindersLead")}</p>
      <OutcomeLines done={said ?? false} failure={failure}>
        <Button onClick={() => void press()}>{t("messages.remindNow")}</Button>
      </OutcomeLines>
    </section>
  );
}
