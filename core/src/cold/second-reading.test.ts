import * as fc from 'fast-check';
import { clockAt } from '../books/clock-at';
import type { Entry, EntryOf, Fact } from '../ledger/entry';
import type { Lot } from '../ledger/lot';
import { householdOf } from '../records/household';
import type { HouseholdRecord } from '../records/record';
import { JournalBuilder } from '../testing/journal-builder';
import { runs } from '../testing/runs';
import type { Cold } from './cold';

/*
 * The rules of the cold, read a second time: from the published sheets (USDA FSIS, from memory) and what
 * is ours beside them, in plain minutes and days, without a line of the core. Random histories are put to
 * both readings.
 */

const [HOUR, DAY] = [60, 24 * 60];
const LB_G = 453.59237;
/** Minute nought: 1 November 2026, midnight, where everything here happens. */
const BEGIN = Date.parse('2026-11-01T00:00:00.000Z');
const instant = (minute: number): string => new Date(BEGIN + minute * 60_000).toISOString();
const date = (day: number): string => instant(day * DAY).slice(0, 10);
const dayOf = (minute: number): number => Math.floor(minute / DAY);

type What = 'chicken' | 'turkey' | 'strip' | 'pork' | 'lamb' | 'steaks' | 'thighs' | 'mince';
interface Bought {
  readonly what: What;
  readonly grams: number;
  readonly minute: number;
  readonly kept: 'unsaid' | 'sealed' | 'open' | 'frozen-before' | 'bought-frozen';
  readonly label: 'none' | 'use-by' | 'sell-by' | 'packed-on';
  /** Days from the purchase to the label's date. */
  readonly ahead: number;
}
type Deed = 'open' | 'freezer' | 'fridge' | 'water' | 'microwave' | 'ice' | 'soft' | 'grind';

const SHORT: Readonly<Record<What, readonly [number, number]>> = {
  chicken: [1, 2],
  turkey: [1, 2],
  thighs: [1, 2],
  mince: [1, 2],
  strip: [3, 5],
  pork: [3, 5],
  lamb: [3, 5],
  steaks: [3, 5],
};
const BAG: Readonly<Partial<Record<What, { due: number; last: number; packed: number }>>> = {
  strip: { due: 10, last: 14, packed: 28 },
  pork: { due: 5, last: 7, packed: 14 },
  lamb: { due: 5, last: 7, packed: 14 },
};
const isBird = (what: What): boolean => ['chicken', 'turkey', 'thighs'].includes(what);

/** What somebody who follows the sheet would have on a slip of paper. */
class Slip {
  mode: 'unopened' | 'fresh' | 'freezing' | 'frozen' | 'thawing' = 'fresh';
  due = 0;
  last = 0;
  /** The last day unopened, which nothing prolongs. */
  cap = Infinity;
  chart: readonly [number, number];
  used = 0;
  through = 0;
  out = 0;
  ready = 0;
  soft = 0;
  cook = 0;
  half = 0;
  isInWater = false;
  way: 'fridge' | 'wet' | 'shop' | null = null;
  frozenAt = 0;
  wrong = false;
  under: Slip | null = null;
  readonly lb: number;

  constructor(readonly bought: Bought) {
    this.lb = bought.grams / LB_G;
    this.chart = SHORT[bought.what];
    const { kept, label, ahead } = bought;
    const day = dayOf(bought.minute);
    const [due, last] = [day + this.chart[0], day + this.chart[1]];
    const useBy = label === 'use-by' ? day + ahead : Infinity;
    if (kept === 'bought-frozen') return Object.assign(this, { mode: 'frozen' });
    Object.assign(this, { due: Math.min(due, useBy), last: Math.min(last, useBy), cap: useBy });
    if (kept === 'frozen-before')
      return Object.assign(this, { mode: 'thawing', way: 'shop', through: day, ready: bought.minute });
    const bag = kept === 'sealed' ? BAG[bought.what] : undefined;
    if (useBy < Infinity && kept !== 'open')
      Object.assign(this, { mode: 'unopened', due: useBy, last: useBy });
    else if (bag) {
      this.mode = 'unopened';
      this.due = day + bag.due;
      this.last = day + bag.last;
      if (label === 'sell-by') {
        this.due = Math.max(day + ahead, day + 3);
        this.last = Math.max(day + ahead, day + 5);
      }
      if (label === 'packed-on') {
        this.last = Math.max(day + 5, Math.min(this.last, day + ahead + bag.packed));
        this.due = Math.min(this.due, this.last);
      }
      this.cap = this.last;
    }
  }

  private copy(): Slip {
    return Object.assign(Object.create(Slip.prototype) as Slip, this);
  }

  /** What was put into the freezer is frozen by now, or not yet. */
  at(minute: number): void {
    if (this.mode === 'freezing' && minute >= this.frozenAt) this.mode = 'frozen';
  }

  do(deed: Deed, minute: number): void {
    this.at(minute);
    const day = dayOf(minute);
    switch (deed) {
      case 'open':
        if (this.mode === 'freezing') this.under?.do('open', minute);
        if (this.mode === 'freezing' && this.under)
          Object.assign(this, { due: this.under.due, last: this.under.last });
        if (this.mode !== 'unopened') return;
        this.mode = 'fresh';
        this.due = Math.min(day + this.chart[0], this.cap);
        this.last = Math.min(day + this.chart[1], this.cap);
        return;
      case 'grind':
        if (this.chart[1] > 2) this.last = Math.min(day + 2, this.last);
        if (this.chart[1] > 2) this.due = Math.min(day + 1, this.last);
        this.chart = [1, 2];
        return;
      case 'freezer':
        return this.intoFreezer(minute, day);
      case 'fridge':
      case 'water':
      case 'microwave':
        return this.out_(deed, minute, day);
      case 'ice':
      case 'soft':
        if (!this.isInWater || this.way !== 'wet' || this.mode !== 'thawing') return;
        if (deed === 'soft') this.ready = Math.min(this.ready, minute);
        else if (this.half < 4) {
          this.half += 1;
          this.wet(this.soft + 30, this.ready + 30);
        }
    }
  }

  private intoFreezer(minute: number, day: number): void {
    if (this.mode === 'frozen' || this.mode === 'freezing') return;
    if (this.mode === 'thawing' && this.way === 'fridge' && minute - this.out <= 2 * HOUR)
      return void Object.assign(this, { mode: 'frozen', way: null });
    const under = this.copy();
    this.wrong ||= day > this.last || (this.mode === 'thawing' && this.way === 'wet');
    if (this.mode === 'thawing') this.used += Math.max(0, day - this.through);
    const { grams, what } = this.bought;
    const hours = isBird(what) && grams > 6000 ? 72 : grams > 2000 ? 48 : 24;
    Object.assign(this, { mode: 'freezing', under, frozenAt: minute + hours * HOUR, way: null });
  }

  private out_(deed: 'fridge' | 'water' | 'microwave', minute: number, day: number): void {
    // Before it was frozen: as if it had stayed.
    if (this.mode === 'freezing') return void Object.assign(this, this.under);
    if (this.mode === 'thawing' && this.way === 'wet') {
      if (deed !== 'microwave' || !this.isInWater) return;
      // Begun in water, finished in the microwave: ready, and cooked within the time it had.
      const cook = this.cook;
      this.isInWater = false;
      this.wet(minute, minute);
      this.cook = Math.min(this.cook, cook);
      this.last = dayOf(this.cook);
      return;
    }
    if (this.mode === 'thawing' && (deed === 'fridge' || this.through <= day)) return;
    if (this.mode !== 'frozen' && this.mode !== 'thawing') return;
    Object.assign(this, { mode: 'thawing', out: minute, half: 0 });
    if (deed === 'fridge') {
      this.way = 'fridge';
      this.through = day + Math.max(1, Math.floor(this.lb / 5));
      this.ready = minute + Math.max(1, Math.ceil(this.lb / 4)) * DAY;
      this.last = Math.max(this.through + Math.max(0, this.chart[1] - this.used), dayOf(this.ready));
      this.due = Math.min(this.through + Math.max(0, this.chart[0] - this.used), this.last);
      return;
    }
    this.way = 'wet';
    this.isInWater = deed === 'water';
    const soonest = Math.max(15, 30 * this.lb);
    const ready = this.lb <= 4 ? Math.max(60, 45 * this.lb) : Math.max(180, soonest);
    this.wet(minute + (deed === 'water' ? soonest : 0), minute + (deed === 'water' ? ready : 0));
  }

  private wet(soft: number, ready: number): void {
    const cook = Math.max(soft + 2 * HOUR, ready);
    Object.assign(this, { soft, ready, cook, through: dayOf(soft), due: dayOf(ready), last: dayOf(cook) });
  }

  /** What it is at a minute, as the clock tells it. */
  says(minute: number): Pick<Cold, 'state' | 'dueOn' | 'cookBy' | 'overdue' | 'mayRefreeze'> {
    this.at(minute);
    const isCold = this.mode === 'frozen' || this.mode === 'freezing';
    const past =
      this.mode === 'thawing' && this.way === 'wet' ? minute > this.cook : dayOf(minute) > this.last;
    const overdue = this.wrong || (past && !isCold);
    const state = this.mode === 'unopened' ? 'sealed' : this.mode;
    return {
      state: state === 'thawing' && minute >= this.ready ? 'thawed' : state,
      dueOn: this.mode === 'frozen' ? null : date(this.due),
      cookBy: this.mode === 'frozen' ? null : date(this.last),
      overdue,
      mayRefreeze: isCold ? null : !overdue && !(this.mode === 'thawing' && this.way === 'wet'),
    };
  }
}

const KIND: Readonly<Partial<Record<What, string>>> = {
  chicken: 'whole-chicken',
  turkey: 'whole-turkey',
  strip: 'strip-loin',
  pork: 'pork-loin',
  lamb: 'lamb-leg',
};

function purchase({ what, grams, minute, kept, label, ahead }: Bought): Fact {
  const day = dayOf(minute);
  const came = {
    kept: kept === 'unsaid' ? undefined : kept,
    ...(label === 'none' ? {} : { until: date(day + ahead), dated: label }),
  };
  const kind = KIND[what];
  const common = { lot: 'x', count: 1, massDg: grams * 10, paidMinor: 900, ...came };
  if (kind !== undefined) return { type: 'received', kind, on: date(day), ...common };
  const animal = what === 'thighs' ? 'chicken' : 'beef';
  const destination = what === 'mince' ? 'grind' : 'main';
  return {
    type: 'acquired',
    name: what,
    animal,
    destination,
    origin: 'bought-cut',
    on: date(day),
    ...common,
  };
}

function factsOf(deed: Deed, lot: string, day: number, { what, grams }: Bought): Fact[] {
  const on = date(day);
  const wet = (way: EntryOf<'thawing'>['way']): Fact => ({ type: 'thawing', lot, amount: 'all', on, way });
  const facts: Readonly<Record<Exclude<Deed, 'grind'>, Fact>> = {
    open: { type: 'opened', lot, on },
    freezer: { type: 'placed', lot, place: 'chest' },
    fridge: { type: 'placed', lot, place: 'fridge' },
    water: wet('cold-water'),
    microwave: wet('microwave'),
    ice: { type: 'checked', lot, on, found: 'ice' },
    soft: { type: 'checked', lot, on, found: 'soft' },
  };
  if (deed !== 'grind') return [facts[deed]];
  const made = { lot: `${lot}g`, destination: 'grind' as const, on };
  const isPiece = lot === 'x' && KIND[what] !== undefined;
  if (isPiece) return [{ type: 'cut', from: lot, part: 'grind', massDg: grams * 10, count: 1, ...made }];
  const [loose, amount] = [lot === 'x' ? 'loose' : lot, 'all' as const];
  return [
    ...(lot === 'x' ? [{ type: 'unpacked', from: lot, lot: loose, amount, on } as const] : []),
    { type: 'combined', from: [{ lot: loose, amount }], added: [], name: 'Grind', ...made },
  ];
}

const stamp = { at: instant(0), device: 'tablet', seq: 0 };
const PLACES: HouseholdRecord[] = [
  { type: 'place', key: 'chest', stamp, value: { name: 'Chest', cold: 'freezer' } },
  { type: 'place', key: 'fridge', stamp, value: { name: 'Refrigerator', cold: 'refrigerator' } },
];

interface History {
  readonly bought: Bought;
  readonly deeds: readonly { readonly deed: Deed; readonly after: number }[];
}

const IN_WATER: ReadonlySet<Deed> = new Set<Deed>(['water', 'microwave']);

/** What can be done to it as it is; nobody grinds what is hard, or lays into water what never was. */
function canBe(deed: Deed, { mode, way }: Slip, last: Deed): boolean {
  if (deed === 'grind')
    return mode === 'fresh' || mode === 'unopened' || (mode === 'thawing' && way !== 'wet');
  if (IN_WATER.has(deed))
    return (
      (deed === 'microwave' || !IN_WATER.has(last)) &&
      last !== deed &&
      (mode === 'frozen' || mode === 'freezing' || mode === 'thawing')
    );
  if (deed === 'ice' || deed === 'soft') return mode === 'thawing' && way === 'wet';
  return true;
}

/** Both readings of a history, at moments after each of its deeds. */
function readings({ bought, deeds }: History): { told: string; ours: unknown; theirs: unknown }[] {
  const [slip, builder] = [new Slip(bought), new JournalBuilder()];
  const entries: Entry[] = [{ ...builder.entry(purchase(bought)), at: instant(bought.minute) } as Entry];
  let [minute, lot, told] = [bought.minute, 'x', JSON.stringify(bought)];
  const found: { told: string; ours: unknown; theirs: unknown }[] = [];
  let last: Deed = 'open';
  const ask = (at: number): void => {
    const household = householdOf(entries, PLACES);
    expect(household.journal.state.setAside).toEqual([]);
    const known = household.journal.state.lots.get(lot) as Lot;
    const { state, dueOn, cookBy, overdue, mayRefreeze } = clockAt(household, 'Etc/UTC', instant(at))(known);
    const ours = { state, dueOn, cookBy, overdue, mayRefreeze };
    found.push({
      told: `${told}; asked ${instant(at)}`,
      ours,
      theirs: Object.assign(Object.create(Slip.prototype) as Slip, slip).says(at),
    });
  };
  for (const { deed, after } of deeds) {
    minute += after;
    slip.at(minute);
    if (!canBe(deed, slip, last)) continue;
    // A bag is opened once: the second time nothing is written down.
    if (deed !== 'open') last = deed;
    for (const fact of factsOf(deed, lot, dayOf(minute), bought))
      entries.push({ ...builder.entry(fact), at: instant(minute) } as Entry);
    if (deed === 'grind') {
      slip.do('open', minute);
      lot = `${lot}g`;
    }
    slip.do(deed, minute);
    told += `; ${deed} ${instant(minute)}`;
    for (const later of [1, 40, 3 * HOUR, 26 * HOUR, 9 * DAY]) ask(minute + later);
  }
  return found;
}

const bought = fc
  .record<Bought>({
    what: fc.constantFrom<What>('chicken', 'turkey', 'strip', 'pork', 'lamb', 'steaks', 'thighs', 'mince'),
    grams: fc.oneof(fc.integer({ min: 200, max: 2600 }), fc.integer({ min: 2600, max: 12_000 })),
    minute: fc.integer({ min: 5 * DAY, max: 6 * DAY - 1 }),
    kept: fc.constantFrom<Bought['kept']>(
      'unsaid',
      'sealed',
      'sealed',
      'open',
      'frozen-before',
      'bought-frozen',
    ),
    label: fc.constantFrom<Bought['label']>('none', 'none', 'use-by', 'sell-by', 'packed-on'),
    ahead: fc.integer({ min: 0, max: 20 }),
  })
  .map((each) => ({ ...each, ahead: each.label === 'packed-on' ? -each.ahead : each.ahead }));
const deeds = fc.array(
  fc.record({
    deed: fc.constantFrom<Deed>(
      'open',
      'freezer',
      'freezer',
      'fridge',
      'fridge',
      'water',
      'microwave',
      'ice',
      'soft',
      'grind',
    ),
    after: fc.oneof(fc.integer({ min: 1, max: 3 * HOUR }), fc.integer({ min: 1, max: 6 * DAY })),
  }),
  { minLength: 1, maxLength: 7 },
);

describe('the rules of the cold, read twice', () => {
  it('say the same of three hundred random histories, at five moments after each deed', () => {
    fc.assert(
      fc.property(fc.record({ bought, deeds }), (history) => {
        for (const { told, ours, theirs } of readings(history))
          expect({ told, says: ours }).toEqual({ told, says: theirs });
      }),
      runs(300),
    );
  });
});
