import { Format } from '../format/format';
import type { Lot } from '../ledger/lot';
import { JournalBuilder } from '../testing/journal-builder';
import { readSplit, type SomeTyped } from './split-said';

const format = (system: 'metric' | 'imperial', decimal: '.' | ','): Format =>
  new Format({
    settings: () => ({ system, decimal, currency: 'EUR' }),
    today: () => '2026-11-25',
    zone: () => 'Europe/Paris',
  });
const metric = format('metric', ',');
const birds: Lot = new JournalBuilder()
  .add({
    type: 'received',
    lot: 'p',
    kind: 'whole-chicken',
    count: 4,
    massDg: 64_000,
    paidMinor: 2400,
    on: '2026-01-02',
  })
  .household()
  .journal.state.lots.get('p')!;
const row = (count: string, weight = '', way = 'flattened'): SomeTyped => ({ count, way, weight });

describe('how several are split, as it is typed', () => {
  it('those that stay are what the others leave; what is not weighed shares the rest', () => {
    expect(readSplit(birds, [row('', '3,1'), row('1'), row('1')], metric).value).toEqual({
      groups: [
        { count: 2, way: 'flattened', massDg: 31_000, typed: '3,1 kg' },
        { count: 1, way: 'flattened', massDg: 16_500, typed: null },
        { count: 1, way: 'flattened', massDg: 16_500, typed: null },
      ],
      missingDg: 0,
      isUnlikely: false,
    });
  });

  it('what all of them do not come to has to be said; pounds are read as pounds', () => {
    const pounds = readSplit(birds, [row('', '6 lb 8 oz'), row('2', '7')], format('imperial', '.')).value!;
    expect(pounds.groups.map(({ massDg }) => massDg)).toEqual([29_484, 31_751]);
    expect(pounds.missingDg).toBe(64_000 - 29_484 - 31_751);
  });

  it.each<[string, SomeTyped[], object]>([
    ['no number', [row(''), row('')], { row: 1, field: 'count' }],
    ['none', [row(''), row('0')], { row: 1, field: 'count' }],
    [
      'all of them',
      [row(''), row('4')],
      { row: 1, field: 'count', says: 'There are 4: at least one has to stay.' },
    ],
    [
      'no weight',
      [row(''), row('2', 'heavy')],
      { row: 1, field: 'weight', says: expect.stringContaining('1,5') },
    ],
    [
      'all the weight',
      [row('', '6,4'), row('2')],
      { row: 0, field: 'weight', says: expect.stringContaining('nothing for the others') },
    ],
    [
      'more than there is',
      [row('', '3,4'), row('2', '3,4')],
      { row: 1, field: 'weight', says: expect.stringContaining('6,800 kg, more than the 6,400 kg') },
    ],
  ])('%s is said at its field', (_what, rows, problem) => {
    expect(readSplit(birds, rows, metric).problem).toMatchObject(problem);
  });

  it('digits are in the unit that makes sense; a weight that cannot be theirs says what was meant', () => {
    expect(readSplit(birds, [row('', '3210'), row('2')], metric).value?.groups[0]?.massDg).toBe(32_100);
    const { problem } = readSplit(birds, [row(''), row('2', '685')], format('imperial', '.'));
    expect(problem).toMatchObject({
      row: 1,
      field: 'weight',
      says: '685 is hardly the weight of 2 of them.',
    });
    expect(problem?.meant?.map(({ text }) => text)).toContain('6.85 lb');
    expect(readSplit(birds, [row(''), row('2', '32 kg')], metric).problem?.meant).not.toEqual([]);
  });

  it('a tenth of the weight is asked about', () => {
    expect(readSplit(birds, [row('', '5,6'), row('2')], metric).value?.isUnlikely).toBe(true);
  });
});
