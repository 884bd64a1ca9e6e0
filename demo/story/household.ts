import type { Eater } from '@core/pack/eater';
import type { Place } from '@core/cold/place';
import type { Settings } from '@core/records/settings';

/** Five people in a house above the harbour of Tarn Quay: invented, as all of it. */
export const EATERS: readonly Eater[] = [
  { name: 'Odile', plateDg: 2600 },
  { name: 'Bram', plateDg: 2400 },
  { name: 'Tamsin', plateDg: 1900, likes: ['lamb-rack:chops'], never: ['lamb-leg:shank'] },
  { name: 'Ilse', plateDg: 1800, likes: ['whole-chicken:breast', 'whole-chicken:breast-boneless'] },
  {
    name: 'Pia',
    plateDg: 1200,
    likes: ['whole-chicken:drumsticks'],
    never: ['pork-spare-ribs:tips'],
  },
];

/** What thaws, and what waits for its turn, lies here. */
export const REFRIGERATOR = 'fridge-low';

/** What they had from the beginning. */
export const FIRST_PLACES: readonly (readonly [string, Place])[] = [
  ['kitchen', { name: 'Kitchen freezer', cold: 'freezer', litres: 54, airC: -18, frostFree: true, order: 1 }],
  ['kitchen-one', { name: 'drawer 1', cold: 'freezer', within: 'kitchen', order: 0 }],
  ['kitchen-two', { name: 'drawer 2', cold: 'freezer', within: 'kitchen', order: 1 }],
  ['fridge', { name: 'Refrigerator', cold: 'refrigerator', airC: 4, order: 2 }],
  [REFRIGERATOR, { name: 'bottom shelf', cold: 'refrigerator', within: 'fridge', order: 1 }],
];

/** The second freezer, since the first filled. */
export const CHEST: readonly (readonly [string, Place])[] = [
  ['chest', { name: 'Chest freezer', cold: 'freezer', litres: 190, airC: -20, order: 0 }],
  ['chest-top', { name: 'top basket', cold: 'freezer', within: 'chest', litres: 45, order: 0 }],
  ['chest-left', { name: 'left', cold: 'freezer', within: 'chest', order: 1 }],
  ['chest-right', { name: 'right', cold: 'freezer', within: 'chest', order: 2 }],
];

/** Fridays are without meat. */
export const DINNERS = {
  at: '18:30',
  meatless: [5],
  awake: ['06:30', '22:30'],
} as const satisfies Settings['dinners'];

export const SETTINGS: Partial<Settings> = {
  system: 'metric',
  decimal: '.',
  currency: 'EUR',
  eaters: [...EATERS],
  school: 'store-value',
  costs: {
    bagMinor: 18,
    labelMinor: 3,
    hourMinor: 0,
    tools: [
      { name: 'Boning knife and steel', paidMinor: 6400, years: 10 },
      { name: 'Vacuum sealer', paidMinor: 11_900, years: 6 },
    ],
  },
  dinners: { ...DINNERS, meatless: [...DINNERS.meatless], awake: [...DINNERS.awake] },
};
