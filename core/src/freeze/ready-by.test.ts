import { clockAt } from '../books/clock-at';
import { takeOuts } from '../dinner/take-out';
import { plannedDays } from '../dinner/week';
import { DEFAULT_SETTINGS } from '../records/settings';
import { addHours } from '../units/date';
import {
  chicken,
  cut,
  day,
  freezer,
  household,
  instant,
  out,
  pack,
  type Step,
  water,
  wrapped,
} from '../testing/histories';
import { readyBy } from './ready-by';

/** A chicken cut and in the freezer at 18:00 on the 20th: frozen a day later, fresh to the 22nd. */
const FREEZING = [
  chicken('20'),
  cut('20 17:00', 'p', 'breast', 'main'),
  wrapped('20 17:30', 'p'),
  freezer('20 18:00', 'k'),
];
/** The same, bought two days earlier: on its last day when it goes in. */
const ON_ITS_LAST_DAY = [chicken('18'), ...FREEZING.slice(1)];

function ready(steps: readonly Step[], when: string, pan: string, id = 'k') {
  const home = household(steps);
  const clockOf = clockAt(home, 'UTC', instant(when));
  const lot = home.journal.state.lots.get(id)!;
  const [found] = readyBy([lot], { now: instant(when), panAt: instant(pan), on: day(pan) }, clockOf);
  return found;
}

describe('what is on its way to be frozen', () => {
  it.each<[string, Step[], string, string, string | null | undefined]>([
    ['tonight it is fresh', FREEZING, '20 18:05', '20 19:00', 'fresh'],
    ['up to its old last day', FREEZING, '21 12:00', '21 17:00', 'fresh'],
    ['frozen by then it thaws in cold water', FREEZING, '21 18:30', '21 21:00', 'cold-water'],
    ['after its last day, not frozen yet: nothing', ON_ITS_LAST_DAY, '21 10:00', '21 17:00', undefined],
    ['after its last day, once it is frozen', ON_ITS_LAST_DAY, '21 18:30', '21 21:00', 'cold-water'],
  ])('%s', (_what, steps, when, pan, way) => {
    expect(ready(steps, when, pan)?.way).toBe(way);
  });

  const planned = (steps: readonly Step[], when: string, on: string) => {
    const home = household(steps);
    const serving = { lot: 'k', amount: 'all' as const };
    const days = plannedDays(day(on), 1, {
      meals: new Map([[day(on), { servings: [serving], guests: 0, absent: [] }]]),
      lots: home.journal.state.lots,
      clockOf: clockAt(home, 'UTC', instant(when)),
      settings: DEFAULT_SETTINGS,
    });
    const now = { instant: instant(when), zone: 'UTC' };
    const [each] = takeOuts(days, now, { awake: ['07:00', '22:00'], cookMinutes: 60 });
    return {
      trouble: days[0]?.servings[0]?.trouble,
      way: each?.way,
      hours: each?.hours,
      latest: each?.latest,
    };
  };

  it('planned for tomorrow, fresh until then, it comes out before it is hard', () => {
    // Dinner at 19:00, in the pan at 18:00: the hour at which it would be frozen.
    expect(planned(FREEZING, '20 18:05', '21')).toMatchObject({
      trouble: null,
      way: 'refrigerator',
      hours: 0,
      latest: instant('21 18:00'),
    });
  });

  it('planned for the day after, it comes out once it is frozen, in time to thaw', () => {
    expect(planned(FREEZING, '20 18:05', '22')).toMatchObject({
      trouble: null,
      way: 'refrigerator',
      latest: addHours(instant('22 18:00'), -24),
    });
  });

  it('on its last day when it went in, it is no dinner before it is frozen', () => {
    expect(planned(ON_ITS_LAST_DAY, '20 18:05', '21').trouble).toBe('past-its-day');
    expect(planned(ON_ITS_LAST_DAY, '20 18:05', '22').trouble).toBeNull();
  });
});

describe('steaks in cold water at 17:00', () => {
  const steaks = [pack('beef', 4536, '1', { kept: 'bought-frozen' }), freezer('1 13:00')];
  it.each([
    ['16:00', '18:30', 'cold-water'],
    ['16:00', '16:30', null],
  ])('at %s for %s', (when, pan, way) => {
    expect(ready(steaks, `20 ${when}`, `20 ${pan}`, 'x')?.way).toBe(way);
  });
  it.each([
    ['17:10', '18:15', 'on-its-way'],
    ['17:10', '17:45', null],
    ['18:05', '18:30', 'thawed'],
  ])('laid in at 17:00, asked at %s for %s: %s', (when, pan, way) => {
    expect(ready([...steaks, water('20 17:00')], `20 ${when}`, `20 ${pan}`, 'x')?.way).toBe(way);
  });
  it('cooked by 19:30 at the latest: after that it is not offered', () => {
    expect(ready([...steaks, water('20 17:00')], '20 19:31', '20 20:00', 'x')).toBeUndefined();
  });
  it('out of the refrigerator before it is through, cold water is offered as well', () => {
    expect(ready([...steaks, out('20 12:00')], '20 15:00', '20 18:00', 'x')?.way).toBe('cold-water');
    expect(ready([...steaks, out('20 12:00')], '20 15:00', '21 18:00', 'x')?.way).toBe('on-its-way');
  });
});
