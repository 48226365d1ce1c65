/** Whose rows a statement touches. Programme and household stand on every row, so that no statement reaches beyond them. */
export interface Scope {
  readonly programmeId: string;
  readonly householdId: string;
}

/** Of a programme's rows, whose id is the first value, those of households that have not left. */
export const HERE = `household_id NOT IN (SELECT id FROM household WHERE programme_id = $1 AND put_away)`;

/** Of records `t`, those that count: that no later one supersedes. */
export const STANDS = `NOT EXISTS (SELECT 1 FROM record later WHERE later.supersedes = t.id)`;
