import * as fc from 'fast-check';
import { clockAt } from '../books/clock-at';
import type { Lot } from '../ledger/lot';
import type { Household } from '../records/household';
import {
  again,
  bag,
  chicken,
  cut,
  freezer,
  fridge,
  ground,
  household,
  instant,
  loin,
  opened,
  out,
  pack,
  piece,
  step,
  type Step,
  water,
} from '../testing/histories';
import { runs } from '../testing/runs';
import type { Cold } from './cold';

/** A minute of November 2026, as the histories say it. */
const when = (minute: number): string => {
  const [day, rest] = [1 + Math.floor(minute / 1440), minute % 1440];
  const two = (part: number): string => String(Math.floor(part)).padStart(2, '0');
  return `${day} ${two(rest / 60)}:${two(rest % 60)}`;
};

const BOUGHT: readonly ((at: string) => Step)[] = [
  (at) => chicken(at),
  (at) => loin(at),
  (at) => bag(at),
  (at) => bag(at, { until: '2026-11-14', dated: 'sell-by' }),
  (at) => piece('lamb-leg', 25_000, at, { kept: 'frozen-before' }),
  (at) => pack('beef', 5000, at, { kept: 'bought-frozen' }),
  (at) => pack('chicken', 6000, at, { until: '2026-11-06' }),
];
const DEEDS: readonly ((at: string) => Step)[] = [
  (at) => freezer(at),
  (at) => fridge(at),
  out,
  water,
  again,
  opened,
  (at) => step(at, { type: 'checked', lot: 'x', on: '2026-11-20', found: 'cold' }),
];

/** A household with a random life of one piece; null where the ledger refuses what happens in it. */
const lived = fc
  .record({
    bought: fc.constantFrom(...BOUGHT),
    deeds: fc.array(
      fc.record({ deed: fc.constantFrom(...DEEDS), after: fc.integer({ min: 1, max: 3 * 1440 }) }),
      { maxLength: 5 },
    ),
  })
  .map(({ bought, deeds }) => {
    let minute = 1440;
    const steps = [bought(when(minute))];
    for (const { deed, after } of deeds) steps.push(deed(when((minute += after))));
    return { steps, minute };
  });

function made(steps: readonly Step[]): Household | null {
  try {
    return household(steps);
  } catch {
    return null;
  }
}

function at(home: Household, minute: number, lot?: string): Cold {
  const { lots } = home.journal.state;
  const asked = lot === undefined ? [...lots.values()][0] : lots.get(lot);
  return clockAt(home, 'Etc/UTC', instant(when(minute)))(asked as Lot);
}

const later = fc.array(fc.integer({ min: 1, max: 4 * 1440 }), { minLength: 2, maxLength: 5 });
const isCold = ({ state }: Cold): boolean => state === 'frozen' || state === 'freezing';
const last = ({ cookBy }: Cold): string => cookBy ?? '';

describe('later is never safer', () => {
  it('what is overdue stays so, and what may not be frozen raw never may, however long nothing is done', () => {
    fc.assert(
      fc.property(lived, later, ({ steps, minute }, waits) => {
        const home = made(steps);
        if (!home) return;
        let [now, before] = [minute, at(home, minute)];
        for (const wait of waits) {
          const after = at(home, (now += wait));
          if (before.overdue) expect(after.overdue).toBe(true);
          if (before.mayRefreeze === false) expect(after.mayRefreeze).toBe(false);
          // Only what lies in a freezer gets hard, and that is no freshening: nothing is fresh that was not.
          if (isCold(before)) expect(isCold(after)).toBe(true);
          else expect(last(after)).toBe(last(before));
          before = after;
        }
      }),
      runs(300),
    );
  });

  it.each<[string, (at: string) => Step[]]>([
    ['opened', (at) => [opened(at)]],
    [
      'opened, and found leaking',
      (at) => [step(at, { type: 'opened', lot: 'x', on: '2026-11-20', found: 'leaking' })],
    ],
    ['looked at', (at) => [step(at, { type: 'checked', lot: 'x', on: '2026-11-20', found: 'warm' })]],
  ])('nothing keeps longer by being %s', (_what, deed) => {
    fc.assert(
      fc.property(lived, later, ({ steps, minute }, waits) => {
        const [home, changed] = [made(steps), made([...steps, ...deed(when(minute + 1))])];
        if (!home || !changed) return;
        let now = minute + 1;
        for (const wait of waits) {
          const [as, otherwise] = [at(home, (now += wait)), at(changed, now)];
          if (as.overdue) expect(otherwise.overdue).toBe(true);
          if (as.cookBy !== null && otherwise.cookBy !== null) expect(last(otherwise) <= last(as)).toBe(true);
        }
      }),
      runs(100),
    );
  });

  it.each<[string, 'steaks' | 'grind' | 'thin' | 'stew']>([
    ['cut into steaks', 'steaks'],
    ['ground', 'grind'],
    ['cut into strips', 'thin'],
    ['diced', 'stew'],
  ])('nothing keeps longer by being %s', (_what, way) => {
    fc.assert(
      fc.property(lived, later, ({ steps, minute }, waits) => {
        const moment = when(minute + 1);
        const cuts =
          way === 'steaks'
            ? [cut(moment, 'p', 'steak', 'main')]
            : way === 'grind'
              ? [cut(moment, 'c', 'steak', 'main'), ground(moment, 'c')]
              : [cut(moment, 'p', 'strips', way)];
        const home = made([...steps, ...cuts]);
        if (!home) return;
        let now = minute + 1;
        const lot = way === 'grind' ? 'g' : 'p';
        for (const wait of waits) {
          const [whole, small] = [at(home, (now += wait)), at(home, now, lot)];
          if (whole.overdue && !isCold(whole)) expect(small.overdue).toBe(true);
          if (whole.cookBy !== null && small.cookBy !== null) expect(last(small) <= last(whole)).toBe(true);
        }
      }),
      runs(100),
    );
  });
});
