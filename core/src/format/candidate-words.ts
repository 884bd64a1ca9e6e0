import { SAME_COST, type RankedCandidate } from '../yield/candidates';
import type { Format } from './format';

/**
 * Which of the pieces side by side to take, and what decides it.
 *
 * @param ranked the best first
 * @param nameOf how a candidate is called on the page
 * @returns null where there are not two
 */
export function whichToTake(
  ranked: readonly RankedCandidate[],
  nameOf: (id: string) => string,
  format: Format,
): string | null {
  const [first, second] = ranked;
  if (!first || !second) return null;
  const isNone = ranked.every(({ savingMinor }) => savingMinor !== null && savingMinor < 0);
  const decides = whatDecides([first, second], nameOf, format);
  return isNone ? `${decides} Yet all of them are dearer than bought cut.` : decides;
}

function whatDecides(
  [first, second]: readonly [RankedCandidate, RankedCandidate],
  nameOf: (id: string) => string,
  format: Format,
): string {
  const [best, next] = [nameOf(first.candidate.id), nameOf(second.candidate.id)];
  const difference = second.perUsableKgMinor - first.perUsableKgMinor;
  if (Math.abs(difference) < first.perUsableKgMinor * SAME_COST)
    return theSame(first, second, [best, next], format);
  const yields = first.usableShare - second.usableShare;
  const price = second.candidate.perKgMinor - first.candidate.perKgMinor;
  const by = `a usable ${format.priceUnit()} comes ${format.money(Math.round(difference * format.kgPerUnit()))} cheaper`;
  if (price > 0 && yields >= -0.0005)
    return `${best}: ${by} than of ${next}. ${yields > 0.0005 ? 'Both its price and what it yields decide it.' : 'Its price decides it.'}`;
  if (price <= 0 && yields > 0)
    return `${best}: ${by} than of ${next}, ${price < 0 ? 'though it is dearer: ' : ''}${format.percent(yields, 1)} more of it is usable.`;
  return `${best}: ${by} than of ${next}, though ${format.percent(-yields, 1)} less of it is usable. Its price decides it.`;
}

/** A usable kilogram costs the same: then it is what of it is the main cut. */
function theSame(
  first: RankedCandidate,
  second: RankedCandidate,
  [best, next]: readonly [string, string],
  format: Format,
): string {
  const perKg = ({ savingMinor, candidate }: RankedCandidate): number =>
    ((savingMinor ?? 0) * 10_000) / candidate.massDg;
  const gain = perKg(first) - perKg(second);
  return gain < first.perUsableKgMinor * SAME_COST
    ? `${best} and ${next} come to the same. Take the one that you like to look at.`
    : `${best}: a usable ${format.priceUnit()} costs the same as of ${next}, but more of it is the main cut, worth ${format.perUnit(gain)} more.`;
}
