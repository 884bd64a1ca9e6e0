import { TestBed } from '@angular/core/testing';
import { drain, weigh } from '@core/deeds/weigh';
import type { Settings } from '@core/records/settings';
import { at, inHousehold } from '../../testing/household';
import { Packing } from '../packing/packing';
import { Board } from './board';
import { BenchActs } from './bench-acts';
import { broughtBack, emptied, Hand } from './hand';

const on = '2026-11-24';

/** A strip loin of 5.200 kg on the board, nothing off it yet. */
async function bench(settings: Partial<Settings> = {}) {
  localStorage.clear();
  sessionStorage.clear();
  const { it: hand, store } = await inHousehold(Hand, settings, [
    Board,
    Hand,
    Packing,
    BenchActs,
    at({ lot: 'p' }),
  ]);
  await store.perform({
    facts: [
      { type: 'received', lot: 'p', kind: 'strip-loin', count: 1, massDg: 52_000, paidMinor: 6000, on },
    ],
  });
  const [board, acts] = [TestBed.inject(Board), TestBed.inject(BenchActs)];
  const drained = () => store.perform(drain(board.piece()!, { massDg: 51_000 }, store.format));
  return { board, hand, acts, store, drained };
}

describe('the board', () => {
  it('wants the liquid weighed out first, or to be told that it is not', async () => {
    const { board, drained } = await bench();
    expect([board.name(), board.mustDrain(), board.isOff()]).toEqual(['Strip loin', true, false]);
    await drained();
    expect([board.mustDrain(), board.drained()]).toEqual([false, 51_000]);
  });

  it('goes on with a piece as it lies there', async () => {
    const { board, hand } = await bench();
    board.skipDraining();
    expect([board.mustDrain(), hand.part()]).toEqual([false, board.next()?.part]);
  });

  it('knows how much of a part is off, and what can be undone', async () => {
    const { board, hand, acts, drained } = await bench();
    await drained();
    const first = hand.part();
    hand.type('1 kg');
    await acts.take();
    expect(board.offDg().get(first)).toBe(10_000);
    expect(board.cuts()).toHaveLength(1);
    await acts.undo();
    expect(board.cuts()).toHaveLength(0);
    expect(board.redoable()).not.toBeNull();
  });
});

describe('the hand', () => {
  it('holds what comes off next; a weighing moves it on, and another part can be taken', async () => {
    const { board, hand, drained } = await bench();
    await drained();
    expect(hand.part()).toBe(board.next()?.part);
    hand.hold('steaks');
    expect([hand.currentPart()?.name, hand.destination()]).toEqual(['Steaks', 'main']);
    hand.send('stew');
    expect(hand.destination()).toBe('stew');
    hand.hold('trimmings');
    expect(hand.destination()).not.toBe('stew');
  });

  it('reads what is typed: the drained piece in the large unit, a part in the small one', async () => {
    const { hand, drained } = await bench();
    hand.type('5.1');
    expect(hand.weighed()?.massDg).toBe(51_000);
    await drained();
    hand.hold('steaks');
    hand.type('370');
    expect(hand.weighed()?.massDg).toBe(3700);
    hand.type('a lot');
    expect([hand.weighed(), hand.typed()?.problem]).toEqual([null, expect.stringContaining('not a weight')]);
  });

  it('takes the fields for the next weight at once, and brings back what was refused', async () => {
    const { board, hand, acts, drained } = await bench();
    await drained();
    hand.type('9 kg');
    hand.typeCount('2');
    const taking = acts.take();
    expect([hand.typedText(), hand.typedCount()]).toEqual(['', null]);
    await taking;
    expect(board.cuts()).toHaveLength(0);
    expect([hand.typedText(), hand.typedCount()]).toEqual(['9 kg', '2']);
  });

  it('takes two weights that are typed faster than the first is written', async () => {
    const { board, hand, acts, drained } = await bench();
    await drained();
    hand.hold('steaks');
    hand.type('360');
    const first = acts.take();
    hand.type('350');
    await Promise.all([first, acts.take()]);
    expect(board.cuts().map(({ inDg }) => inDg)).toEqual([3600, 3500]);
  });

  it('asks once about a weight outside its range', async () => {
    const { board, hand, store, drained } = await bench();
    await drained();
    const cameOff = { part: 'strip-and-tail', name: 'Strip', destination: 'bin', count: 1 } as const;
    const when = { on, newId: () => 'cut' };
    await store.perform(weigh(board.piece()!, cameOff, { massDg: 20_000 }, when, store.format));
    expect(hand.question()).toMatchObject({ lot: { id: 'cut' }, massDg: 20_000 });
    hand.dismiss('cut');
    expect(hand.question()).toBeNull();
  });

  it('looks at steps, from the first to the last and no further', async () => {
    const { board, hand, drained } = await bench();
    await drained();
    hand.goStep(-99);
    expect(hand.step()).toBe(0);
    hand.goStep(99);
    expect(hand.step()).toBe(board.steps().length - 1);
  });
});

describe('the fields of the next weight', () => {
  it.each([
    ['typed', true, { typedText: '', typedCount: null }],
    ['from the scale: what was being typed stays', false, { typedText: '36', typedCount: null }],
  ])('are emptied, %s', (_how, isTyped, expected) => {
    expect(emptied(isTyped, { typedText: '36', typedCount: '2' })).toEqual(expected);
  });

  it.each([
    [
      { typedText: '', typedCount: null },
      { typedText: '36', typedCount: '2' },
    ],
    [
      { typedText: '40', typedCount: null },
      { typedText: '40', typedCount: '2' },
    ],
    [
      { typedText: '', typedCount: '1' },
      { typedText: '36', typedCount: '1' },
    ],
  ])('get back what was not taken, but not over what is new: %j', (now, expected) => {
    expect(broughtBack({ typedText: '36', typedCount: '2' }, now)).toEqual(expected);
  });
});

describe('an answer to a weight in doubt', () => {
  it('goes with its number when something else is typed, or another part is taken', async () => {
    const { hand, drained } = await bench();
    await drained();
    hand.hold('steaks');
    const several = (): void => {
      hand.type('2.1 kg');
      hand.answer(hand.typed()!.answers!.find(({ count }) => count !== undefined)!);
    };
    several();
    expect([hand.count(), hand.weighed()?.massDg]).toEqual(['7', 21_000]);
    hand.type('350');
    expect([hand.count(), hand.weighed()?.massDg]).toEqual(['1', 3500]);
    several();
    hand.hold('fat-cap');
    expect(hand.count()).toBe('1');
    hand.hold('steaks');
    hand.type('1.9 kg');
    hand.answer(hand.typed()!.answers!.at(-1)!);
    expect([hand.count(), hand.weighed()?.massDg]).toEqual(['1', 19_000]);
  });
});
