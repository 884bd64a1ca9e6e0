import type { CostBasis } from '../cost/carriers';
import type { FactOf } from '../ledger/entry';
import { append, type Journal } from '../ledger/journal';
import type { LotId } from '../ledger/lot';
import type { Refusal } from '../ledger/refusal';
import { success, type Result } from '../units/result';
import type { MassDg } from '../units/mass';
import { yieldTest } from '../yield/yield-test';
import { summarisePiece } from './piece-summary';

/** What a correction changes of a piece. */
export interface PieceFigures {
  readonly massDg: MassDg;
  readonly paidMinor: number;
  readonly perKgMinor: number;
  readonly liquidDg: MassDg;
  readonly unaccountedDg: MassDg;
  readonly yield: number;
  readonly perUsableKgMinor: number | null;
  /** Against the shop; null where nothing of it has a price. */
  readonly savedMinor: number | null;
}

/**
 * What becomes of a piece when what was bought is corrected, before anything is written.
 *
 * @returns the figures as they are and as they would be, or why it would not fit
 */
export function afterCorrection(
  journal: Journal,
  piece: LotId,
  corrections: readonly FactOf<'corrected'>[],
  basis: CostBasis,
): Result<{ readonly was: PieceFigures; readonly becomes: PieceFigures }, Refusal> {
  let after = journal;
  for (const [nth, correction] of corrections.entries()) {
    const last = after.entries.at(-1);
    const stamp = { at: last?.at ?? '', device: last?.device ?? 'x', seq: (last?.seq ?? 0) + 1 };
    const next = append(after, { ...correction, id: `${stamp.device}-trial-${nth}`, ...stamp });
    if (!next.ok) return next;
    after = next.value;
  }
  return success({ was: figuresOf(journal, piece, basis), becomes: figuresOf(after, piece, basis) });
}

function figuresOf({ state }: Journal, piece: LotId, basis: CostBasis): PieceFigures {
  const test = yieldTest(state, piece);
  const lot = state.lots.get(piece)!;
  const { comparison, perKgMinor } = summarisePiece(state, lot, basis);
  return {
    massDg: lot.inDg,
    paidMinor: lot.paidMinor ?? 0,
    perKgMinor,
    liquidDg: test.destinations.liquid,
    unaccountedDg: test.unaccountedDg,
    yield: test.yield,
    perUsableKgMinor: test.perUsableKgMinor,
    savedMinor: lot.closed && comparison.isKnown ? comparison.savedMinor : null,
  };
}
