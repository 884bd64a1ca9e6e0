import type { Kind } from '../kind-schema';
import { beefTenderloin } from './beef-tenderloin';

/** The shares of each way as a peeled piece gives them: fat is off already, the silver skin is not. Estimates. */
const SHARES: Readonly<Record<string, Kind['ways'][number]['shares']>> = {
  'muscles-apart': { centre: 0.49, head: 0.16, tail: 0.06, chain: 0.12, 'silver-skin': 0.06, fat: 0.07 },
  'roast-and-steaks': {
    'centre-roast': 0.29,
    centre: 0.2,
    head: 0.16,
    tail: 0.06,
    chain: 0.12,
    'silver-skin': 0.06,
    fat: 0.07,
  },
  'whole-steaks': { centre: 0.75, tail: 0.06, 'silver-skin': 0.06, fat: 0.09 },
};

/** The same muscle in the other state in which it is sold: defatted, side muscle on. Item number: from memory. */
export const beefTenderloinPeeled: Kind = {
  ...beefTenderloin,
  id: 'beef-tenderloin-peeled',
  name: 'Beef tenderloin, peeled',
  plural: 'peeled beef tenderloins',
  synonyms: ['peeled, side muscle on', 'PSMO', 'defatted tenderloin', 'peeled eye fillet', 'peeled filet'],
  itemNumber: '189A',
  drawnAs: 'beef-tenderloin',
  usualG: [1300, 3500],
  about:
    'The usual one in a sealed bag: its fat is off, side muscle and silver skin are still on. It costs more a kilo than one in its fat, and gives more.',
  ways: beefTenderloin.ways.map((way) => ({
    ...way,
    shares: SHARES[way.id] ?? way.shares,
    estimated: true,
  })),
  askFor: 'A whole tenderloin, peeled, side muscle on, still in its sealed bag.',
};
