import { addDays, type Day } from "../day";
import type { Task } from "../days";
import type { Garden } from "../garden";
import { fillingsIn, type Heap, heapsOf } from "../kit";
import { firstSoakL } from "../mix";
import type { Filling } from "../steps";

/** One household of a group, with what its plan asks for. */
export interface Member {
  readonly householdId: string;
  readonly name: string;
  readonly garden: Garden;
  readonly tasks: readonly Task[];
}

/** What one household takes home from a session. */
export interface SessionShare {
  readonly householdId: string;
  readonly name: string;
  readonly fillings: readonly Filling[];
  /** What is sown or planted in it. */
  readonly starts: readonly Extract<Task, { kind: "sow" | "move" }>[];
  readonly soilL: number;
}

/** Everybody fills and sows at once: heaps for all, water, what each takes, and who does what. */
export interface Session {
  readonly heaps: readonly Heap[];
  readonly soakL: number;
  readonly shares: readonly SessionShare[];
  /** Hands at each post: mixing, carrying, filling, soaking. */
  readonly posts: {
    readonly mix: number;
    readonly carry: number;
    readonly fill: number;
    readonly soak: number;
  };
  /** About how long the filling takes with these hands, minutes. */
  readonly minutes: number;
}

/** A session does what is due within so many days of it. Ours to choose. */
const AHEAD_DAYS = 14;
/** One pair of hands mixes, carries and fills about so much in an hour, L. Assumption, no source. */
export const HANDS_L_HOUR = 120;

/** What a group does together on a day. Posts are manned by one of each household: half of them mix and carry. */
export function sessionOf(members: readonly Member[], on: Day): Session {
  const until = addDays(on, AHEAD_DAYS);
  const shares = members.map(({ householdId, name, garden, tasks }): SessionShare => {
    const near = tasks.filter((task) => task.from <= until);
    const fillings = fillingsIn(near, garden);
    return {
      householdId,
      name,
      fillings,
      starts: near.filter(
        (task): task is SessionShare["starts"][number] => task.kind === "sow" || task.kind === "move",
      ),
      soilL: fillings.reduce((sum, { soilL }) => sum + soilL, 0),
    };
  });
  const all = shares.flatMap(({ fillings }) => fillings);
  const litres = all.reduce((sum, { soilL }) => sum + soilL, 0);
  const hands = Math.max(1, members.length);
  const mix = Math.max(1, Math.round(hands / 4));
  const carry = Math.max(1, Math.round(hands / 4));
  const soak = Math.max(1, Math.round(hands / 8));
  return {
    heaps: heapsOf(all),
    soakL: all.reduce((sum, { row }) => sum + firstSoakL(row.soilL), 0),
    shares,
    posts: { mix, carry, soak, fill: Math.max(1, hands - mix - carry - soak) },
    minutes: (60 * litres) / (HANDS_L_HOUR * hands),
  };
}
