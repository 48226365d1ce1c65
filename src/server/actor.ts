import { cookies, headers } from "next/headers";
import { cache } from "react";
import { listMemberships, type Membership } from "@/db/members";
import { db, type Sight } from "@/db/pool";
import { sessionOf } from "./auth";
import type { Role } from "@/core/role";
import { may, type Right } from "./may";

/** Who asks. Every use case takes one, and checks with it what may be seen and done. */
export interface Actor extends Sight {
  readonly role: Role;
  readonly name: string;
}

/** Nobody has signed in, or whoever did may do nothing here any more. */
export class SignedOut extends Error {}

/** Whoever asks may not do this. */
export class NotAllowed extends Error {
  constructor(readonly actor: Actor) {
    super("not allowed");
  }
}

/** Names the programme that somebody with several works in. */
export const PROGRAMME_COOKIE = "programme";

/** Who has signed in on this device, with all that they may do; undefined for nobody. Read once a request. */
export const signedIn = cache(
  async (): Promise<{ readonly userId: string; readonly memberships: readonly Membership[] } | undefined> => {
    const session = await sessionOf(await headers());
    return session && { ...session, memberships: await listMemberships(db("everything"), session.userId) };
  },
);

/** The programme that this device works in, of those that somebody may. */
const chosenOf = async (memberships: readonly Membership[]): Promise<Membership | undefined> => {
  const chosen = (await cookies()).get(PROGRAMME_COOKIE)?.value;
  return memberships.find((m) => m.programmeId === chosen) ?? memberships[0];
};

const requestActor = cache(async (): Promise<Actor> => {
  const person = await signedIn();
  const membership = person && (await chosenOf(person.memberships));
  if (!membership) throw new SignedOut("nobody has signed in");
  const { role, programmeId, name, households } = membership;
  return { role, programmeId, name, ...(households ? { households } : {}) };
});

/**
 * The one who sends this request.
 *
 * @param right what they are about to do
 * @throws {SignedOut} when nobody has signed in
 * @throws {NotAllowed} when they may not
 */
export async function currentActor(right: Right = "see-programme"): Promise<Actor> {
  const actor = await requestActor();
  if (!may(actor, right)) throw new NotAllowed(actor);
  return actor;
}

/** Whether a household is among those that an actor sees. */
export const sees = ({ households }: Actor, householdId: string): boolean =>
  households?.includes(householdId) ?? true;
