/** Whose rows a statement touches. Programme and household stand on every row, so that no statement reaches beyond them. */
export interface Scope {
  readonly programmeId: string;
  readonly householdId: string;
}
