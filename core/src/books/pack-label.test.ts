import {
  chicken,
  cut,
  freezer,
  household,
  instant,
  piece,
  step,
  type Step,
  wrapped,
} from '../testing/histories';
import { clockAt } from './clock-at';
import { isLabelStale, packLabel } from './pack-label';

const words = {
  mass: (dg: number) => `${dg / 10} g`,
  day: (on: string) => on,
  temperature: (celsius: number) => `${Math.ceil(celsius)} °C`,
  money: (minor: number) => `${minor}`,
};
const PACKED = [chicken('20'), cut('20 17:00', 'p', 'breast', 'main'), wrapped('20 17:30', 'p')];

function label(steps: readonly Step[], when: string, rules = {}) {
  const home = household(steps);
  const [lot, clockOf] = [home.journal.state.lots.get('k')!, clockAt(home, 'UTC', instant(when))];
  const cold = clockOf(lot);
  return { ...packLabel(lot, cold, null, { note: '', rules }, words), isStale: isLabelStale(lot, cold) };
}

describe('“frozen on” a label', () => {
  it.each<[string, Step[], string, string, boolean]>([
    ['printed while wrapping: the day of wrapping', PACKED, '20 17:40', 'frozen 2026-11-20', false],
    ['in on the same day', [...PACKED, freezer('20 18:00', 'k')], '20 18:10', 'frozen 2026-11-20', false],
    [
      'in on the next: it is asked for anew',
      [...PACKED, freezer('21 09:00', 'k')],
      '21 09:10',
      'frozen 2026-11-21',
      true,
    ],
    [
      'a month later it is still asked for',
      [...PACKED, freezer('21 09:00', 'k')],
      '30 09:10',
      'frozen 2026-11-21',
      true,
    ],
  ])('%s', (_what, steps, when, frozen, isStale) => {
    expect(label(steps, when)).toMatchObject({ frozen, isStale });
  });

  it('the best-before counts from it, also while it freezes', () => {
    const { days } = label([...PACKED, freezer('21 09:00', 'k')], '21 09:10');
    expect(days).toEqual([{ word: 'best before', day: '2027-08-21' }]);
  });
});

describe('the heat on a label', () => {
  const steak = [
    piece('strip-loin', 50_000, '20', { kept: 'open' }),
    cut('20 17:00', 'p', 'steak', 'main'),
    wrapped('20 17:30', 'p'),
  ];
  const tenderised = [
    steak[0]!,
    cut('20 17:00', 'p', 'steak', 'main', 5000, 'tenderised'),
    wrapped('20 17:30', 'p'),
  ];
  it.each([
    ['a bird', PACKED, {}, 'Cook to 74 °C', []],
    ['a steak', steak, {}, 'Cook to 63 °C, rest 3 min', []],
    ['a steak for somebody at risk', steak, { atRisk: true as const }, 'Cook to 72 °C', []],
    [
      'a steak by the advice of the United Kingdom',
      steak,
      { heat: 'uk' as const },
      'Cook to 70 °C for 2 min',
      [],
    ],
    ['tenderised', tenderised, {}, 'Cook to 72 °C', ['Tenderised: cook it through']],
  ])('%s', (_what, steps, rules, hint, cautions) => {
    const made = label(steps, '20 17:40', rules);
    expect(made.hint).toBe(hint);
    expect(made.cautions).toEqual(expect.arrayContaining(cautions));
  });
});

it('what was already here and frozen is not asked for anew', () => {
  const here = step('20', {
    type: 'acquired',
    lot: 'k',
    name: 'Chops',
    destination: 'main',
    massDg: 5000,
    count: 1,
    paidMinor: null,
    origin: 'already-here',
    on: '2026-11-01',
  });
  expect(label([here, freezer('20 13:00', 'k')], '20 14:00').isStale).toBe(false);
});
