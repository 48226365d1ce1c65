import "./globals.css";
import type { Metadata } from "next";
import { NextIntlClientProvider } from "next-intl";
import { cookies } from "next/headers";
import { connection } from "next/server";
import type { ReactNode } from "react";
import { currentActor } from "@/server/actor";
import { today } from "@/server/environment";
import { householdList, readProgramme } from "@/server/households";
import { Frame } from "@/ui/frame";
import words from "@/ui/words/en.json";
import { CurrencyProvider, UnitsProvider } from "@/ui/words/use-words";

export const metadata: Metadata = {
  title: { default: words.app.name, template: `%s · ${words.app.name}` },
  description: words.app.description,
};

/** What the head shows; a database out of reach leaves it bare, so that the page below can say so. */
async function head() {
  try {
    const actor = await currentActor();
    const [programme, households] = await Promise.all([readProgramme(actor), householdList(actor)]);
    return {
      currency: programme.currency,
      programme: `${programme.name}, ${programme.town}`,
      households: households.map(({ id, code, name }) => ({ id, code, name })),
    };
  } catch {
    return { currency: "EUR", programme: "", households: [] };
  }
}

export default async function RootLayout({ children }: { children: ReactNode }) {
  await connection();
  const units = (await cookies()).get("units")?.value === "us" ? "us" : "metric";
  const { day, fixed } = today();
  const { currency, ...known } = await head();
  return (
    <html lang="en">
      <body>
        <NextIntlClientProvider>
          <UnitsProvider value={units}>
            <CurrencyProvider value={currency}>
              <Frame {...known} day={day} fixedDay={fixed}>
                {children}
              </Frame>
            </CurrencyProvider>
          </UnitsProvider>
        </NextIntlClientProvider>
      </body>
    </html>
  );
}
