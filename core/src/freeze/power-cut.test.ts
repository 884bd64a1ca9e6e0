import { clockAt } from '../books/clock-at';
import { coldPlaces } from '../cold/cold-places';
import type { PowerCut } from '../cold/power-cut-note';
import { sayPowerCut } from '../deeds/say-power-cut';
import { whyOf } from '../cold/why';
import { addHours } from '../units/date';
import { valuesOf } from '../records/household';
import type { HouseholdRecord } from '../records/record';
import {
  chicken,
  cut,
  day,
  freezer,
  household,
  instant,
  stamp,
  step,
  type Step,
  wrapped,
} from '../testing/histories';
import { readyBy } from './ready-by';
import { coldHolds, packsWithout, placesWithout } from './power-cut';

describe('how long the cold holds (USDA FSIS, from memory)', () => {
  it.each([
    [1, 48, 'published'],
    [0.75, 36, 'between'],
    [0.5, 24, 'published'],
    [0.49, null, 'under-24'],
    [null, null, 'unknown'],
  ])('a freezer that is full by %p holds %p hours: %s', (share, hours, says) => {
    expect(coldHolds({ cold: 'freezer' }, share)).toEqual({ hours, says });
  });
  it('a refrigerator holds 4 hours, however full', () => {
    expect(coldHolds({ cold: 'refrigerator' }, null)).toEqual({ hours: 4, says: 'published' });
  });
  it('nothing is promised where more than a day’s load is not frozen yet', () => {
    expect(coldHolds({ cold: 'freezer' }, 1, true)).toEqual({ hours: null, says: 'not-frozen' });
  });
});

const size = (litres: number): HouseholdRecord => ({
  type: 'place',
  key: 'chest',
  stamp: { ...stamp, seq: 1 },
  value: { name: 'Chest', cold: 'freezer', litres },
});
const outage = (from: string, to?: string): HouseholdRecord => {
  const value: PowerCut = { from: instant(from), ...(to === undefined ? {} : { to: instant(to) }) };
  return { type: 'power-cut', key: 'c', stamp, value };
};
const bagIn = (lot: string, when: string, place: string, massDg = 4000): Step[] => [
  step(when, {
    type: 'acquired',
    lot,
    name: lot,
    animal: 'beef',
    destination: 'main',
    massDg,
    count: 1,
    paidMinor: 500,
    origin: 'bought-cut',
    on: '2026-11-20',
  }),
  step(when, { type: 'placed', lot, place }),
];
/** A chicken cut and packed at 18:00 on the 20th beside what lay frozen for a week and a pack in the refrigerator. */
const STEPS: Step[] = [
  ...bagIn('old', '13 12:00', 'drawer', 8000),
  ...bagIn('thin', '13 12:01', 'drawer', 2000),
  ...bagIn('fresh', '20 12:00', 'fridge'),
  chicken('20 12:30'),
  cut('20 17:00', 'p', 'breast', 'main'),
  wrapped('20 17:30', 'p'),
  freezer('20 18:00', 'k'),
];

function looked(when: string, power: HouseholdRecord | null, steps: readonly Step[] = STEPS, litres = 100) {
  const home = household(steps, [size(litres), ...(power ? [power] : [])]);
  const clockOf = clockAt(home, 'Etc/UTC', instant(when));
  const stock = [...home.journal.state.lots.values()].filter(({ place }) => place !== null);
  const cut = (power?.value ?? null) as PowerCut | null;
  const places = placesWithout({
    appliances: coldPlaces(valuesOf(home, 'place')),
    stock,
    clockOf,
    cut,
    saidFull: new Map(),
  });
  const nowhere = [...home.journal.state.lots.values()].filter(
    ({ place, leftDg, form }) => place === null && leftDg > 0 && form === 'part',
  );
  const packs = packsWithout(places, cut, instant(when), clockOf, nowhere);
  return { places, packs, cold: clockOf(home.journal.state.lots.get('k')!) };
}

describe('a power cut an hour after wrapping', () => {
  it('lists what was freezing first, then the refrigerator, then the thinnest', () => {
    const { packs } = looked('20 20:00', outage('20 19:00'));
    expect(packs.map(({ pack }) => pack.id)).toEqual(['k', 'fresh', 'thin', 'old']);
  });

  it.each([
    ['20 22:59', ['nothing', 'nothing', 'nothing', 'nothing']],
    ['20 23:01', ['check', 'measure', 'check', 'check']],
  ])('asked at %s: %p', (when, advice) => {
    expect(looked(when, outage('20 19:00')).packs.map((each) => each.advice)).toEqual(advice);
  });

  it('what is hard in a full freezer holds its 48 hours', () => {
    const full = (when: string) =>
      looked(when, outage('20 19:00'), [...STEPS, ...bagIn('much', '13 12:02', 'drawer', 600_000)]).packs;
    expect(full('22 18:59').find(({ pack }) => pack.id === 'old')?.advice).toBe('nothing');
    expect(full('22 19:01').find(({ pack }) => pack.id === 'old')?.advice).toBe('check');
  });

  it.each([
    ['no cut', null, '21 18:00'],
    ['two hours: it only waits', outage('20 19:00', '20 21:00'), '21 20:00'],
    ['five hours: its whole time anew', outage('20 19:00', '21 00:00'), '22 00:00'],
    ['still out', outage('20 19:00'), null],
    ['over before it went in', outage('20 08:00', '20 17:59'), '21 18:00'],
    ['it went in while the power was out', outage('20 16:00', '20 23:00'), '21 23:00'],
  ])('%s', (_what, power, frozen) => {
    const { cold } = looked('20 20:00', power);
    expect([cold.state, cold.frozenAt]).toEqual(['freezing', frozen === null ? null : instant(frozen)]);
  });

  it('its days in the refrigerator go on meanwhile, and after its last day it is no dinner', () => {
    const { cold } = looked('23 12:00', outage('20 19:00'));
    expect([cold.state, cold.cookBy, cold.overdue]).toEqual(['freezing', '2026-11-22', false]);
  });

  it('looked at and cold it freezes on, its whole time anew; what was warm is thrown away', () => {
    const checked = (found: 'cold' | 'ice' | 'warm') =>
      looked('21 02:00', outage('20 19:00', '21 00:00'), [
        ...STEPS,
        step('21 01:00', { type: 'checked', lot: 'k', on: '2026-11-21', found }),
      ]);
    expect(checked('cold').cold.frozenAt).toBe(instant('22 01:00'));
    expect(checked('ice').packs[0]).toMatchObject({ isChecked: true, pack: { id: 'k' } });
    expect(checked('warm').cold).toMatchObject({
      overdue: true,
      because: 'warm',
    });
  });

  it('what was hard and is soft but cold is frozen again, at half of its time; with ice it is as it was', () => {
    const old = (found: 'cold' | 'ice') => {
      const check = step('22 20:00', { type: 'checked', lot: 'old', on: '2026-11-22', found });
      return looked('22 21:00', outage('20 19:00', '22 19:00'), [...STEPS, check]).packs.find(
        ({ pack }) => pack.id === 'old',
      )?.cold;
    };
    expect(old('ice')).toMatchObject({ state: 'frozen', refrozen: false, bestBefore: '2027-07-13' });
    expect(old('cold')).toMatchObject({ state: 'freezing', refrozen: true, bestBefore: '2027-03-18' });
  });

  it.each<[string, string, string, Step[], boolean]>([
    ['nobody has looked', '21 12:00', 'k', [], true],
    ['up to four hours', '20 22:59', 'k', [], false],
    [
      'looked at',
      '21 12:00',
      'k',
      [step('21 01:00', { type: 'checked', lot: 'k', on: '2026-11-21', found: 'cold' })],
      false,
    ],
    ['what was hard', '21 12:00', 'old', [], false],
    ['what lay in the refrigerator', '21 12:00', 'fresh', [], true],
    ['weeks later it still waits to be looked at', '29 12:00', 'k', [], true],
  ])('before it is looked at it is no dinner, and not frozen raw: %s', (_what, when, id, more, toCheck) => {
    const steps = [...STEPS, ...more];
    const home = household(steps, [size(100), outage('20 19:00', when < '21' ? undefined : '21 00:00')]);
    const clockOf = clockAt(home, 'Etc/UTC', instant(when));
    const lot = home.journal.state.lots.get(id)!;
    expect(clockOf(lot).toCheck).toBe(toCheck);
    if (!toCheck) return;
    expect(whyOf(clockOf(lot))).toContain('nobody has looked at it since');
    const pan = { now: instant(when), panAt: addHours(instant(when), 2), on: day(when) };
    expect(readyBy([lot], pan, clockOf)).toEqual([]);
    expect(clockOf(lot).mayRefreeze).not.toBe(true);
  });

  it('what lies nowhere by name is listed too, and measured: it can be told what was found', () => {
    const steps = [...STEPS, cut('20 17:40', 'q', 'thighs', 'main')];
    const { packs } = looked('20 23:30', outage('20 19:00'), steps);
    expect(packs.map(({ pack, advice }) => [pack.id, advice])).toContainEqual(['q', 'measure']);
  });

  it('what came after the power was back is not asked about', () => {
    const { packs } = looked('22 12:00', outage('20 08:00', '20 17:59'));
    expect(packs.map(({ pack }) => pack.id)).not.toContain('k');
  });

  it('more than a day’s load not frozen: nothing is promised to its neighbours', () => {
    const { places } = looked('20 20:00', outage('20 19:00'), STEPS, 10);
    expect(places.map(({ holds }) => holds.says)).toEqual(['not-frozen', 'published']);
  });

  it('a drawer of unknown size is left out of how full it is', () => {
    const drawer = (key: string, litres?: number): HouseholdRecord => ({
      type: 'place',
      key,
      stamp: { ...stamp, seq: 2 },
      value: { name: key, cold: 'freezer', within: 'chest', ...(litres === undefined ? {} : { litres }) },
    });
    const home = household(
      [...bagIn('a', '13 12:00', 'drawer', 60_000), ...bagIn('b', '13 12:01', 'bottom', 60_000)],
      [drawer('drawer', 20), drawer('bottom')],
    );
    const [place] = placesWithout({
      appliances: coldPlaces(valuesOf(home, 'place')),
      stock: [...home.journal.state.lots.values()],
      clockOf: clockAt(home, 'Etc/UTC', instant('20')),
      cut: null,
      saidFull: new Map(),
    });
    expect([place?.share, place?.appliance.atLeast, place?.holds.says]).toEqual([0.5, true, 'published']);
  });
});

describe('a power cut as it is said', () => {
  const now = instant('20 20:00');
  const said = (from: string, to: string | null) =>
    sayPowerCut('c', { from: instant(from), to: to === null ? null : instant(to) }, now);
  it.each([
    ['in the future', '20 21:00', null, 'That is still to come.'],
    ['back in the future', '20 18:00', '20 21:00', 'That is still to come.'],
    ['back before it went', '20 18:00', '20 17:00', 'It came back before it went.'],
    ['a week long', '10 18:00', '18 17:00', 'That is over a week without power'],
    ['out for over a week', '10 18:00', null, 'That is over a week without power'],
  ])('%s: a sentence, and nothing is written down', (_what, from, to, problem) => {
    expect(said(from, to).problem).toMatch(new RegExp(`^${problem}.* Nothing was written down\\.$`));
  });
  it('is written down with its end, or without', () => {
    expect(said('20 18:00', '20 19:00').value?.records?.[0]).toMatchObject({
      value: { to: instant('20 19:00') },
    });
    expect(said('20 18:00', null).value?.records?.[0]).toMatchObject({
      value: { from: instant('20 18:00') },
    });
  });
});
