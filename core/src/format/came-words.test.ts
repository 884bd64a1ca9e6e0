import type { WhatCame } from '../records/what-came';
import { cameWords } from './came-words';
import { countedWords, tallyOf, tallySince } from './counted-words';
import { Format } from './format';

const format = new Format({
  settings: () => ({ system: 'metric', decimal: '.', currency: 'EUR' }),
  today: () => '2026-11-27',
  zone: () => 'Etc/UTC',
});

const NOTHING: WhatCame = {
  kinship: 'same',
  entries: 0,
  byType: {},
  devices: [],
  records: {},
  settings: [],
  counted: [],
  placesGone: 0,
  misfits: [],
};

describe('what a merge brought, in words', () => {
  it('nothing', () => {
    expect(cameWords(NOTHING, format)).toEqual(['Nothing that was not here']);
  });

  it('all of it', () => {
    const came: WhatCame = {
      kinship: 'strangers',
      entries: 34,
      byType: { received: 2, drained: 1, cut: 30, eaten: 1 },
      devices: [
        {
          device: 'x8fzselpzvf1fm',
          entries: 33,
          from: '2026-11-03T10:00:00.000Z',
          to: '2026-11-24T10:00:00.000Z',
        },
        { device: 'tablet', entries: 1, from: '2026-11-24T10:00:00.000Z', to: '2026-11-24T11:00:00.000Z' },
      ],
      records: { price: 14, place: 1, item: 2 },
      settings: [
        { group: 'eaters', here: {}, there: {}, stays: 'here' },
        { group: 'costs', here: {}, there: {}, stays: 'there' },
      ],
      counted: [{ piece: 'p', item: 'strip-steak', here: 2900, there: 3000, now: 3000 }],
      placesGone: 2,
      misfits: ['e1'],
    };
    expect(cameWords(came, format)).toEqual([
      '2 pieces bought, 31 weighings, 1 use, 14 prices, 1 place and 2 other notes',
      '33 written by the device x8fz, 3 Nov to 24 Nov',
      '1 written by the device tablet, 24 Nov',
      'Who eats here: said otherwise there; what was said here stays',
      'What the work costs: said otherwise there; what was said there counts now',
      'A closed piece counted strip steak at €29.00/kg here and €30.00/kg there: €30.00/kg counts',
      '2 places of this household, in which nothing lay, did not stay',
      '1 of it does not fit: see the top of the page',
    ]);
  });
});

describe('entries as a household counts them', () => {
  it('since an earlier count', () => {
    const then = tallyOf([{ type: 'cut' }, { type: 'received' }, { type: 'eaten' }]);
    const now = tallyOf([
      { type: 'cut' },
      { type: 'cut' },
      { type: 'drained' },
      { type: 'received' },
      { type: 'counted' },
    ]);
    expect(countedWords(tallySince(now, then))).toEqual(['2 weighings', '1 count of stock']);
    expect(countedWords(tallySince(then, then))).toEqual([]);
  });
});
