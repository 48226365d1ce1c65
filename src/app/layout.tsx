import "./globals.css";
import type { Metadata } from "next";
import { cookies } from "next/headers";
import { connection } from "next/server";
import type { ReactNode } from "react";
import { requestProgramme } from "@/server/actor";
import { today } from "@/server/environment";
import { troubleOf } from "@/server/outcome";
import { Frame } from "@/ui/frame";
import words from "@/ui/words/en.json";
import { Words } from "@/ui/words/provider";

export const metadata: Metadata = {
  title: { default: words.app.name, template: `%s · ${words.app.name}` },
  description: words.app.description,
};

/** What the head shows; a database that is away or empty leaves it bare, so that the page below can say so. */
async function head() {
  try {
    const { currency, name, town } = await requestProgramme();
    return { currency, programme: `${name}, ${town}` };
  } catch (error) {
    if (!troubleOf(error)) throw error;
    return { currency: "EUR", programme: "" };
  }
}

export default async function RootLayout({ children }: { children: ReactNode }) {
  await connection();
  const units = (await cookies()).get("units")?.value === "us" ? "us" : "metric";
  const { day, fixed } = today();
  const { currency, programme } = await head();
  return (
    <html lang="en">
      <body>
        <Words units={units} currency={currency}>
          <Frame programme={programme} day={day} fixedDay={fixed}>
            {children}
          </Frame>
        </Words>
      </body>
    </html>
  );
}
