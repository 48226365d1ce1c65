import { cache } from "react";
import type { Outcome } from "@/core/problem";
import { allProgrammes, type Programme } from "@/db/programmes";
import { db } from "@/db/pool";

/** Who asks. Every use case takes one, and checks with it what may be seen and done. */
export interface Actor {
  readonly role: "trainer";
  readonly programmeId: string;
  readonly name: string;
}

/** No actor: the database holds no programme to act in. */
export class NoProgramme extends Error {}

/** The one who sends this request. For now always the trainer of the first programme; sign-in will change this place alone. */
export const currentActor = cache(async (): Promise<Actor> => {
  const [programme] = await allProgrammes(db());
  if (!programme) throw new NoProgramme("the database holds no programme");
  return { role: "trainer", programmeId: programme.id, name: programme.trainer };
});

/** Trainers change what is in their own programme; everything else is refused. */
export function mayChange(actor: Actor, programme: Programme | undefined): Outcome<Programme> {
  return programme && actor.role === "trainer" && programme.id === actor.programmeId
    ? { ok: true, value: programme }
    : { ok: false, problem: { code: "not-allowed" } };
}
