/** One progress line for each step, and one clear sentence when it cannot go on. */
export const say = (text) => console.log(`· ${text}`);

export class CannotGoOn extends Error {}

/** Ends with the sentence of a foreseen failure; a full disk is told as such, anything else with its trace. */
export function giveUp(error) {
  const full = error?.code === "ENOSPC" || /ENOSPC|No space left on device/.test(String(error?.message));
  if (full) console.error("The disk is full: free about 2 GB and start again.");
  else console.error(error instanceof CannotGoOn ? error.message : error);
  process.exit(1);
}
