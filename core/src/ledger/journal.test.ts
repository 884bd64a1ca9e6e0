import { merged } from '../testing/merged';
import { animalOfKind } from '../catalogue/kinds';
import { JournalBuilder, workedPiece } from '../testing/journal-builder';
import { describeEntry } from '../format/describe-entry';
import { received as bought, steak } from '../testing/facts';
import type { Fact } from './entry';
import { valuesOf } from '../records/household';
import { mergeHouseholds } from '../records/join';
import { append, journalOf, stampOfNext, withWhatRestsOn, type Journal } from './journal';
import { lotName } from '../catalogue/lot-name';
import { askQuestion, questionsAbout } from '../deeds/questions';
import { explainRefusal, type Refusal } from './refusal';
import { lastActOn, lastUndoOn } from './undo';

const on = '2026-01-02';
const received: Fact = bought();
const words = { mass: (dg: number) => `${dg / 10} g`, lot: (id: string) => id };

function attempt(journal: Journal, builder: JournalBuilder, fact: Fact): Refusal | undefined {
  return append(journal, builder.entry(fact)).problem;
}

function written(...facts: Fact[]): { journal: Journal; builder: JournalBuilder } {
  const builder = new JournalBuilder().add(...facts);
  const journal = journalOf(builder.entries, animalOfKind);
  expect(journal.state.setAside).toEqual([]);
  return { journal, builder };
}

describe('what is refused, and why', () => {
  const { journal, builder } = written(
    received,
    { type: 'drained', lot: 'p', massDg: 49_000 },
    steak('s', 7000, 'p', 2),
  );
  it.each<[string, Fact, string]>([
    ['a lot that is not there', steak('x', 100, 'nothing'), 'no-such-lot'],
    ['a lot twice', steak('s'), 'lot-exists'],
    ['more than is left', steak('x', 45_000), 'too-much'],
    [
      'a drained weight above what was there',
      { type: 'drained', lot: 'p', massDg: 49_500 },
      'heavier-than-before',
    ],
    [
      'gross less tare that is not net',
      { ...steak('x', 100), grossDg: 500, tareDg: 300 } as Fact,
      'net-differs',
    ],
    ['draining a part', { type: 'drained', lot: 's', massDg: 10 }, 'not-a-piece'],
    ['reopening what is open', { type: 'reopened', lot: 'p' }, 'not-closed'],
    [
      'three of two steaks',
      { type: 'packed', lot: 'k', name: 'k', from: [{ lot: 's', amount: { count: 3 } }], on },
      'too-many',
    ],
    [
      'one lot twice in a pack',
      {
        type: 'packed',
        lot: 'k',
        name: 'k',
        from: [
          { lot: 's', amount: 'all' },
          { lot: 's', amount: 'all' },
        ],
        on,
      },
      'twice',
    ],
    ['halving more than there are', { type: 'halved', lot: 's', portions: 3, on }, 'too-many'],
    ['halving what does not exist', { type: 'halved', lot: 'x', portions: 1, on }, 'no-such-lot'],
    ['unpacking what is no pack', { type: 'unpacked', from: 's', lot: 'u', amount: 'all', on }, 'not-a-pack'],
    ['plates of what has none', { type: 'eaten', lot: 's', amount: { plates: 1 }, on }, 'too-many'],
    ['undoing what is not there', { type: 'undone', entries: ['nothing'] }, 'no-such-entry'],
    ['redoing what is in force', { type: 'redone', entries: ['tablet-2'] }, 'not-undone'],
    ['undoing what others rest on', { type: 'undone', entries: ['tablet-0'] }, 'rests-on'],
    [
      'correcting a weight so that later ones no longer fit',
      { type: 'corrected', entry: 'tablet-1', set: { massDg: 5000 } },
      'rests-on',
    ],
    [
      'correcting the price of a cut',
      { type: 'corrected', entry: 'tablet-2', set: { paidMinor: 5 } },
      'cannot-correct',
    ],
    ['a weight of zero', steak('x', 0), 'malformed'],
    ['half a gram-tenth', steak('x', 10.5), 'malformed'],
  ])('%s', (_what, fact, code) => {
    const refusal = attempt(journal, builder, fact);
    expect(refusal?.code).toBe(code);
    const sentence = explainRefusal(refusal as Refusal, words);
    expect(sentence).toMatch(/^[A-Z0-9].*\.$/);
    expect(sentence).not.toMatch(/undefined|NaN/);
  });

  it('an entry from before the end', () => {
    const early = { ...builder.entry(steak('x')), at: '2020-01-01T00:00:00.000Z' };
    expect(append(journal, early).problem?.code).toBe('malformed');
  });
});

describe('weighing', () => {
  it('takes a small overshoot as a correction of the scale, and the law holds', () => {
    const { journal } = written(received, steak('s', 50_200));
    const lot = journal.state.lots.get('p');
    expect(lot).toMatchObject({ foundDg: 200, leftDg: 0, inDg: 50_000 });
  });

  it('several together take their singles by cumulative rounding, the last the rest', () => {
    const { journal } = written(
      received,
      steak('s', 10_000, 'p', 3),
      ...['a', 'b', 'c'].map((lot): Fact => ({
        type: 'packed',
        lot,
        name: lot,
        from: [{ lot: 's', amount: { count: 1 } }],
        on,
      })),
    );
    expect(['a', 'b', 'c'].map((id) => journal.state.lots.get(id)?.inDg)).toEqual([3333, 3334, 3333]);
    expect(journal.state.lots.get('s')).toMatchObject({ leftDg: 0, countLeft: 0 });
  });

  it('closing counts the rest as unaccounted; reopening brings it back', () => {
    const { journal } = written(received, steak('s'), { type: 'closed', lot: 'p' });
    expect(journal.state.lots.get('p')).toMatchObject({ closed: true, leftDg: 0 });
    const { journal: again } = written(
      received,
      steak('s'),
      { type: 'closed', lot: 'p' },
      { type: 'reopened', lot: 'p' },
    );
    expect(again.state.lots.get('p')).toMatchObject({ closed: false, leftDg: 46_500 });
  });

  it('a correction counts from where the figure stood', () => {
    const { journal } = written(received, { ...steak('s'), grossDg: 3700, tareDg: 200 } as Fact, {
      type: 'corrected',
      entry: 'tablet-1',
      set: { massDg: 3550 },
    });
    expect(journal.state.lots.get('p')?.leftDg).toBe(46_450);
    expect(journal.state.lots.get('s')?.inDg).toBe(3550);
  });

  it('grinding names apart what is not meat', () => {
    const { journal } = written(received, steak('s'), {
      type: 'combined',
      lot: 'g',
      from: [{ lot: 's', amount: 'all' }],
      added: [{ name: 'salt', massDg: 50 }],
      name: 'Mince',
      destination: 'grind',
      on,
    });
    expect(journal.state.lots.get('g')).toMatchObject({ inDg: 3550, addedDg: 50, animal: 'beef' });
  });

  it('plates go one by one until nothing is left', () => {
    const eat: Fact = { type: 'eaten', lot: 'k', amount: { plates: 1 }, on };
    const { journal } = written(
      received,
      steak('s', 1000),
      { type: 'packed', lot: 'k', name: 'k', from: [{ lot: 's', amount: 'all' }], plates: 3, on },
      eat,
      eat,
      eat,
    );
    expect(journal.state.lots.get('k')?.flows.map(({ massDg }) => massDg)).toEqual([333, 334, 333]);
    expect(journal.state.lots.get('k')?.leftDg).toBe(0);
  });
});

describe('undo', () => {
  const { journal, builder } = written(
    received,
    steak('s'),
    { type: 'packed', lot: 'k', name: 'k', from: [{ lot: 's', amount: 'all' }], on },
    { type: 'placed', lot: 'k', place: 'drawer' },
  );

  it('names what rests on an entry, and takes all of it together', () => {
    expect(withWhatRestsOn(journal, 'tablet-1')).toEqual(['tablet-1', 'tablet-2', 'tablet-3']);
    const { value: undone } = append(
      journal,
      builder.entry({ type: 'undone', entries: withWhatRestsOn(journal, 'tablet-1') }),
    );
    expect([...(undone?.state.lots.keys() ?? [])]).toEqual(['p']);
    expect(lastUndoOn(undone as Journal, new Set(['s']))?.entries).toHaveLength(3);
  });

  it('finds the last act on a piece, and on a pack', () => {
    expect(lastActOn(journal, new Set(['p']))?.id).toBe('tablet-1');
    expect(lastActOn(journal, new Set(['k']))?.id).toBe('tablet-3');
    expect(lastActOn(journal, new Set(['nothing']))).toBeUndefined();
  });
});

describe('redo', () => {
  const undoneSteak = (): { journal: Journal; builder: JournalBuilder } => {
    const { journal, builder } = written(received, steak('s'));
    const { value: undone } = append(journal, builder.entry({ type: 'undone', entries: ['tablet-1'] }));
    return { journal: undone as Journal, builder };
  };
  const redo: Fact = { type: 'redone', entries: ['tablet-1'] };

  it('takes the last undo back', () => {
    const { journal, builder } = undoneSteak();
    expect(lastUndoOn(journal, new Set(['p']))?.entries).toEqual(['tablet-1']);
    expect(append(journal, builder.entry(redo)).value?.state.lots.has('s')).toBe(true);
  });

  it('not once something new was written about the same lots: the mistake stays away', () => {
    const { journal, builder } = undoneSteak();
    const { value: after } = append(journal, builder.entry(steak('t', 3600)));
    expect(lastUndoOn(after as Journal, new Set(['p']))).toBeUndefined();
    expect(append(after as Journal, builder.entry(redo)).problem?.code).toBe('written-since');
  });

  it('still, after something about other lots; and a redo that an older version wrote is read as it is', () => {
    const { journal, builder } = undoneSteak();
    const { value: after } = append(journal, builder.entry({ ...received, lot: 'q' } as Fact));
    expect(lastUndoOn(after as Journal, new Set(['p']))?.entries).toEqual(['tablet-1']);
    const cut = append(after as Journal, builder.entry(steak('t', 3600))).value as Journal;
    const old = journalOf([...cut.entries, builder.entry(redo)], animalOfKind);
    expect([...old.state.lots.keys()]).toEqual(['p', 's', 'q', 't']);
  });

  it('what another device wrote since counts as written too', () => {
    const { journal } = undoneSteak();
    const phone = new JournalBuilder('phone', 90).entry(steak('t', 3600));
    const merged = journalOf([...journal.entries, phone], animalOfKind);
    expect(lastUndoOn(merged, new Set(['p']))).toBeUndefined();
  });

  it('one weighing in the middle can be taken out by itself', () => {
    const { journal, builder } = written(received, steak('a'), steak('b'), steak('c'));
    expect(withWhatRestsOn(journal, 'tablet-2')).toEqual(['tablet-2']);
    const { value: without } = append(journal, builder.entry({ type: 'undone', entries: ['tablet-2'] }));
    expect([...(without?.state.lots.keys() ?? [])]).toEqual(['p', 'a', 'c']);
  });
});

describe('two devices', () => {
  it('both ate the last pack: what came later is set aside, the same either way round', () => {
    const shared = new JournalBuilder('shelf').add({
      type: 'acquired',
      lot: 'k',
      name: 'Pack',
      destination: 'main',
      massDg: 100,
      count: 1,
      paidMinor: null,
      origin: 'gift',
      on: null,
    });
    const devices = ['phone', 'laptop'].map((name, i) => {
      const device = new JournalBuilder(name, 10 + i).add({ type: 'eaten', lot: 'k', amount: 'all', on });
      device.entries.unshift(...shared.entries);
      return device.household();
    });
    const [phone, laptop] = devices as [(typeof devices)[0], (typeof devices)[0]];
    for (const both of [merged(phone, laptop), merged(laptop, phone)]) {
      expect(both.journal.state.setAside).toMatchObject([
        { entry: { id: 'laptop-0' }, refusal: { code: 'nothing-left' } },
      ]);
      const struck = append(
        both.journal,
        new JournalBuilder('phone', 99).entry({ type: 'undone', entries: ['laptop-0'] }),
      );
      expect(struck.value?.state.setAside).toEqual([]);
    }
  });

  it('one id with two contents is a contradiction', () => {
    const one = workedPiece().household();
    const other = workedPiece();
    other.entries[0] = { ...other.entries[0], massDg: 1 } as (typeof other.entries)[0];
    expect(mergeHouseholds(one, other.household()).problem).toEqual({
      reason: 'contradiction',
      entry: other.entries[0]!.id,
    });
  });

  it('the later of two prices under one key counts, a deleted one is gone', () => {
    const stamp = (at: string) => ({ at: `2026-01-0${at}T00:00:00.000Z`, device: 'd', seq: 0 });
    const price = { item: 'strip-steak', shop: 'Hollis Lane Farm', perKgMinor: 1, on };
    const early = new JournalBuilder();
    early.records.push(
      { type: 'price', key: 'a', stamp: stamp('1'), value: price },
      { type: 'price', key: 'b', stamp: stamp('1'), value: price },
    );
    const late = new JournalBuilder();
    late.records.push(
      { type: 'price', key: 'a', stamp: stamp('2'), value: { ...price, perKgMinor: 2 } },
      { type: 'price', key: 'b', stamp: stamp('3'), value: null },
    );
    for (const both of [
      merged(early.household(), late.household()),
      merged(late.household(), early.household()),
    ]) {
      expect([...valuesOf(both, 'price').values()]).toEqual([{ ...price, perKgMinor: 2 }]);
    }
  });

  it('time on this device goes on, whatever the clock says', () => {
    const { journal } = written(received);
    const next = (now: string): ReturnType<typeof stampOfNext> => stampOfNext(journal, now, 'tablet');
    const [set, right] = ['2019-01-01T00:00:00.000Z', '2027-01-01T00:00:00.000Z'];
    expect(next(set).at > (journal.entries[0]?.at ?? '')).toBe(true);
    // What the clock says is kept beside it: dates follow from that.
    expect(next(set).clock).toBe(set);
    expect(next(right)).toEqual({ at: right, device: 'tablet', seq: 1 });
  });
});

describe('a count of what is there', () => {
  const pack: Fact = {
    type: 'acquired',
    lot: 'k',
    name: 'Steaks',
    destination: 'main',
    massDg: 9000,
    count: 3,
    paidMinor: 900,
    origin: 'already-here',
    on: null,
  };
  const counted = (massDg: number, count?: number): Fact => ({ type: 'counted', lot: 'k', massDg, count });

  it.each([
    [counted(8000, 5), 8000, 5],
    [counted(8000, 2), 8000, 2],
    [counted(9500, 4), 9500, 4],
    [counted(0, 3), 0, 0],
  ])('%o', (fact, massDg, count) => {
    const { journal } = written(pack, fact);
    const lot = journal.state.lots.get('k');
    expect(lot).toMatchObject({ leftDg: massDg, countLeft: count });
    expect(lot?.flows.every((flow) => flow.count >= 0)).toBe(true);
  });

  it('can be corrected, down to nothing; a weight cannot', () => {
    const { journal, builder } = written(pack, counted(8000, 2));
    const right = (entry: string, set: object): Fact => ({ type: 'corrected', entry, set });
    const less = append(journal, builder.entry(right('tablet-1', { massDg: 7000 })));
    expect(less.value?.state.lots.get('k')?.leftDg).toBe(7000);
    const none = append(journal, builder.entry(right('tablet-1', { massDg: 0, count: 0 })));
    expect(none.value?.state.lots.get('k')?.leftDg).toBe(0);
    const { problem } = append(journal, builder.entry(right('tablet-0', { massDg: 0 })));
    expect(problem).toMatchObject({
      code: 'cannot-correct',
      problem: 'the weight must be more than nothing',
    });
  });
});

describe('second looks', () => {
  const { journal } = written(received, steak('s', 30_000));
  it.each<[string, Fact, string]>([
    [
      'a chicken of 90 kg',
      { ...received, lot: 'c', kind: 'whole-chicken', massDg: 900_000 } as Fact,
      'unusual for one whole chicken',
    ],
    ['a fifth of liquid', { type: 'drained', lot: 'p', massDg: 10_000 }, 'of liquid is 20 %'],
    [
      'two fifths unaccounted',
      { type: 'closed', lot: 'p' },
      '(40 % of the drained weight) has not been weighed',
    ],
  ])('%s', (_what, fact, text) => {
    expect(
      questionsAbout(journal.state, fact)
        .map((question) => askQuestion(question, words.mass))
        .join(),
    ).toContain(text);
  });

  it('none where all is usual, or a reason is given', () => {
    expect(questionsAbout(journal.state, { ...received, lot: 'c' } as Fact)).toEqual([]);
    expect(questionsAbout(journal.state, { type: 'closed', lot: 'p', reason: 'the dog' })).toEqual([]);
  });
});

it('says of every entry what it is', () => {
  const { journal } = written(
    received,
    steak('s'),
    { type: 'packed', lot: 'k', name: 'Two steaks', from: [{ lot: 's', amount: 'all' }], on },
    { type: 'eaten', lot: 'k', amount: { massDg: 100 }, on },
  );
  expect(journal.entries.map((entry) => describeEntry(entry, words))).toEqual([
    'Bought p, 5000 g',
    'Weighed steaks, 350 g',
    'Packed Two steaks',
    'Ate 10 g of k',
  ]);
  expect([...journal.state.lots.values()].map(lotName)).toEqual(['Strip loin', 'Steak', 'Two steaks']);
});
