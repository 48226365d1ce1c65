"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import type { Role } from "@/core/role";
import type { FieldProblems, Outcome, Problem } from "@/core/problem";
import { AskFirst } from "@/ui/primitives/ask-first";
import { Button } from "@/ui/primitives/button";
import { SelectField, TextField } from "@/ui/primitives/field";
import { Link } from "@/ui/primitives/link";
import { OutcomeLines } from "@/ui/primitives/outcome-lines";
import { Pages } from "@/ui/primitives/pages";
import { send } from "@/ui/primitives/send";
import { useWords } from "@/ui/words/use-words";
import { type Key, KeyCard } from "./key-card";
import { t } from "./words";

interface Member {
  readonly id: string;
  readonly username: string;
  readonly role: Role;
  readonly name: string;
  /** Whether whoever looks may renew, sign out and end them. */
  readonly isKept: boolean;
  readonly sessions: number;
  readonly seenAt: Date | null;
  /** Numbers of the households that a helper writes for. */
  readonly households: readonly string[];
}

interface Card {
  readonly householdId: string;
  readonly code: string;
  readonly name: string;
  readonly memberId: string | null;
  readonly since: Date | null;
  readonly seenAt: Date | null;
}

export interface AccessProps {
  readonly members: readonly Member[];
  readonly cards: readonly Card[];
  readonly page: number;
  readonly pages: number;
  readonly changes: readonly {
    readonly id: number;
    readonly at: Date;
    readonly author: string;
    readonly act: "invited" | "card" | "renewed" | "ended" | "given" | "signed-out" | "left";
    readonly about: string;
  }[];
  /** The parts that whoever looks may let somebody in as. */
  readonly invited: readonly Role[];
  readonly mayBegin: boolean;
  /** Where the app is asked, for the codes on cards. */
  readonly origin: string;
  readonly invite: (typed: {
    name: string;
    account: string;
    role: string;
    households: string;
  }) => Promise<Outcome<Key>>;
  readonly giveCard: (householdId: string) => Promise<Outcome<Key>>;
  readonly renew: (memberId: string) => Promise<Outcome<Key>>;
  readonly signOut: (memberId: string) => Promise<Outcome<null>>;
  readonly end: (memberId: string) => Promise<Outcome<null>>;
  readonly give: (memberId: string, households: string) => Promise<Outcome<null>>;
}

/** Who may do what: people with their parts, cards of households, and who changed that last. */
export function Access(props: AccessProps) {
  const { day } = useWords();
  const { members, cards, page, pages, changes, invited, mayBegin, origin } = props;
  return (
    <div className="px-4 py-4 lg:px-6">
      <h1 className="text-title font-bold">{t("access.title")}</h1>
      <p className="mb-3 text-muted">
        {t("access.lead")}{" "}
        {mayBegin && (
          <Link href="/programmes/new" className="font-semibold underline underline-offset-4">
            {t("shared.begin")}
          </Link>
        )}
      </p>
      <div className="grid gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1fr)_24rem]">
        <div className="grid min-w-0 content-start gap-8">
          <section aria-labelledby="people">
            <h2 id="people" className="border-t-rule border-ink pt-1.5 text-lg font-bold">
              {t("access.people")}
            </h2>
            <ul>
              {members.map((member) => (
                <MemberLine key={member.id} member={member} {...props} />
              ))}
            </ul>
          </section>
          <section aria-labelledby="cards">
            <h2 id="cards" className="border-t-rule border-ink pt-1.5 text-lg font-bold">
              {t("access.cards")}
            </h2>
            <p className="mb-2 text-muted">{t("access.cardsLead")}</p>
            <ul>
              {cards.map((card) => (
                <CardLine key={card.householdId} card={card} {...props} />
              ))}
            </ul>
            <Pages page={page} pages={pages} hrefOf={(n) => `/people?page=${n}`} />
          </section>
        </div>
        <div className="grid content-start gap-8">
          <Invite invited={invited} origin={origin} invite={props.invite} />
          {changes.length > 0 && (
            <section aria-labelledby="changes">
              <h2 id="changes" className="border-t-rule border-ink pt-1.5 text-lg font-bold">
                {t("access.changes")}
              </h2>
              <ul className="text-note">
                {changes.map(({ id, at, author, act, about }) => (
                  <li key={id} className="border-t border-line py-1 wrap-anywhere">
                    <span className="text-muted">{day(dayOf(at))}</span> {author} {t(`access.acts.${act}`)}{" "}
                    {about}
                  </li>
                ))}
              </ul>
            </section>
          )}
        </div>
      </div>
    </div>
  );
}

/** The day of an instant, as it was stored. */
const dayOf = (at: Date) => new Date(at).toISOString().slice(0, 10);

/** What became of an act on somebody: said, and with a key shown where it made one. */
function useActing() {
  const router = useRouter();
  const [done, setDone] = useState<string>();
  const [failure, setFailure] = useState<Problem>();
  const [fields, setFields] = useState<FieldProblems>({});
  const [key, setKey] = useState<Key>();
  const act = async <T,>(work: () => Promise<Outcome<T>>, onDone: (value: T) => void) => {
    const outcome = await send(work);
    setDone(undefined);
    setFailure(outcome.ok || outcome.fields ? undefined : outcome.problem);
    setFields(outcome.ok ? {} : (outcome.fields ?? {}));
    if (!outcome.ok) return;
    onDone(outcome.value);
    router.refresh();
  };
  return { done, failure, fields, key, setDone, setKey, act };
}

function MemberLine({ member, origin, renew, signOut, end, give }: { member: Member } & AccessProps) {
  const { day } = useWords();
  const { id, name, username, role, isKept, sessions, seenAt, households } = member;
  const { done, failure, fields, key, setDone, setKey, act } = useActing();
  const [typed, setTyped] = useState(households.join(", "));
  return (
    <li className="border-t border-line py-2">
      <p>
        <b>{name}</b>, {t(`roles.${role}`)} <span className="text-muted">({username})</span>
      </p>
      <p className="text-note text-muted">
        {t("access.rights", { role })} · {t("access.sessions", { count: sessions })}
        {seenAt ? `, ${t("access.seen", { day: day(dayOf(seenAt)) })}` : ""}
      </p>
      {role === "helper" && (
        <div className="mt-1 flex flex-wrap items-end gap-2">
          <TextField
            label={`${t("access.households")}: ${name}`}
            hint={t("access.householdsHint")}
            value={typed}
            problem={fields.households}
            onChange={(e) => setTyped(e.target.value)}
            className="w-72"
          />
          <Button
            className="mb-6"
            onClick={() =>
              void act(
                () => give(id, typed),
                () => setDone(t("access.given")),
              )
            }
            aria-label={`${t("access.give")}: ${name}`}
          >
            {t("access.give")}
          </Button>
        </div>
      )}
      {isKept && (
        <OutcomeLines done={done ?? false} failure={failure}>
          <Button
            look="quiet"
            onClick={() => void act(() => renew(id), setKey)}
            aria-label={`${t("access.renew")}: ${name}`}
          >
            {t("access.renew")}
          </Button>
          <Button
            look="quiet"
            onClick={() =>
              void act(
                () => signOut(id),
                () => setDone(t("access.signedOut", { name })),
              )
            }
            aria-label={`${t("access.signOut")}: ${name}`}
          >
            {t("access.signOut")}
          </Button>
          <AskFirst
            name={t("access.end")}
            of={name}
            question={t("access.endAsk", { name })}
            yes={t("access.endYes")}
            onYes={() =>
              void act(
                () => end(id),
                () => setDone(t("access.ended", { name })),
              )
            }
          />
        </OutcomeLines>
      )}
      {key && <KeyCard opens={key} isCard={false} origin={origin} />}
    </li>
  );
}

function CardLine({ card, origin, giveCard }: { card: Card } & AccessProps) {
  const { day } = useWords();
  const { householdId, code, name, memberId, since, seenAt } = card;
  const { failure, key, setKey, act } = useActing();
  const make = () => void act(() => giveCard(householdId), setKey);
  return (
    <li className="border-t border-line py-2">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <p className="min-w-0 flex-1 basis-40">
          <span className="text-muted">{code}</span> <b className="wrap-anywhere">{name}</b>
        </p>
        <p className="text-note text-muted">
          {memberId && since ? t("access.hasCard", { day: day(dayOf(since)) }) : t("access.noCard")}
          {seenAt ? `, ${t("access.seen", { day: day(dayOf(seenAt)) })}` : ""}
        </p>
        {memberId ? (
          <AskFirst
            name={t("access.newCard")}
            of={name}
            question={t("access.newCardAsk")}
            yes={t("access.makeCard")}
            onYes={make}
          />
        ) : (
          <Button aria-label={`${t("access.makeCard")}: ${name}`} onClick={make}>
            {t("access.makeCard")}
          </Button>
        )}
      </div>
      <OutcomeLines done={false} failure={failure}>
        {null}
      </OutcomeLines>
      {key && <KeyCard opens={key} isCard origin={origin} />}
    </li>
  );
}

function Invite({ invited, origin, invite }: Pick<AccessProps, "invited" | "origin" | "invite">) {
  const { failure, fields, key, setKey, act } = useActing();
  const [typed, setTyped] = useState({ name: "", account: "", role: "helper", households: "" });
  const set = (change: Partial<typeof typed>) => setTyped({ ...typed, ...change });
  return (
    <section aria-labelledby="invite" className="grid gap-2 border-t-rule border-ink pt-1.5">
      <h2 id="invite" className="text-lg font-bold">
        {t("access.invite")}
      </h2>
      <TextField
        label={t("access.name")}
        value={typed.name}
        problem={fields.name}
        onChange={(e) => set({ name: e.target.value })}
      />
      <TextField
        label={t("access.account")}
        hint={t("access.accountHint")}
        autoCapitalize="none"
        value={typed.account}
        problem={fields.account}
        onChange={(e) => set({ account: e.target.value })}
      />
      <SelectField
        label={t("access.role")}
        value={typed.role}
        onChange={(e) => set({ role: e.target.value })}
      >
        {invited.map((role) => (
          <option key={role} value={role}>
            {t(`roles.${role}`)}: {t("access.rights", { role })}
          </option>
        ))}
      </SelectField>
      {typed.role === "helper" && (
        <TextField
          label={t("access.households")}
          hint={t("access.householdsHint")}
          value={typed.households}
          problem={fields.households}
          onChange={(e) => set({ households: e.target.value })}
        />
      )}
      <OutcomeLines done={false} failure={failure}>
        <Button
          look="solid"
          onClick={() =>
            void act(
              () => invite(typed),
              (made) => {
                setKey(made);
                setTyped({ ...typed, name: "", account: "", households: "" });
              },
            )
          }
        >
          {t("access.letIn")}
        </Button>
      </OutcomeLines>
      {key && <KeyCard opens={key} isCard={false} origin={origin} />}
    </section>
  );
}
