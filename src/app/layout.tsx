import "./globals.css";
import type { Metadata } from "next";
import { connection } from "next/server";
import type { ReactNode } from "react";
import { chooseProgrammeAction, signOutAction } from "@/app/actions/people";
import { addRecordAction } from "@/app/actions/records";
import { homeOf } from "@/server/home";
import { dayAt } from "@/core/day";
import { currentActor, NotAllowed, signedIn, SignedOut } from "@/server/actor";
import { fixedDay } from "@/server/environment";
import { may } from "@/server/may";
import { troubleOf } from "@/server/outcome";
import { readProgramme } from "@/server/programme";
import { todayIn } from "@/server/town";
import { Frame, type Person } from "@/ui/frame";
import { app } from "@/ui/words/en";
import { Words } from "@/ui/words/provider";
import { readUnits } from "./units";

export const metadata: Metadata = {
  title: { default: app.name, template: `%s · ${app.name}` },
  description: app.description,
};

/** What the head shows. It is bare while nobody has signed in, or while the database is away, so that the page below can say so. */
async function head() {
  try {
    const actor = await currentActor("see-household");
    const programme = await readProgramme(actor);
    const { currency, name, town } = programme;
    const memberships = (await signedIn())?.memberships ?? [];
    const person: Person = {
      name: actor.name,
      role: actor.role,
      rights: {
        seesAll: may(actor, "see-programme"),
        changes: may(actor, "change-programme"),
        writes: may(actor, "write-records"),
      },
      home: homeOf(actor),
      device: memberships.find((m) => m.programmeId === actor.programmeId)?.memberId ?? "",
      programmes: memberships.map((m) => ({ id: m.programmeId, name: m.programme })),
      programmeId: actor.programmeId,
    };
    return { currency, programme: `${name}, ${town}`, day: todayIn(programme), person };
  } catch (error) {
    if (!troubleOf(error) && !(error instanceof SignedOut) && !(error instanceof NotAllowed)) throw error;
    return { currency: "EUR", programme: "", day: fixedDay() ?? dayAt(new Date()), person: undefined };
  }
}

export default async function RootLayout({ children }: { children: ReactNode }) {
  await connection();
  const units = await readUnits();
  const { currency, ...shown } = await head();
  return (
    <html lang="en" data-made={new Date().toISOString()}>
      <body>
        <Words units={units} currency={currency}>
          <Frame
            {...shown}
            fixedDay={fixedDay() !== undefined}
            store={addRecordAction}
            signOut={signOutAction}
            choose={chooseProgrammeAction}
          >
            {children}
          </Frame>
        </Words>
      </body>
    </html>
  );
}
