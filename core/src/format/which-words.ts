import type { CookedHow } from '../catalogue/cooked-how';
import type { HandWork } from '../catalogue/hand-work';
import { kindById } from '../catalogue/kinds';
import type { LeftOut, Suits, Wishes } from '../dinner/which-piece';
import type { WorthAsking } from '../price/offers-together';
import { daysBetween } from '../units/date';
import type { Format } from './format';

const USES: Readonly<Record<CookedHow, string>> = {
  quick: 'for the pan',
  roast: 'to roast',
  slow: 'for slow cooking',
  grind: 'to grind',
};
const WORK: Readonly<Record<HandWork, string>> = {
  slices: 'straight slices',
  joints: 'joints to find',
  seams: 'seams to follow',
  boning: 'bones to take out',
};
const LEFT_OUT: Readonly<Record<LeftOut, string>> = {
  tools: 'needs more than a knife',
  'too-hard': 'asks for more than that of the hand',
  'too-long': 'takes longer',
  'no-room': 'does not fit into the freezer now',
  'not-for-that': 'gives little of that',
};
/** A price that is older says when it was seen. */
const RECENT_DAYS = 30;
/** A saving below this share of a plate's worth is none that anybody would notice. */
const EVEN = 0.03;

/** Why a kind is left out, in a few words. */
export const leftOutWords = (why: LeftOut): string => LEFT_OUT[why];

/**
 * Why a kind suits, in one line: what it gives, what that saves at today's price, how it is done, and
 * what lies there already.
 *
 * @example '18 plates, 15 of them for the pan. A plate €1.20 below cut, at €15.89/kg today. 26 minutes, straight slices.'
 */
export function whySuits(suits: Suits, wishes: Wishes, format: Format): string {
  const left = Math.round(suits.left);
  return [
    `${gives(suits, wishes, format)}.`,
    `${money(suits, format)}.`,
    `${format.number(suits.minutes, 0)} minutes, ${WORK[suits.work]}.`,
    ...(left > 0
      ? [`${format.count(left, 'plate')} of it ${left === 1 ? 'lies' : 'lie'} there already.`]
      : []),
  ].join(' ');
}

function gives({ plates, wanted, uses }: Suits, { use }: Wishes, format: Format): string {
  const all = format.count(Math.max(1, Math.floor(plates)), 'plate');
  if (use === null) return all;
  if (use === 'variety') return `${all}, something for ${uses} of pan, oven, pot and grinder`;
  const of = Math.floor(wanted);
  return of >= Math.floor(plates) ? `${all}, all of them ${USES[use]}` : `${all}, ${of} of them ${USES[use]}`;
}

function money(
  { savedPerPlate, goingPerKg, goingOn, evenPerKg, isLowerBound, plates, pieceDg }: Suits,
  format: Format,
): string {
  const seen =
    goingOn === null || daysBetween(goingOn, format.dayFromToday(0)) <= RECENT_DAYS
      ? ''
      : `, noted ${format.age(goingOn)}`;
  const atLeast = isLowerBound ? 'at least ' : '';
  if (isLowerBound && (savedPerPlate ?? 0) < 0 && goingPerKg !== null && evenPerKg !== null)
    return `Goes for ${format.perUnit(goingPerKg)}${seen}; worth it up to ${atLeast}${format.perUnit(evenPerKg)}`;
  if (savedPerPlate !== null && goingPerKg !== null && evenPerKg !== null) {
    const at = `at ${format.perUnit(goingPerKg)}${seen}`;
    const plate = (evenPerKg * pieceDg) / 10_000 / plates;
    if (Math.abs(savedPerPlate) < EVEN * plate)
      return `${isLowerBound ? 'No more than about' : 'About'} what it costs cut, ${at}`;
    const each = format.money(Math.round(Math.abs(savedPerPlate)));
    return `A plate ${atLeast}${each} ${savedPerPlate > 0 ? 'below' : 'above'} bought cut, ${at}`;
  }
  if (evenPerKg !== null) return `Worth it up to ${atLeast}${format.perUnit(evenPerKg)}`;
  if (goingPerKg !== null) return `Goes for ${format.perUnit(goingPerKg)}${seen}; its cuts have no price yet`;
  return 'No price of it is known yet';
}

const OR = new Intl.ListFormat('en-GB', { type: 'disjunction' });

/** What is on offer, and what to ask for therefore. */
export function worthAskingWords({ kinds, item, note, isNeighbour }: WorthAsking, format: Format): string {
  const of = kindById(item.piece ?? null)?.name ?? item.name;
  const offer = `${of} is on offer at ${note.shop} (${format.perUnit(note.perKgMinor)}, ${format.age(note.on)})`;
  const names = OR.format(kinds.map(({ name }) => name.charAt(0).toLowerCase() + name.slice(1)));
  return isNeighbour ? `${offer}: ask for ${names} as well.` : `${offer}: ask for the whole ${names}.`;
}
