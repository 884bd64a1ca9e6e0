import type { Entry, Fact } from '../ledger/entry';
import type { Asked } from '../price/price-note';
import { householdOf, type Household } from '../records/household';
import type { HouseholdRecord } from '../records/record';

/** Writes a journal for a test: facts in, entries with ids, times and sequence out. */
export class JournalBuilder {
  readonly entries: Entry[] = [];
  readonly records: HouseholdRecord[] = [];
  private seq = 0;

  constructor(
    private readonly device = 'tablet',
    private minute = 0,
  ) {}

  add(...facts: Fact[]): this {
    for (const fact of facts) this.entries.push(this.entry(fact));
    return this;
  }

  /** One that is written down at such a moment. */
  at(instant: string, fact: Fact): this {
    this.entries.push({ ...this.entry(fact), at: instant });
    return this;
  }

  /** An entry that comes next, without adding it. */
  entry(fact: Fact): Entry {
    const at = new Date(Date.UTC(2026, 0, 1) + this.minute++ * 60_000).toISOString();
    const seq = this.seq++;
    return { ...fact, id: `${this.device}-${seq}`, at, device: this.device, seq } as Entry;
  }

  price(item: string, perKgMinor: number, on = '2026-01-01', asked?: Asked): this {
    const stamp = { at: '2026-01-01T00:00:00.000Z', device: this.device, seq: this.seq++ };
    this.records.push({
      type: 'price',
      key: `p-${item}`,
      stamp,
      value: { item, shop: 'Fennel Street Market', perKgMinor, on, ...(asked ? { asked } : {}) },
    });
    return this;
  }

  household(): Household {
    return householdOf(this.entries, this.records);
  }
}

/** The worked piece of docs/computations.md: 5.000 kg at 12.00 a kilogram, as a tenderloin. */
export function workedPiece(): JournalBuilder {
  const on = '2026-01-01';
  return new JournalBuilder()
    .add(
      {
        type: 'received',
        lot: 'piece',
        kind: 'beef-tenderloin',
        count: 1,
        massDg: 50_000,
        paidMinor: 6000,
        shop: 'Breakwater Wholesale',
        on,
      },
      { type: 'drained', lot: 'piece', massDg: 49_000 },
      {
        type: 'cut',
        from: 'piece',
        lot: 'centre',
        part: 'centre',
        destination: 'main',
        massDg: 34_300,
        count: 1,
        on,
      },
      {
        type: 'cut',
        from: 'piece',
        lot: 'chain',
        part: 'chain',
        destination: 'grind',
        massDg: 4900,
        count: 1,
        on,
      },
      {
        type: 'cut',
        from: 'piece',
        lot: 'stock',
        part: 'trimmings',
        destination: 'stock',
        massDg: 2450,
        count: 1,
        on,
      },
      { type: 'cut', from: 'piece', lot: 'bin', part: 'fat', destination: 'bin', massDg: 7350, count: 1, on },
      { type: 'closed', lot: 'piece' },
    )
    .price('fillet-steak', 2400)
    .price('beef-grind', 900)
    .price('beef-bones', 200);
}

/** The day on which the worked piece is wrapped. */
export const WRAPPED_ON = '2026-02-01';

/** The worked piece, its main part in four packs and its grind in one. */
export function wrappedPiece(): JournalBuilder {
  const on = WRAPPED_ON;
  return workedPiece().add(
    ...[1, 2, 3, 4].flatMap((n): Fact[] => [
      {
        type: 'packed',
        lot: `k${n}`,
        name: 'Centre',
        from: [{ lot: 'centre', amount: n === 4 ? 'all' : { massDg: 8575 } }],
        plates: 4,
        on,
      },
      { type: 'placed', lot: `k${n}`, place: 'top' },
    ]),
    { type: 'packed', lot: 'g', name: 'Grind', from: [{ lot: 'chain', amount: 'all' }], plates: 2, on },
  );
}
