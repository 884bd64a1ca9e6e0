import type { FactOf } from '../ledger/entry';
import { append, type Journal } from '../ledger/journal';
import { familyOf } from '../ledger/leaves';
import type { Lot } from '../ledger/lot';
import { Format } from '../format/format';
import { JournalBuilder } from '../testing/journal-builder';
import type { Deed } from './deed';
import { packAsSaid } from './pack-as-said';
import { lastActAtBoard } from './undo-at-board';
import { weighIntoPack, type Packing } from './weigh-into-pack';

const on = '2026-01-01';
const format = new Format({
  settings: () => ({ system: 'metric', decimal: '.', currency: 'EUR' }),
  today: () => on,
  zone: () => 'Etc/UTC',
});
const received: FactOf<'received'> = {
  type: 'received',
  lot: 'p',
  kind: 'strip-loin',
  count: 1,
  massDg: 50_000,
  paidMinor: 6000,
  on,
};
const packing: Packing = {
  wrap: 'vacuum bag',
  place: { id: 'drawer', name: 'Chest, drawer', isFreezer: true },
  plate: { dg: 2000 },
  bagDg: 80,
  cold: { mayRefreeze: true, overdue: false, faulty: false, because: 'chart' },
};
const steaks = { part: 'steaks', name: 'Steaks', destination: 'main', count: 2 } as const;

/** A loin on the board, ids that count up, and what a deed makes of it. */
function board() {
  const builder = new JournalBuilder().add(received);
  const { journal } = builder.household();
  let count = 0;
  const at = { on, newId: () => `n${++count}` };
  let minute = 0;
  /** Each fact a minute after the one before it, those of one deed marked as such. */
  const write = ({ facts = [] }: Deed, known: Journal = journal) => {
    let first: string | undefined;
    return facts.reduce((now, fact) => {
      const at = new Date(Date.UTC(2026, 0, 2) + ++minute * 60_000).toISOString();
      const entry = { ...builder.entry(fact), at, ...(first ? { deed: first } : {}) };
      first ??= entry.id;
      return append(now, entry).value!;
    }, known);
  };
  return { piece: journal.state.lots.get('p')!, at, write };
}

describe('straight into a pack', () => {
  it('part, pieces, pack and weight in one act; the yield follows from the pack', () => {
    const { piece, at, write } = board();
    const { value } = weighIntoPack(piece, steaks, { massDg: 6400 }, packing, at, format);
    expect(value?.deed.say).toBe('Steaks × 2: 640 g, packed, in Chest, drawer');
    const { lots } = write(value!.deed).state;
    expect(lots.get('p')).toMatchObject({ leftDg: 43_600 });
    expect(lots.get('n1')).toMatchObject({ part: 'steaks', inDg: 6400, leftDg: 0 });
    expect(lots.get(value!.pack!)).toMatchObject({ form: 'pack', name: '2 steaks', inDg: 6400, plates: 3 });
  });

  it('what goes to the bin is weighed and not wrapped', () => {
    const { piece, at } = board();
    const bin = { part: 'strip-and-tail', name: 'Connective strip', destination: 'bin', count: 1 } as const;
    const { value } = weighIntoPack(piece, bin, { massDg: 900 }, packing, at, format);
    expect(value?.pack).toBeNull();
    expect(value?.deed.facts).toHaveLength(1);
  });

  it('what is past its day is not frozen, and what is no count is not taken', () => {
    const { piece, at } = board();
    const late: Packing = {
      ...packing,
      cold: { mayRefreeze: false, overdue: true, faulty: false, because: 'use-by' },
    };
    expect(weighIntoPack(piece, steaks, { massDg: 900 }, late, at, format).problem).toBe(
      'It is not to be frozen: It is past its last day. Unopened: the use-by date on its label. Nothing was taken.',
    );
    const none = { ...steaks, count: 0 };
    expect(weighIntoPack(piece, none, { massDg: 900 }, packing, at, format).problem).toContain('How many');
  });

  it('is undone as the one act that it was; a later move rests on it', () => {
    const { piece, at, write } = board();
    const { deed, pack } = weighIntoPack(piece, steaks, { massDg: 6400 }, packing, at, format).value!;
    const journal = write(deed);
    const family = new Set(familyOf(journal.state, journal.state.lots.get('p') as Lot).map(({ id }) => id));
    const act = lastActAtBoard(journal, family)!;
    expect(act.entry.type).toBe('cut');
    expect([act.entries.length, act.later]).toEqual([3, []]);
    const moved = write({ facts: [{ type: 'placed', lot: pack!, place: 'elsewhere' }] }, journal);
    expect(lastActAtBoard(moved, family)).toMatchObject({
      entries: act.entries,
      later: [expect.any(String)],
    });
    // Wrapped by hand after it was weighed, it is an act of its own.
    const [weighed, ...wrapped] = deed.facts!;
    const byHand = write({ facts: wrapped }, write({ facts: [weighed!] }));
    expect(lastActAtBoard(byHand, family)!.entry.type).toBe('packed');
  });

  it('a plain weighing is an act by itself', () => {
    const { write } = board();
    const journal = write({
      facts: [
        {
          type: 'cut',
          from: 'p',
          lot: 's',
          massDg: 300,
          count: 1,
          on,
          part: 'fat-cap',
          destination: 'render',
        },
      ],
    });
    const act = lastActAtBoard(journal, new Set(['p', 's']))!;
    expect([act.entries, act.later]).toEqual([[act.entry.id], []]);
  });
});

describe('a whole piece as a line says it', () => {
  const line = {
    packs: [3200, 3400, 3550].map((massDg) => ({ ...steaks, count: null, massDg })),
    others: [
      { part: 'strip-and-tail', name: 'Strip', destination: 'bin' as const, massDg: 4300, count: null },
    ],
    liquidDg: 800,
    unknown: [],
  };

  it('liquid, packs and bin are written together', () => {
    const { piece, at, write } = board();
    const { value } = packAsSaid(piece, line, () => 1, packing, at, format);
    expect(value?.deed.say).toBe('3 packs, in Chest, drawer');
    const journal = write(value!.deed);
    const { lots } = journal.state;
    expect(value!.packs.map((id) => lots.get(id)!.inDg)).toEqual([3200, 3400, 3550]);
    expect(lots.get('p')!.leftDg).toBe(50_000 - 800 - 3200 - 3400 - 3550 - 4300);
    // One act: one undo takes all of it back.
    const act = lastActAtBoard(journal, new Set(lots.keys()))!;
    expect(act).toMatchObject({ weighings: 4, later: [] });
    expect(act.entries).toHaveLength(value!.deed.facts!.length);
  });

  it('liquid that cannot be is refused, and nothing is written', () => {
    const { piece, at } = board();
    expect(packAsSaid(piece, { ...line, liquidDg: 50_000 }, () => 1, packing, at, format).problem).toContain(
      'is all of it',
    );
    const cut = { ...piece, leftDg: 40_000 };
    expect(packAsSaid(cut, line, () => 1, packing, at, format).problem).toContain('leave the liquid out');
  });
});
