/** A state in which a piece is sold that makes another kind of it: each is a kind with shares of its own. */
export interface SoldAs {
  readonly question: string;
  readonly kinds: readonly (readonly [kind: string, word: string])[];
}

const STATES: readonly SoldAs[] = [
  {
    question: 'Sold',
    kinds: [
      ['beef-tenderloin', 'in its fat'],
      ['beef-tenderloin-peeled', 'peeled'],
    ],
  },
];

/** In which states a kind is sold; undefined for one that is sold in one only. */
export function soldAs(kind: string): SoldAs | undefined {
  return STATES.find(({ kinds }) => kinds.some(([id]) => id === kind));
}

/** Questions inside a way that are answered by how the piece was bought, and not by the hand that cuts. */
export const BOUGHT_SO: ReadonlySet<string> = new Set(['Shank', 'Hip bone']);
