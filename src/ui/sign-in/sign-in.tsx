"use client";

import { type FormEvent, useState } from "react";
import type { Role } from "@/core/role";
import type { FieldProblems, Outcome, Problem } from "@/core/problem";
import { beginAnew } from "@/ui/offline/signal";
import { Button } from "@/ui/primitives/button";
import { TextField } from "@/ui/primitives/field";
import { OutcomeLines } from "@/ui/primitives/outcome-lines";
import { send } from "@/ui/primitives/send";
import { t } from "./words";

interface SignInProps {
  /** A card's code, where one came by the code on it. */
  readonly card: string;
  /** Where to go then: a path of this site. */
  readonly to: string;
  /** Whether anybody can sign in yet. */
  readonly isBegun: boolean;
  /** Made-up accounts of the demo; none on a real server. */
  readonly demo: readonly {
    readonly role: Role;
    readonly name: string;
    readonly account: string;
    readonly password: string;
  }[];
  readonly signIn: (typed: { name: string; password: string }) => Promise<Outcome<{ home: string }>>;
}

/** Where everybody comes in: by name and password, or by a card. */
export function SignIn({ card, to, isBegun, demo, signIn }: SignInProps) {
  const [name, setName] = useState(card);
  const [password, setPassword] = useState("");
  const [isTrying, setTrying] = useState(false);
  const [failure, setFailure] = useState<Problem>();
  const [fields, setFields] = useState<FieldProblems>({});
  const goIn = async (typed: { name: string; password: string }) => {
    setTrying(true);
    const outcome = await send(() => signIn(typed));
    if (outcome.ok) return beginAnew(to === "/" ? outcome.value.home : to);
    setTrying(false);
    setFailure(outcome.fields ? undefined : outcome.problem);
    setFields(outcome.fields ?? {});
  };
  const submit = (event: FormEvent) => {
    event.preventDefault();
    void goIn({ name, password });
  };
  return (
    <div className="grid gap-x-12 gap-y-6 px-4 py-6 lg:grid-cols-[24rem_30rem] lg:px-6">
      <form onSubmit={submit} className="grid content-start gap-3">
        <div>
          <h1 className="text-title font-bold">{t("signIn.title")}</h1>
          <p className="text-muted">{t("signIn.lead")}</p>
        </div>
        <TextField
          label={t("signIn.name")}
          name="username"
          autoComplete="username"
          autoCapitalize="none"
          value={name}
          problem={fields.name}
          onChange={(e) => setName(e.target.value)}
        />
        <TextField
          label={t("signIn.password")}
          name="password"
          type="password"
          autoComplete="current-password"
          value={password}
          problem={fields.password}
          onChange={(e) => setPassword(e.target.value)}
        />
        <OutcomeLines done={false} failure={failure}>
          <Button look="solid" type="submit" disabled={isTrying}>
            {t("signIn.go")}
          </Button>
        </OutcomeLines>
        <p className={isBegun ? "text-note text-muted" : "font-semibold"}>
          {t(isBegun ? "signIn.lost" : "signIn.none")}
        </p>
      </form>
      {demo.length > 0 && (
        <section aria-labelledby="demo">
          <h2 id="demo" className="border-t-rule border-ink pt-1.5 text-lg font-bold">
            {t("signIn.demo")}
          </h2>
          <p className="text-muted">{t("signIn.demoLead")}</p>
          <ul className="mt-2">
            {demo.map((who) => (
              <li
                key={who.account}
                className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-line py-2"
              >
                <div className="min-w-0 flex-1">
                  <p>
                    <b>{who.name}</b>, {t(`roles.${who.role}`)}
                  </p>
                  <p className="text-note text-muted">{t("signIn.sees", { role: who.role })}</p>
                </div>
                <Button
                  disabled={isTrying}
                  onClick={() => void goIn({ name: who.account, password: who.password })}
                >
                  {t("signIn.demoGo", { name: who.name })}
                </Button>
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}
