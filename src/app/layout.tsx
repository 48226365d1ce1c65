import "./globals.css";
import type { Metadata } from "next";
import { connection } from "next/server";
import type { ReactNode } from "react";
import { addRecordAction } from "@/app/actions";
import { dayAt } from "@/core/day";
import { requestProgramme } from "@/server/actor";
import { fixedDay } from "@/server/environment";
import { troubleOf } from "@/server/outcome";
import { todayIn } from "@/server/town";
import { Frame } from "@/ui/frame";
import words from "@/ui/words/en.json";
import { Words } from "@/ui/words/provider";
import { readUnits } from "./units";

export const metadata: Metadata = {
  title: { default: words.app.name, template: `%s · ${words.app.name}` },
  description: words.app.description,
};

/** What the head shows; a database that is away or empty leaves it bare, so that the page below can say so. */
async function head() {
  try {
    const programme = await requestProgramme();
    const { currency, name, town } = programme;
    return { currency, programme: `${name}, ${town}`, day: todayIn(programme) };
  } catch (error) {
    if (!troubleOf(error)) throw error;
    return { currency: "EUR", programme: "", day: fixedDay() ?? dayAt(new Date()) };
  }
}

export default async function RootLayout({ children }: { children: ReactNode }) {
  await connection();
  const units = await readUnits();
  const { currency, programme, day } = await head();
  return (
    <html lang="en" data-made={new Date().toISOString()}>
      <body>
        <Words units={units} currency={currency}>
          <Frame programme={programme} day={day} fixedDay={fixedDay() !== undefined} store={addRecordAction}>
            {children}
          </Frame>
        </Words>
      </body>
    </html>
  );
}
