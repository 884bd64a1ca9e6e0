import type { Happening } from '../happening';
import { BREAKWATER, FENNEL, HOLLIS } from '../shops';

export const SPRING_2027: readonly Happening[] = [
  {
    what: 'bought',
    on: '2027-03-13',
    kind: 'pork-spare-ribs',
    way: 'squared',
    count: 4,
    eachG: 1920,
    at: BREAKWATER,
  },
  {
    what: 'bought',
    on: '2027-03-25',
    kind: 'lamb-leg',
    way: 'boned-rolled',
    count: 2,
    eachG: 2600,
    at: HOLLIS,
    keptFor: { feast: 'Easter', on: '2027-03-28', guests: 4, packs: 1 },
  },
  { what: 'bought', on: '2027-04-24', kind: 'ribeye', way: 'steaks', eachG: 5850, at: BREAKWATER },
  { what: 'bought', on: '2027-05-08', kind: 'pork-loin', way: 'roasts', count: 2, eachG: 4200, at: FENNEL },
];
