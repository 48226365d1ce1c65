/** What the id of a mix of a programme's own begins with. */
export const OWN = "own/";

/** A mix of a programme's own goes by what the programme calls it. */
export const ownMixId = (name: string): string => `${OWN}${name.trim()}`;

/** What a programme calls a mix of its own; undefined for one that ships, which has its name in the words of the interface. */
export const ownMixName = (id: string): string | undefined =>
  id.startsWith(OWN) ? id.slice(OWN.length) : undefined;
