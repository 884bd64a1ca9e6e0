import type { Fact, FactOf } from '../ledger/entry';
import type { HouseholdRecord } from '../records/record';
import { coldAsBought } from './as-bought';
import type { Cold } from './cold';
import { whyOf } from './why';
import {
  again,
  bag,
  chicken,
  clock,
  cut,
  day,
  drained,
  felt,
  freezer,
  fridge,
  ground,
  instant,
  loin,
  microwave,
  minced,
  opened,
  out,
  pack,
  packedOn,
  piece,
  roast,
  sellBy,
  single,
  stamp,
  type Step,
  step,
  thaw,
  useBy,
  water,
  wrapped,
} from '../testing/histories';

/*
 * Histories whose dates were worked out by hand from the published times (USDA FSIS: cold storage
 * chart, The Big Thaw, Freezing and Food Safety; from memory). A day is one of November 2026 unless
 * it says its month: '3.12' is 3 December. The last column: may it go into the freezer, raw?
 */

const NONE = '–';

type Row = [
  what: string,
  history: Step[],
  on: string,
  state: Cold['state'],
  due: string,
  last: string,
  mayFreeze: 'yes' | 'no' | typeof NONE,
];

// oxfmt-ignore
const TABLE: Row[] = [
  // Fresh: the chart counts from the purchase, day 0, through cutting and wrapping.
  ['chicken, no date, on the day', [chicken('20')], '20', 'fresh', '21', '22', 'yes'],
  ['chicken, no date, on its last day', [chicken('20')], '22', 'fresh', '21', '22', 'yes'],
  ['chicken, no date, a day later', [chicken('20')], '23', 'fresh', '21', '22', 'no'],
  ['chicken cut 23, wrapped 25, on 25', [chicken('20'), cut('23', 'a', 'breast', 'main'), wrapped('25', 'a')], '25', 'fresh', '21', '22', 'no'],
  ['chicken cut and wrapped at once', [chicken('20'), cut('20', 'a', 'breast', 'main'), wrapped('20', 'a')], '21', 'fresh', '21', '22', 'yes'],
  ['chicken ground the day after', [chicken('20'), cut('20', 'a', 'thighs', 'main'), ground('21', 'a')], '21', 'fresh', '21', '22', 'yes'],
  ['turkey, no date', [piece('whole-turkey', 70_000, '20')], '20', 'fresh', '21', '22', 'yes'],
  ['beef steaks bought cut, no date', [pack('beef', 4000, '20')], '21', 'fresh', '23', '25', 'yes'],
  ['pork chops bought cut, on 26', [pack('pork', 4000, '20')], '26', 'fresh', '23', '25', 'no'],
  ['lamb bought cut, on its last day', [pack('lamb', 4000, '20')], '25', 'fresh', '23', '25', 'yes'],
  ['minced beef bought', [pack('beef', 5000, '20', { destination: 'grind' })], '20', 'fresh', '21', '22', 'yes'],
  ['chicken pieces bought cut', [pack('chicken', 6000, '20')], '20', 'fresh', '21', '22', 'yes'],
  ['entered a day later, bought on 19', [pack('chicken', 6000, '20', { boughtOn: day('19') })], '20', 'fresh', '20', '21', 'yes'],
  ['put into the refrigerator: nothing new', [pack('beef', 4000, '20'), fridge('20 12:05')], '21', 'fresh', '23', '25', 'yes'],
  ['a gift of steaks', [pack('beef', 4000, '20', { origin: 'gift' })], '21', 'fresh', '23', '25', 'yes'],
  // Cut small it has the shorter-lived class from then on, never past what it came from.
  ['beef roast bought 20, cubed 23', [roast('20'), cut('23', 'a', 'stew', 'stew')], '23', 'fresh', '24', '25', 'yes'],
  ['the same, ground 20', [roast('20'), cut('20', 'a', 'grind', 'grind')], '20', 'fresh', '21', '22', 'yes'],
  ['the same, ground 24: never past the 25th', [roast('20'), cut('24', 'a', 'grind', 'grind')], '24', 'fresh', '25', '25', 'yes'],
  ['steak cut 20, ground 22', [roast('20'), cut('20', 'a', 'steaks', 'main'), ground('22', 'a')], '22', 'fresh', '23', '24', 'yes'],
  ['ground 24 with grind of 22: the stricter', [roast('20'), cut('20', 'a', 'steaks', 'main'), cut('22', 'b', 'grind', 'grind'), ground('24', 'a', 'b')], '24', 'fresh', '24', '24', 'yes'],
  ['steaks packed from a roast of 20', [roast('20'), cut('21', 'a', 'steaks', 'main'), wrapped('22', 'a')], '22', 'fresh', '23', '25', 'yes'],
  ['raw bones: as short as the shortest', [roast('20'), cut('20', 'a', 'fat', 'stock', 500)], '20', 'fresh', '21', '22', 'yes'],
  // What the date on a label is.
  ['chicken, unopened, use-by 26', [chicken('20', useBy('26'))], '25', 'sealed', '26', '26', 'yes'],
  ['chicken, use-by 26, a day later', [chicken('20', useBy('26'))], '27', 'sealed', '26', '26', 'no'],
  ['chicken, use-by 26, opened and cut 20', [chicken('20', useBy('26')), cut('20', 'a', 'breast', 'main')], '20', 'fresh', '21', '22', 'yes'],
  ['chicken, use-by 26, opened 25', [chicken('20', useBy('26')), drained('25', 15_800)], '25', 'fresh', '26', '26', 'yes'],
  ['chicken, sell-by 26: the chart', [chicken('20', sellBy('26'))], '20', 'fresh', '21', '22', 'yes'],
  ['chicken, packed on 19: the chart', [chicken('20', { until: day('19'), dated: 'packed-on' })], '20', 'fresh', '21', '22', 'yes'],
  ['chicken, a date a year away is no use-by', [chicken('20', { until: '2027-11-20' })], '20', 'fresh', '21', '22', 'yes'],
  ['steaks, unopened, use-by 24', [pack('beef', 4000, '20', useBy('24'))], '24', 'sealed', '24', '24', 'yes'],
  ['a label of an older file says use-by', [chicken('20', { until: day('24') })], '24', 'sealed', '24', '24', 'yes'],
  ['chicken not sealed, use-by 21: the earlier counts', [chicken('20', { ...useBy('21'), kept: 'open' })], '20', 'fresh', '21', '21', 'yes'],
  // A whole piece of red meat in its packer's sealed bag.
  ['strip loin, bag, use-by 24, unopened', [bag('1', useBy('24'))], '12', 'sealed', '24', '24', 'yes'],
  ['strip loin, use-by 24, on 25', [bag('1', useBy('24'))], '25', 'sealed', '24', '24', 'no'],
  ['strip loin, use-by 24, opened 12, steaks', [bag('1', useBy('24')), drained('12', 49_000), cut('12', 'a', 'steaks', 'main')], '12', 'fresh', '15', '17', 'yes'],
  ['strip loin, use-by 24, opened 22: it holds', [bag('1', useBy('24')), drained('22', 49_000)], '22', 'fresh', '24', '24', 'yes'],
  ['sealed strip loin, no date', [bag('1')], '12', 'sealed', '11', '15', 'yes'],
  ['the same, on its last day', [bag('1')], '15', 'sealed', '11', '15', 'yes'],
  ['the same, a day later', [bag('1')], '16', 'sealed', '11', '15', 'no'],
  ['the same, opened 12', [bag('1'), drained('12', 49_000)], '12', 'fresh', '15', '15', 'yes'],
  ['the same, opened 5', [bag('1'), opened('5')], '5', 'fresh', '8', '10', 'yes'],
  ['the same, opened 12 and ground', [bag('1'), cut('12', 'a', 'grind', 'grind')], '12', 'fresh', '13', '14', 'yes'],
  ['the same, opened and diced on its last day', [bag('1'), cut('15', 'a', 'stew', 'stew')], '15', 'fresh', '15', '15', 'yes'],
  ['sealed pork loin, no date', [bag('1', {}, 'pork-loin')], '2', 'sealed', '6', '8', 'yes'],
  ['sealed lamb leg, no date', [bag('1', {}, 'lamb-leg')], '2', 'sealed', '6', '8', 'yes'],
  ['lamb leg in paper', [piece('lamb-leg', 24_000, '1', { kept: 'open' })], '2', 'fresh', '4', '6', 'yes'],
  ['strip loin of which nobody said how it came', [loin('1')], '2', 'fresh', '4', '6', 'yes'],
  ['sealed strip loin, sell-by 20', [bag('1', sellBy('20'))], '12', 'sealed', '20', '20', 'yes'],
  ['sealed strip loin, sell-by 2', [bag('1', sellBy('2'))], '2', 'sealed', '4', '6', 'yes'],
  ['sealed strip loin, packed a while ago', [bag('20', packedOn('1'))], '21', 'sealed', '29', '29', 'yes'],
  ['sealed strip loin, packed long ago: the chart is left', [bag('20', { until: '2026-10-01', dated: 'packed-on' })], '21', 'sealed', '25', '25', 'yes'],
  ['sealed pork loin, packed on the day', [bag('1', packedOn('1'), 'pork-loin')], '2', 'sealed', '6', '8', 'yes'],
  ['a sealed loin that was injected is none', [bag('20', { prepared: 'tenderised' })], '20', 'fresh', '21', '22', 'yes'],
  ['steaks in a sealed pack, no date: the chart', [pack('beef', 4000, '20', { kept: 'sealed' })], '21', 'fresh', '23', '25', 'yes'],
  // Freezing ends every refrigerator date.
  ['chicken frozen 22', [chicken('20'), freezer('22')], '30', 'frozen', NONE, NONE, NONE],
  ['bought frozen', [pack('beef', 4000, '20', { kept: 'bought-frozen' })], '30', 'frozen', NONE, NONE, NONE],
  ['a whole bird bought frozen', [chicken('20', { kept: 'bought-frozen' })], '30', 'frozen', NONE, NONE, NONE],
  ['there already, nobody knows since when', [pack('beef', 4000, '20', { origin: 'already-here', on: null })], '30', 'frozen', NONE, NONE, NONE],
  ['there already, in the refrigerator', [pack('beef', 4000, '20', { origin: 'already-here' }), fridge('20 12:01')], '20', 'fresh', '23', '25', 'yes'],
  // Thawed in a refrigerator: the published days from when it is through.
  ['steak bought 1, frozen 5, out 20, 0.5 kg', [pack('beef', 5000, '1'), freezer('5'), fridge('20')], '21', 'thawed', '24', '26', 'yes'],
  ['the same, on the day it came out', [pack('beef', 5000, '1'), freezer('5'), fridge('20')], '20', 'thawing', '24', '26', 'yes'],
  ['the same, told to thaw and not moved', [pack('beef', 5000, '1'), freezer('5'), out('20')], '21', 'thawed', '24', '26', 'yes'],
  ['told to thaw, then moved: one thaw', [pack('beef', 5000, '1'), freezer('5'), out('20'), fridge('20 12:01')], '21', 'thawed', '24', '26', 'yes'],
  ['the same, on 27', [pack('beef', 5000, '1'), freezer('5'), fridge('20')], '27', 'thawed', '24', '26', 'no'],
  ['chicken thighs frozen 3, out 20, 0.6 kg', [pack('chicken', 6000, '1'), freezer('3'), fridge('20')], '21', 'thawed', '22', '23', 'yes'],
  ['frozen again 22, out 1 Dec', [pack('chicken', 6000, '1'), freezer('3'), fridge('20'), freezer('22'), fridge('1.12')], '2.12', 'thawed', '2.12', '3.12', 'yes'],
  ['but frozen again 23, out 1 Dec', [pack('chicken', 6000, '1'), freezer('3'), fridge('20'), freezer('23'), fridge('1.12')], '2.12', 'thawed', '2.12', '2.12', 'yes'],
  ['frozen again by its own entry, 22', [pack('chicken', 6000, '1'), freezer('3'), out('20'), again('22'), out('1.12')], '2.12', 'thawed', '2.12', '3.12', 'yes'],
  ['frozen again before it was through', [pack('chicken', 6000, '1'), freezer('3'), fridge('20 10:00'), freezer('20 22:00'), fridge('1.12')], '2.12', 'thawed', '3.12', '4.12', 'yes'],
  ['a bird of 7 kg: through 23, ready 24', [piece('whole-turkey', 70_000, '1'), freezer('2'), fridge('20')], '23', 'thawing', '24', '25', 'yes'],
  ['the same, on 24', [piece('whole-turkey', 70_000, '1'), freezer('2'), fridge('20')], '24', 'thawed', '24', '25', 'yes'],
  ['moved to the refrigerator 18:00, back 18:20', [pack('beef', 5000, '1'), freezer('5'), fridge('20 18:00'), freezer('20 18:20')], '21', 'frozen', NONE, NONE, NONE],
  ['that counts as nothing later', [pack('beef', 5000, '1'), freezer('5'), fridge('20 18:00'), freezer('20 18:20'), fridge('1.12')], '2.12', 'thawed', '5.12', '7.12', 'yes'],
  ['a single steak out of a frozen pack', [pack('beef', 12_000, '1', { count: 4 }), freezer('2'), single('20 10:00', { count: 1 }), fridge('20 10:01', 's')], '21', 'thawed', '24', '26', 'yes'],
  ['ground from what was thawed', [pack('beef', 5000, '1'), freezer('5'), fridge('20'), single('22', 'all'), ground('22 12:30', 's')], '22', 'thawed', '23', '24', 'yes'],
  ['a thaw of what nobody wrote down as frozen', [pack('beef', 5000, '1'), out('20')], '21', 'thawed', '4', '6', 'no'],
  // Freezing takes its hours; until then nothing has changed.
  ['chicken put into the freezer, on its last day', [chicken('20'), freezer('22')], '22', 'freezing', '21', '22', NONE],
  ['the same, an hour before it is frozen', [chicken('20'), freezer('22 12:00')], '23 11:00', 'freezing', '21', '22', NONE],
  ['the same, taken out before it was frozen', [chicken('20'), freezer('22 12:00'), fridge('22 18:00')], '22 20:00', 'fresh', '21', '22', 'yes'],
  ['the same, taken out too late', [chicken('20'), freezer('22 12:00'), fridge('23 08:00')], '23 09:00', 'fresh', '21', '22', 'no'],
  ['a turkey of 7 kg freezes three days', [piece('whole-turkey', 70_000, '20'), freezer('20')], '23 11:00', 'freezing', '21', '22', NONE],
  ['a roast of 2.4 kg freezes two', [piece('eye-of-round', 24_000, '20', { kept: 'open' }), freezer('20')], '22 11:00', 'freezing', '23', '25', NONE],
  ['thawed, in the freezer again, and out of it before it was hard', [pack('chicken', 6000, '1'), freezer('3'), fridge('20'), freezer('22 12:00'), fridge('22 20:00')], '22 21:00', 'thawed', '22', '23', 'yes'],
  // Prepared: what keeps as what.
  ['thin slices cut one way keep as the steak', [roast('20'), cut('20', 'a', 'slices', 'thin', 5000, 'slices')], '20', 'fresh', '23', '25', 'yes'],
  ['strips keep as diced', [roast('20'), cut('20', 'a', 'slices', 'thin')], '20', 'fresh', '21', '22', 'yes'],
  ['steaks needled 22 keep as ground from then on', [roast('20'), cut('22', 'a', 'steaks', 'main', 5000, 'tenderised')], '22', 'fresh', '23', '24', 'yes'],
  ['raw sausage', [pack('pork', 5000, '20', { prepared: 'sausage' })], '20', 'fresh', '21', '22', 'yes'],
  // Out of cold water, and thawed for sale.
  ['minced beef in cold water 17:00, on its way', [minced('1'), water('20 17:00')], '20 17:30', 'thawing', '20', '20', 'no'],
  ['the same at 18:01', [minced('1'), water('20 17:00')], '20 18:01', 'thawed', '20', '20', 'no'],
  ['the same, felt soft at 17:40', [minced('1'), water('20 17:00'), felt('20 17:40', 'soft')], '20 17:41', 'thawed', '20', '20', 'no'],
  ['the same, still ice at 17:40', [minced('1'), water('20 17:00'), felt('20 17:40', 'ice')], '20 18:20', 'thawing', '20', '20', 'no'],
  ['minced beef out of the microwave, at once', [minced('1'), microwave('20 17:00')], '20 17:01', 'thawed', '20', '20', 'no'],
  ['late in the evening its two hours end the next day', [minced('1'), microwave('20 23:00')], '20 23:30', 'thawed', '20', '21', 'no'],
  ['thawed for sale: from the purchase', [pack('beef', 5000, '20', { kept: 'frozen-before' })], '21', 'thawed', '23', '25', 'yes'],
  ['chicken thawed for sale', [pack('chicken', 5000, '20', { kept: 'frozen-before' })], '20', 'thawed', '21', '22', 'yes'],
  ['steaks thawed for sale, use-by 3', [pack('beef', 5000, '1', { kept: 'frozen-before', ...useBy('3') })], '1', 'thawed', '3', '3', 'yes'],
  ['chicken thawed for sale, use-by 2', [pack('chicken', 5000, '1', { kept: 'frozen-before', ...useBy('2') })], '1', 'thawed', '2', '2', 'yes'],
  ['chicken thawed for sale, sell-by 6', [pack('chicken', 5000, '1', { kept: 'frozen-before', ...sellBy('6') })], '1', 'thawed', '2', '3', 'yes'],
];

describe('the clock of a lot, history by history', () => {
  it('knows sixty of them at least', () => expect(TABLE.length).toBeGreaterThanOrEqual(60));

  it.each(TABLE)('%s', (_what, history, on, state, due, last, mayFreeze) => {
    const cold = clock(history, on);
    const date = (text: string): string | null => (text === NONE ? null : day(text));
    expect([cold.state, cold.dueOn, cold.cookBy]).toEqual([state, date(due), date(last)]);
    expect(cold.mayRefreeze).toBe(mayFreeze === NONE ? null : mayFreeze === 'yes');
  });

  it('overdue after the last day, to the minute out of cold water, and not before', () => {
    expect([clock([chicken('20')], '22').overdue, clock([chicken('20')], '23').overdue]).toEqual([
      false,
      true,
    ]);
    const wet = [minced('1'), water('20 17:00')];
    expect(clock(wet, '20 19:30').overdue).toBe(false);
    expect(clock(wet, '20 19:31').overdue).toBe(true);
    const [{ softAt, readyAt, cookByAt }, minutes] = [
      clock(wet, '20 17:00'),
      (at: string) => at.slice(0, 16),
    ];
    expect([softAt, readyAt, cookByAt].map((at) => minutes(at ?? ''))).toEqual(
      ['20 17:30', '20 18:00', '20 19:30'].map((at) => minutes(instant(at))),
    );
    expect(clock([bag('1')], '16')).toMatchObject({ overdue: true, openOn: day('11') });
  });

  it('a very large bird is never past its day before it is ready', () => {
    const cold = clock([piece('whole-turkey', 200_000, '1'), freezer('2'), fridge('1.12')], '2.12');
    // 44.1 lb: through after 8 days, ready after 12.
    expect(cold).toMatchObject({ dueOn: day('10.12'), cookBy: day('13.12'), readyOn: day('13.12') });
  });

  it('what went into the freezer after its day, or out of cold water raw, stays wrong', () => {
    const late = clock([chicken('20'), freezer('25')], '26');
    expect(late).toMatchObject({ state: 'frozen', overdue: true });
    expect(whyOf(late)).toContain('after its last day');
    const wet = [minced('1'), water('20 17:00'), freezer('20 19:30')];
    expect(clock(wet, '25')).toMatchObject({ overdue: true, refrozen: true });
    expect(clock([...wet, out('28')], '29').overdue).toBe(true);
  });

  it('best before counts from freezing; frozen again, half of what was left is left', () => {
    const steak = [pack('beef', 5000, '1'), freezer('5')];
    expect(clock(steak, '10').bestBefore).toBe('2027-07-05');
    expect(clock(steak, '10').bestRange).toEqual(['2027-03-05', '2027-11-05']);
    // On 22 November 225 days were left of it.
    const refrozen = clock([...steak, fridge('20'), freezer('22')], '30');
    expect(refrozen).toMatchObject({ refrozen: true, daysThawed: 1, bestBefore: '2027-03-14' });
    const dated = pack('beef', 4000, '20', { kept: 'bought-frozen', until: '2027-03-01' });
    expect(clock([dated], '21').bestBefore).toBe('2027-03-01');
  });

  it('without a date it says why there is none, and nothing that is not so', () => {
    const unknown = [pack('beef', 4000, '20', { origin: 'already-here', on: null })];
    const bones = [roast('20'), cut('20', 'a', 'fat', 'stock', 500), freezer('20', 'a')];
    for (const history of [unknown, bones]) {
      expect(clock(history, '30').bestBefore).toBeNull();
      expect(whyOf(clock(history, '30'))).toContain('stays safe. How long it stays good nobody can say');
    }
  });

  it('when something was put away can be said later: the day counts, not when it was written down', () => {
    const told = step('25', { type: 'placed', lot: 'x', place: 'drawer', on: day('21') });
    expect(clock([chicken('20'), told], '26')).toMatchObject({ state: 'frozen', overdue: false });
  });

  it('that it came out days ago can be said later, too, and going back at once is no going back soon', () => {
    const told = thaw('22 18:00', 'refrigerator', '20');
    const history = [pack('chicken', 6000, '1'), freezer('3'), told];
    expect(clock(history, '22 18:10')).toMatchObject({
      state: 'thawed',
      dueOn: day('22'),
      cookBy: day('23'),
    });
    expect(clock([...history, freezer('22 18:10')], '22 18:30')).toMatchObject({
      refrozen: true,
      daysThawed: 1,
    });
    const wet = thaw('22 18:00', 'cold-water', '21');
    expect(clock([minced('1'), wet], '22 18:10').overdue).toBe(true);
  });

  it('stricter local advice: a day after thawing, never frozen again raw', () => {
    const keeping = {
      sealedDays: { beef: 10, lamb: 10, pork: 5 },
      thawedDays: 1,
      refreezeRaw: false as const,
    };
    const value = { system: 'metric', decimal: '.', currency: 'EUR', eaters: [], keeping } as const;
    const strict = [{ type: 'settings', key: 'household', stamp, value }] as unknown as HouseholdRecord[];
    const thawed = clock([pack('beef', 5000, '1'), freezer('5'), fridge('20')], '21', strict);
    expect(thawed).toMatchObject({ dueOn: day('22'), cookBy: day('22'), mayRefreeze: false });
    expect(clock([bag('1')], '2', strict)).toMatchObject({ openOn: day('11'), cookBy: day('15') });
    expect(clock([bag('1', {}, 'lamb-leg')], '2', strict).openOn).toBe(day('6'));
  });

  it('at the counter already: a short date decides until when to cut or freeze', () => {
    const bird = { ...chicken('20').fact, ...useBy('21') } as FactOf<'received'>;
    const now = { instant: instant('20 12:00'), today: day('20') };
    const request = { settings: {}, dayOf: (at: string) => at.slice(0, 10) };
    expect(coldAsBought(bird, now, request)).toMatchObject({ cookBy: day('21'), overdue: false });
    const late = { ...now, today: day('22') };
    expect(coldAsBought(bird, late, request)?.overdue).toBe(true);
  });

  it('a chain of 5,000 cuts has a clock', () => {
    const chain = Array.from({ length: 5000 }, (_, n): Step => {
      const made = cut('20', `c${n}`, 'breast', 'main', 15_000 - n);
      const at = new Date(Date.parse(made.at) + n + 1).toISOString();
      return { at, fact: { ...made.fact, from: n === 0 ? 'x' : `c${n - 1}` } as Fact };
    });
    expect(clock([chicken('20'), ...chain], '21').cookBy).toBe(day('22'));
  });
});
