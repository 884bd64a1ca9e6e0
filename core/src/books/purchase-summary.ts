import { sum } from 'd3-array';
import { purchaseTotals } from '../ledger/bought-together';
import { grouped } from '../units/grouped';
import { fromDg } from '../units/mass';
import type { Comparison } from './comparison';
import type { PieceSummary } from './piece-summary';

/**
 * One line a purchase: what was split to be cut several ways has one yield and one price together, by
 * weight, as if it had been one piece.
 *
 * @param summaries of pieces, in any order
 * @returns in the order of the first piece of each
 * @example four birds of 6.4 kg, two that gave 2.1 kg and two that gave 2.9 kg: a yield of 0.78
 */
export function summarisePurchases(summaries: readonly PieceSummary[]): PieceSummary[] {
  return [...grouped(summaries, ({ lot }) => lot.came).values()].map(together);
}

function together(all: readonly PieceSummary[]): PieceSummary {
  const [first] = all as [PieceSummary];
  if (all.length === 1) return first;
  const { count, inDg, paidMinor } = purchaseTotals(all.map(({ lot }) => lot));
  const usableDg = sum(all, (each) => each.usableDg);
  const closed = all.every(({ lot }) => lot.closed);
  // The piece that stayed is the one that was bought.
  const bought = all.find(({ lot }) => lot.made === lot.came) ?? first;
  return {
    lot: { ...bought.lot, count, inDg, paidMinor, closed, leftDg: sum(all, ({ lot }) => lot.leftDg) },
    usableDg,
    yield: usableDg / inDg,
    perUsableKgMinor: usableDg > 0 ? paidMinor / fromDg(usableDg, 'kg') : null,
    mainShare: sum(all, ({ mainShare, lot }) => mainShare * lot.inDg) / inDg,
    comparison: comparedTogether(all),
    perKgMinor: paidMinor / fromDg(inDg, 'kg'),
  };
}

function comparedTogether(all: readonly PieceSummary[]): Comparison {
  const each = all.map(({ comparison }) => comparison);
  const instead = each.map(({ insteadMinor }) => insteadMinor);
  const weightedEven = sum(all, ({ comparison, lot }) => comparison.breakEvenPerKgMinor * lot.inDg);
  return {
    ...(each[0] as Comparison),
    lines: each.flatMap(({ lines }) => lines),
    worthMinor: sum(each, ({ worthMinor }) => worthMinor),
    insteadMinor: instead.includes(null) ? null : sum(instead, (minor) => minor ?? 0),
    savedMinor: sum(each, ({ savedMinor }) => savedMinor),
    isKnown: each.every(({ isKnown }) => isKnown),
    breakEvenPerKgMinor: weightedEven / sum(all, ({ lot }) => lot.inDg),
    complete: each.every(({ complete }) => complete),
    missing: [...new Set(each.flatMap(({ missing }) => missing))],
  };
}
