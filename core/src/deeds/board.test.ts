import { kindById } from '../catalogue/kinds';
import { Format } from '../format/format';
import type { Fact, FactOf } from '../ledger/entry';
import { append } from '../ledger/journal';
import type { Lot } from '../ledger/lot';
import type { RecordChange } from '../records/record';
import { JournalBuilder } from '../testing/journal-builder';
import { buy } from './buy';
import { callIt, correctWeight, prepareAs, sendTo } from './correct-cut';
import type { Deed } from './deed';
import { drain, weigh } from './weigh';
import {
  changeWay,
  closePiece,
  correctMinutes,
  pauseWork,
  reopenPiece,
  wasCold,
  workInHeat,
} from './work-on-piece';

const on = '2026-01-01';
const received: FactOf<'received'> = {
  type: 'received',
  lot: 'p',
  kind: 'strip-loin',
  count: 1,
  massDg: 50_000,
  paidMinor: 6000,
  on,
};
const at = { on, newId: () => 'new' };
const format = new Format({
  settings: () => ({ system: 'imperial', decimal: '.', currency: 'USD' }),
  today: () => on,
  zone: () => 'Etc/UTC',
});

/** A loin on the board, with steaks of 1.2 kg off. */
function board() {
  const builder = new JournalBuilder().add(received, {
    type: 'cut',
    from: 'p',
    lot: 's',
    part: 'steaks',
    destination: 'main',
    massDg: 12_000,
    count: 4,
    on,
  });
  const { journal } = builder.household();
  const lot = (id: string): Lot => journal.state.lots.get(id)!;
  const write = (facts: readonly Fact[] = []): ReadonlyMap<string, Lot> =>
    facts.reduce((now, fact) => append(now, builder.entry(fact)).value!, journal).state.lots;
  return { piece: lot('p'), steaks: lot('s'), after: ({ facts }: Deed) => write(facts) };
}
const { piece, steaks, after } = board();

/** What a note on the piece says after a deed, from what it said before. */
const noted = ({ records = [] }: Deed, before: object = {}): unknown =>
  (records[0] as Extract<RecordChange, { type: 'piece' }>).change(before);

describe('weighing', () => {
  const weighed = { massDg: 4536, typed: '1 lb' };
  const fat = { part: 'fat-cap', name: 'Fat cap', destination: 'render', count: 1 } as const;

  it('the liquid is what the piece weighs less than before', () => {
    const loin = new JournalBuilder().add(received).household().journal.state.lots.get('p')!;
    expect(drain(loin, { massDg: 49_000 }, format)).toEqual({
      facts: [{ type: 'drained', lot: 'p', massDg: 49_000 }],
      say: 'Drained: 3.5 oz of liquid',
    });
    expect(drain(loin, { massDg: 50_000 }, format).say).toBe('Drained: no liquid');
  });

  it('a part is off, as it was typed and in the household’s words', () => {
    const { value } = weigh(piece, { ...fat, count: 2 }, weighed, at, format);
    expect(value?.say).toBe('Fat cap × 2: 1.00 lb');
    expect(after(value!).get('new')).toMatchObject({ part: 'fat-cap', inDg: 4536, destination: 'render' });
    expect(value?.facts).toMatchObject([{ typed: '1 lb', count: 2 }]);
  });

  it('says what the scale finds beyond what was left, and what is no count and no part', () => {
    const beyond = weigh(piece, fat, { massDg: piece.leftDg + 50 }, at, format);
    expect(beyond.value?.say).toContain('The scale found 0.2 oz more than was left');
    expect(weigh(piece, { ...fat, count: 1.5 }, weighed, at, format).problem).toContain('How many');
    expect(weigh(piece, { ...fat, part: '' }, weighed, at, format).problem).toContain('a name first');
  });

  it('goes elsewhere, is another part, weighs otherwise', () => {
    expect(after(sendTo(steaks, 'stew')).get('s')?.destination).toBe('stew');
    expect(after(prepareAs(steaks, 'tenderised')).get('s')?.prepared).toBe('tenderised');
    const cap = kindById('strip-loin')!.parts.find(({ id }) => id === 'fat-cap')!;
    expect(after(callIt(steaks, cap, format)).get('s')).toMatchObject({
      part: 'fat-cap',
      destination: 'render',
    });
    const lighter = correctWeight(steaks, { massDg: 11_000, typed: '2.43 lb' }, format);
    expect(after(lighter.value!).get('s')?.inDg).toBe(11_000);
    expect(correctWeight(steaks, null, format).problem).toBe('That is not a weight. The old one stands.');
  });
});

describe('work on a piece', () => {
  it('is cut another way, closed with a reason, and opened again', () => {
    const way = kindById('strip-loin')!.ways[1]!;
    expect(after(changeWay(piece, way)).get('p')?.way).toBe(way.id);
    const closed = closePiece(piece, { reason: '  fell on the floor ' });
    expect(closed.facts).toEqual([{ type: 'closed', lot: 'p', reason: 'fell on the floor' }]);
    expect(after(closed).get('p')?.closed).toBe(true);
    expect(after({ facts: [...closed.facts!, ...reopenPiece(piece).facts!] }).get('p')?.closed).toBe(false);
  });

  it('stands still and goes on; a change is made of what is noted by then', () => {
    const [from, to] = ['2026-01-01T10:00:00.000Z', '2026-01-01T10:20:00.000Z'];
    const paused = noted(pauseWork(piece, false, from), { text: 'much fat' });
    expect(paused).toEqual({ text: 'much fat', pauses: [{ from }] });
    expect(noted(pauseWork(piece, true, to), paused as object)).toEqual({
      text: 'much fat',
      pauses: [{ from, to }],
    });
    expect(noted(wasCold(piece, { from, to }))).toEqual({ cold: [{ from, to }] });
    expect(noted(workInHeat(piece, true))).toEqual({ hot: true });
    expect(noted(workInHeat(piece, false), { hot: true })).toEqual({ hot: undefined });
    expect(noted(correctMinutes(piece, 45))).toEqual({ minutes: 45 });
    expect(noted(correctMinutes(piece, 0), { minutes: 45 })).toEqual({ minutes: undefined });
  });
});

describe('buying', () => {
  const price = { item: 'strip-steak', shop: 'A', perKgMinor: 2000, on };

  it('writes the piece, the prices beside it and what was seen on it in one deed', () => {
    const deed = buy(received, { marks: ['thick-fat'], prices: [price], apart: false, newId: () => 'k' });
    expect(deed.say).toBe('Strip loin bought. It is on the Block.');
    expect(deed.records?.map(({ type, key }) => `${type}/${key}`)).toEqual(['price/k', 'piece/p']);
    expect(noted({ records: deed.records?.slice(1) })).toEqual({ marks: ['thick-fat'] });
    expect(buy(received, { marks: [], prices: [], apart: false, newId: at.newId }).records).toEqual([]);
  });

  it('several apart are lots of their own, each with its marks', () => {
    let n = 0;
    const birds = { ...received, kind: 'whole-chicken', count: 2, massDg: 33_010, paidMinor: 1981 };
    const newId = (): string => `b${(n += 1)}`;
    const { facts, records } = buy(birds, { marks: ['bruised'], prices: [], apart: true, newId });
    expect(facts).toMatchObject([
      { lot: 'p', count: 1, paidMinor: 991 },
      { lot: 'b1', count: 1, paidMinor: 990 },
    ]);
    expect(records?.map(({ key }) => key)).toEqual(['p', 'b1']);
  });
});
