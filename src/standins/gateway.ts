/** A text message on its way to a phone. */
export interface Outgoing {
  readonly to: string;
  readonly text: string;
}

/** Messages are no longer than so many letters here: longer ones would be parted on the way. */
const MOST_LETTERS = 320;

/**
 * A gateway for text messages that is made up and ships with the app: what it takes is delivered, and its inbox and outbox
 * are a screen. Numbers that end in 0000 cannot be reached.
 *
 * @throws {Error} for a number that cannot be reached
 */
export async function deliver({ to, text }: Outgoing): Promise<void> {
  if (to.endsWith("0000")) throw new Error("the number cannot be reached");
  if (text.length > MOST_LETTERS) throw new Error(`a message of ${text.length} letters`);
}
