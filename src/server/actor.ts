import { cache } from "react";
import type { Outcome } from "@/core/problem";
import { firstProgramme, type Programme } from "@/db/programmes";
import { db } from "@/db/pool";

/** Who asks. Every use case takes one, and checks with it what may be seen and done. */
export interface Actor {
  readonly role: "trainer";
  readonly programmeId: string;
  readonly name: string;
}

/** No actor: the database holds no programme to act in. */
export class NoProgramme extends Error {}

/** The programme that this request is in, read once. For now always the first one; sign-in will change this place alone. */
export const requestProgramme = cache(async (): Promise<Programme> => {
  const programme = await firstProgramme(db());
  if (!programme) throw new NoProgramme("the database holds no programme");
  return programme;
});

/** The one who sends this request: for now always the programme's trainer. */
export async function currentActor(): Promise<Actor> {
  const { id, trainer } = await requestProgramme();
  return { role: "trainer", programmeId: id, name: trainer };
}

/** Trainers change what is in their own programme; everything else is refused. */
export function mayChange(actor: Actor, programme: Programme | undefined): Outcome<Programme> {
  return programme && actor.role === "trainer" && programme.id === actor.programmeId
    ? { ok: true, value: programme }
    : { ok: false, problem: { code: "not-allowed" } };
}
