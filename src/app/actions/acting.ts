import { revalidatePath } from "next/cache";
import type { Outcome } from "@/core/problem";
import { type Actor, currentActor } from "@/server/actor";
import type { Right } from "@/server/may";
import { outcomeOf } from "@/server/outcome";

/**
 * Runs a use case for whoever sends this request. Actions are doors that anybody can knock at: each finds the actor here, and
 * the use case parses all that comes in.
 *
 * @param right what they have to be allowed
 */
export const acting = <T>(right: Right, work: (actor: Actor) => Promise<Outcome<T>>): Promise<Outcome<T>> =>
  outcomeOf(async () => work(await currentActor(right)));

/** Runs a use case that changes what every screen of the programme may show: they follow it. */
export async function changing<T>(
  right: Right,
  work: (actor: Actor) => Promise<Outcome<T>>,
): Promise<Outcome<T>> {
  const outcome = await acting(right, work);
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}
