import type { ComparedCandidate } from '../yield/candidates';
import type { Format } from './format';
import { roughMoney } from './verdict-words';

/** What stands over the pieces that are side by side, and what is in solid ink there. */
export interface ToldComparison {
  readonly reading: string;
  /** What decides it; empty where the reading says all. */
  readonly why: string;
  /** The one to take, and the words to take it by. */
  readonly best: string;
  readonly take: string;
  /** What to do is to take it, to take none, or to fill a price first. */
  readonly deed: 'take' | 'none' | 'open';
}

/** Savings that differ by less than this share of what a portion costs are the same to a buyer. */
const SAME = 0.005;

/**
 * Which of the pieces side by side to take, and what decides it.
 *
 * @param ranked from {@link compareCandidates}, the best first
 * @param nameOf how a candidate is called on the page, with its capital
 * @returns null where there is none
 * @example “Strip loin saves most: €0.90 a portion”, “Its portion is the cheapest too: €4.10.”
 */
export function tellComparison(
  ranked: readonly ComparedCandidate[],
  nameOf: (id: string) => string,
  format: Format,
): ToldComparison | null {
  const [best] = ranked;
  if (!best) return null;
  return {
    reading: readingOf(ranked, best, nameOf, format),
    why: whyOf(ranked, best, nameOf, format),
    best: best.candidate.id,
    take: `Take the ${within(nameOf(best.candidate.id))}`,
    deed: best.answer === 'open' ? 'open' : best.answer !== 'leave-it' ? 'take' : deedOfDear(ranked),
  };
}

/** While one is open, what is dear is not all that lies there. */
const deedOfDear = (ranked: readonly ComparedCandidate[]): 'none' | 'open' =>
  ranked.some(({ answer }) => answer === 'open') ? 'open' : 'none';

function readingOf(
  ranked: readonly ComparedCandidate[],
  best: ComparedCandidate,
  nameOf: (id: string) => string,
  format: Format,
): string {
  const [name, isAlone] = [nameOf(best.candidate.id), ranked.length === 1];
  const open = ranked.filter(({ answer }) => answer === 'open');
  if (best.answer === 'open')
    return isAlone
      ? `${name}: ${aPortion(best, format)} a portion`
      : `Cheapest portion: ${within(name)}, ${aPortion(best, format)}`;
  if (best.answer === 'leave-it') {
    if (isAlone) return `${name} costs ${savedWords(best, format)} more a portion`;
    return open.length > 0 ? 'None saves yet: one price decides' : 'All cost more than the shop';
  }
  if (best.answer === 'about-even')
    return isAlone ? `${name}: about the same as the shop` : `${name} comes closest: about the same`;
  const saves = `${savedWords(best, format)} a portion`;
  const second = ranked[1];
  if (isAlone || second?.answer === 'open') return `${name} saves ${saves}`;
  return second && isSame(best, second)
    ? `${name} and ${within(nameOf(second.candidate.id))} save the same`
    : `${name} saves most: ${saves}`;
}

const isSame = (one: ComparedCandidate, other: ComparedCandidate): boolean =>
  Math.abs((one.savedPortionMinor ?? 0) - (other.savedPortionMinor ?? 0)) < SAME * one.portionMinor;

const aPortion = ({ portionMinor }: ComparedCandidate, format: Format): string =>
  format.money(Math.round(portionMinor));

/** So much a portion is saved, or costs more. */
function savedWords({ savedPortionMinor, isLowerBound }: ComparedCandidate, format: Format): string {
  const saved = savedPortionMinor ?? 0;
  const size = format.money(Math.round(Math.abs(saved)));
  if (!isLowerBound) return size;
  return saved < 0 ? `up to ${size}` : `${size} or more`;
}

function whyOf(
  ranked: readonly ComparedCandidate[],
  best: ComparedCandidate,
  nameOf: (id: string) => string,
  format: Format,
): string {
  const [, second] = ranked;
  if (!second) return '';
  if (best.answer === 'open' && ranked.every(({ answer }) => answer === 'open'))
    return 'Fill a price bought cut to see which saves.';
  const isOfOneKind =
    best.candidate.kind.id === second.candidate.kind.id && best.candidate.way.id === second.candidate.way.id;
  if (isOfOneKind) return whatDecides(best, second, format);
  const cheapest = ranked.reduce((least, each) => (each.portionMinor < least.portionMinor ? each : least));
  return cheapest === best
    ? `Its portion is the cheapest too: ${aPortion(best, format)}.`
    : `Its portion costs ${aPortion(best, format)}; cheapest is ${within(nameOf(cheapest.candidate.id))}, ${aPortion(cheapest, format)}.`;
}

/** Of two of one kind it is the price, or what they yield. */
function whatDecides(first: ComparedCandidate, second: ComparedCandidate, format: Format): string {
  if (isSame(first, second)) return 'Take the one that you like to look at.';
  const price = second.candidate.perKgMinor - first.candidate.perKgMinor;
  const yields = first.prediction.meat.share - second.prediction.meat.share;
  if (price > 0 && yields > 0.0005) return 'Both its price and what it yields decide it.';
  if (price > 0)
    return yields < -0.0005
      ? `It yields ${format.percent(-yields, 1)} less; its price decides it.`
      : 'Its price decides it.';
  if (yields > 0.0005)
    return `${price < 0 ? 'It is dearer, but ' : ''}${format.percent(yields, 1)} more of it is meat.`;
  return 'More of it is the main cut.';
}

/** A name within a sentence. */
const within = (name: string): string => name.charAt(0).toLowerCase() + name.slice(1);

/**
 * What all of it comes to against the shop, no finer than it is known.
 *
 * @example “Saves €34 in all”, “Saves €22 or more in all”, “Costs up to €8 more”, “Open: one price decides”
 */
export function inAllWords({ savedMinor, isLowerBound }: ComparedCandidate, format: Format): string {
  if (savedMinor === null) return 'Open: one price decides';
  const size = roughMoney(Math.abs(savedMinor), format);
  if (savedMinor < 0) return `Costs ${isLowerBound ? 'up to ' : ''}${size} more`;
  return `Saves ${size}${isLowerBound ? ' or more' : ''} in all`;
}

/** What is less is not worth a word. */
const SOME_DG = 500;

/** What of a piece is on no plate, kept and lost; “300 g for stock and fat, 410 g lost”. */
export function leftOverWords({ keptDg, lostDg }: ComparedCandidate, format: Format): string {
  const said = [
    ...(keptDg >= SOME_DG ? [`${format.roughMass(keptDg)} for stock and fat`] : []),
    ...(lostDg >= SOME_DG ? [`${format.roughMass(lostDg)} lost`] : []),
  ];
  return said.join(', ');
}

/**
 * What a slip of the knife costs, in words; empty where nobody can say.
 *
 * @param partOf what the main cut is called
 * @example “100 g of steak ground by mistake: €1.80”
 */
export function slipWords(
  { slip }: ComparedCandidate,
  partOf: (part: string) => string,
  format: Format,
): string {
  if (!slip) return '';
  const what = `${format.mass(slip.slipDg)} of ${within(partOf(slip.part))}`;
  return `${what} ${slip.isGround ? 'ground by mistake' : 'spoilt'}: ${format.money(Math.round(slip.minor))}`;
}

/**
 * How many portions, as they may stand beside what one costs: whole ones are the sum, others are about so many.
 *
 * @example 12.4 portions: “about 12.4 portions”
 */
export function portionsWords(portions: number, format: Format): string {
  const tenths = Math.round(portions * 10) / 10;
  const isWhole = Math.abs(portions - Math.round(portions)) < 1e-6;
  if (isWhole) return format.count(Math.round(portions), 'portion');
  return `about ${format.number(tenths, Number.isInteger(tenths) ? 0 : 1)} ${tenths === 1 ? 'portion' : 'portions'}`;
}
