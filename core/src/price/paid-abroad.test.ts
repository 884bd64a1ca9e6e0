import type { Fact } from '../ledger/entry';
import { JournalBuilder } from '../testing/journal-builder';
import { paidAbroad } from './paid-abroad';

const bought: Fact = {
  type: 'received',
  lot: 'loin',
  kind: 'strip-loin',
  count: 1,
  massDg: 50_000,
  paidMinor: 6786,
  foreign: { currency: 'GBP', minor: 5800, rate: 1.17 },
  on: '2026-01-01',
};
const told = (...more: Fact[]) => {
  const { journal } = new JournalBuilder().add(bought, ...more).household();
  return paidAbroad(journal, journal.state.lots.get('loin')!, 'EUR');
};

describe('what was paid in another currency', () => {
  it('is told with its rate: £58.00 at 1.17', () => {
    expect(told()).toEqual({ currency: 'GBP', minor: 5800, rate: 1.17 });
  });

  it('is told still when the weight was put right, and no more when what was paid was', () => {
    const right = (set: object): Fact => ({ type: 'corrected', entry: 'tablet-0', set }) as Fact;
    expect(told(right({ massDg: 49_000 }))).not.toBeNull();
    expect(told(right({ paidMinor: 7000 }))).toBeNull();
  });

  it('is nothing for a piece in the household’s own', () => {
    const { foreign: _, ...own } = bought as Extract<Fact, { type: 'received' }>;
    const { journal } = new JournalBuilder().add(own).household();
    expect(paidAbroad(journal, journal.state.lots.get('loin')!, 'EUR')).toBeNull();
  });
});
