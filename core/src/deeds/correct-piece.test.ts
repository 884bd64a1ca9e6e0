import { basisOf } from '../books/basis-of';
import { afterCorrection } from '../books/after-correction';
import { workedPiece } from '../testing/journal-builder';
import { correctionOf, correctPiece, pieceBought } from './correct-piece';

describe('what was bought, put right', () => {
  const household = workedPiece().household();
  const lot = household.journal.state.lots.get('piece')!;
  const was = pieceBought(lot);
  const basis = basisOf(household);

  it('says no more than what is another', () => {
    const right = { ...was, mass: { massDg: 51_000, typed: '5.1 kg' }, shop: 'Hollis Lane Farm ' };
    expect(correctPiece(lot, right).value).toMatchObject({
      facts: [
        {
          type: 'corrected',
          entry: lot.made,
          set: { massDg: 51_000, typed: '5.1 kg', shop: 'Hollis Lane Farm' },
        },
      ],
      say: 'Beef tenderloin put right.',
    });
    expect(correctPiece(lot, was).problem).toContain('Nothing of it is another');
  });

  // 4.900 kg drained: with a label of 5.100 kg 200 g ran out and not 100, and 3.920 of 5.100 kg are usable.
  it('shows before what a wrong label weight changes, with every cut left as it is', () => {
    const facts = correctionOf(lot, { ...was, mass: { massDg: 51_000, typed: '5.1 kg' } }).value!;
    const { was: before, becomes } = afterCorrection(household.journal, 'piece', facts, basis).value!;
    expect(before).toMatchObject({ massDg: 50_000, liquidDg: 1000, yield: 0.784 });
    expect(becomes).toMatchObject({ massDg: 51_000, liquidDg: 2000, unaccountedDg: before.unaccountedDg });
    expect(becomes.yield).toBeCloseTo(3.92 / 5.1, 9);
    expect(becomes.perUsableKgMinor).toBe(before.perUsableKgMinor);
    expect(becomes.perKgMinor).toBeCloseTo(6000 / 5.1, 6);
  });

  it('and what was paid', () => {
    const facts = correctionOf(lot, { ...was, paidMinor: 5500 }).value!;
    const { was: before, becomes } = afterCorrection(household.journal, 'piece', facts, basis).value!;
    expect(becomes.perUsableKgMinor).toBeCloseTo(5500 / 3.92, 6);
    expect((becomes.savedMinor ?? 0) - (before.savedMinor ?? 0)).toBe(500);
  });

  it('a weight that no longer fits what was weighed is refused', () => {
    const facts = correctionOf(lot, { ...was, mass: { massDg: 40_000, typed: '4 kg' } }).value!;
    expect(afterCorrection(household.journal, 'piece', facts, basis).ok).toBe(false);
  });
});
