import { Format } from '../format/format';
import { DEFAULT_SETTINGS } from '../records/settings';
import {
  bag,
  chicken,
  cut,
  day,
  household,
  instant,
  loin,
  opened,
  type Step,
  useBy,
} from '../testing/histories';
import { bagWords } from './bag-words';
import { clockAt } from './clock-at';

const format = new Format({ settings: () => DEFAULT_SETTINGS, today: () => '2026-11-13', zone: () => 'UTC' });
const said = (steps: readonly Step[], when: string): string => {
  const home = household(steps);
  const lot = home.journal.state.lots.get('x')!;
  return bagWords(lot, clockAt(home, 'UTC', instant(when))(lot), day(when), format);
};

describe('what the board says of a bag', () => {
  it.each([
    [
      'sealed 4 days',
      [bag('1')],
      '5',
      'Sealed 4 days. Opened today it is best by Sun 8 Nov, latest Tue 10 Nov.',
    ],
    ['near its last day', [bag('1')], '13', 'Sealed 12 days. Opened today it is good up to Sun 15 Nov.'],
    ['opened today', [bag('1'), opened('13')], '13', 'Sealed 12 days, opened today: good up to Sun 15 Nov.'],
    [
      'cut into',
      [bag('1'), cut('5', 'p', 'steak', 'main')],
      '6',
      'Sealed 4 days, opened Thu 5 Nov: best by Sun 8 Nov, latest Tue 10 Nov.',
    ],
    [
      'a bird in its bag',
      [chicken('3', useBy('9'))],
      '4',
      'Sealed 1 day. Opened today it is best by Thu 5 Nov, latest Fri 6 Nov.',
    ],
    [
      'a loin from a tray that is cut',
      [loin('3', { kept: 'open' }), cut('3', 'p', 'steak', 'main')],
      '4',
      '',
    ],
  ])('%s', (_what, steps, when, words) => {
    expect(said(steps, when)).toBe(words);
  });
});
