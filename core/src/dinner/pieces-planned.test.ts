import { clockAt } from '../books/clock-at';
import { planCutting } from '../deeds/plan-cutting';
import { Format } from '../format/format';
import { DEFAULT_SETTINGS } from '../records/settings';
import { bag, day, freezer, household, instant, loin, out, piece, type Step } from '../testing/histories';
import { instantAt } from '../units/zone';
import { dueSoon } from './due-soon';
import { USUAL_DINNERS } from './dinners';
import { piecesPlanned } from './pieces-planned';

const ZONE = 'Europe/Lisbon';

/** What a piece asks for at a moment, to be cut on a day or on none. */
function planned(steps: readonly Step[], when: string, cutOn: string | null) {
  const home = household(steps);
  const lot = home.journal.state.lots.get('x')!;
  const clockOf = clockAt(home, ZONE, instant(when));
  const cuttings = new Map(cutOn === null ? [] : [['x', { on: day(cutOn) }]]);
  const now = { instant: instant(when), today: day(when), zone: ZONE };
  const [plan] = piecesPlanned({ pieces: [lot], cuttings, clockOf, dinners: USUAL_DINNERS, now });
  const known = { meals: new Map(), lots: home.journal.state.lots, clockOf, settings: DEFAULT_SETTINGS };
  const due = dueSoon({ ...known, pieces: [lot], cuttings }, day(when), now);
  return { plan: plan!, due, lot, cold: clockOf(lot) };
}

const turkey = [piece('whole-turkey', 70_000, '1', { kept: 'bought-frozen' }), freezer('1 13:00')];

describe('a turkey frozen for Thursday', () => {
  // 7 kg are 15.4 lb: four days in the refrigerator; Thursday is the 26th.
  it('is out by Sunday morning, is cut on Thursday, and its packs are in by its last day', () => {
    const { plan } = planned(turkey, '20', '26');
    expect(plan.outBy).toBe(instantAt('2026-11-22', '10:00', ZONE));
    // Through at the earliest after three days, the 25th: two days from then.
    expect([plan.cutOn, plan.wrapBy, plan.trouble]).toEqual(['2026-11-26', '2026-11-27', null]);
  });

  it('asks for nothing while no day is said', () => {
    const { plan, due } = planned(turkey, '20', null);
    expect([plan.outBy, plan.cutBy, due]).toEqual([null, null, []]);
  });

  it.each([
    ['22 03:00', []],
    ['22 05:00', ['out']],
    ['22 11:00', ['out']],
  ])('at %s of Sunday the due line says %p', (when, says) => {
    expect(planned(turkey, when, '26').due.map(({ what }) => what)).toEqual(says);
  });

  it('says so where it is not thawed by then', () => {
    expect(planned(turkey, '23', '26').plan.trouble).toBe('not-thawed-by-then');
  });

  it('asks for another day once that one is past, and for nothing else', () => {
    const { plan, due } = planned(turkey, '28', '26');
    expect([plan.trouble, plan.outBy, due]).toEqual(['day-past', null, []]);
  });

  it('out on Sunday it is thawing until Thursday, and is not to be cut before', () => {
    const thawing = [...turkey, out('22 10:00')];
    expect(planned(thawing, '25', '26').plan).toMatchObject({ outBy: null, trouble: null, cutBy: day('26') });
    expect(planned(thawing, '23', '25').plan.trouble).toBe('not-thawed-by-then');
    expect(planned(thawing, '28', '26').plan.trouble).toBe('overdue');
  });
});

describe('a sealed loin', () => {
  it('is to be opened or frozen from its day on, and the due line says so', () => {
    expect(planned([bag('1')], '5', null).plan).toMatchObject({ cutBy: day('11'), wrapBy: day('15') });
    expect(planned([bag('1')], '10', null).due).toEqual([]);
    expect(planned([bag('1')], '11', null).due.map(({ what }) => what)).toEqual(['cut']);
  });

  it('opened on the day that is said, its packs keep by the chart, never past its last day', () => {
    expect(planned([bag('1')], '2', '5').plan).toMatchObject({ cutOn: day('5'), wrapBy: day('10') });
    expect(planned([bag('1')], '2', '12').plan).toMatchObject({ cutOn: day('12'), wrapBy: day('15') });
  });

  it('forgotten for a month it is overdue, first of all, and nothing else is asked of it', () => {
    const { plan, due } = planned([bag('1')], '30', '5');
    expect([plan.trouble, due]).toEqual(['overdue', []]);
  });
});

describe('a day to cut a piece on', () => {
  const format = new Format({
    settings: () => DEFAULT_SETTINGS,
    today: () => '2026-11-12',
    zone: () => ZONE,
  });
  const said = (steps: readonly Step[], on: string | null) => {
    const { lot, cold } = planned(steps, '12', null);
    return planCutting(lot, on === null ? null : day(on), { cold, today: day('12') }, format);
  };
  it.each([
    ['past', [bag('1')], '11', 'That day is past.'],
    ['after its last one', [bag('1')], '16', 'Strip loin keeps until Sun 15 Nov.'],
    ['of a loin from a tray', [loin('9', { kept: 'open' })], '15', 'Strip loin keeps until Sat 14 Nov.'],
    ['of what is overdue', [loin('1', { kept: 'open' })], '13', 'Strip loin is past its last day.'],
  ])('%s is refused', (_what, steps, on, problem) => {
    expect(said(steps, on).problem).toMatch(new RegExp(`^${problem}`));
  });
  it('is written down, and taken back', () => {
    expect(said([bag('1')], '14').value?.records).toEqual([
      { type: 'cutting', key: 'x', value: { on: day('14') } },
    ]);
    expect(said([bag('1')], null).value?.records).toEqual([{ type: 'cutting', key: 'x', value: null }]);
  });
});
