import type { Cold } from '../cold/cold';
import { daysOf } from '../cold/running';
import type { Format } from '../format/format';
import type { Lot } from '../ledger/lot';
import { addDays, daysBetween, type IsoDate } from '../units/date';

type Said = Pick<Format, 'weekday' | 'count'>;

/**
 * What is said at the board of a piece's bag and its days; empty where nothing is known of them.
 *
 * @example 'Sealed 12 days. Opened today it is best by Wed 2 Dec, latest Thu 3 Dec.'
 */
export function bagWords(
  piece: Pick<Lot, 'cold' | 'kept' | 'until'>,
  cold: Cold,
  today: IsoDate,
  format: Said,
): string {
  const { state, boughtOn, cookBy, dueOn } = cold;
  if (cookBy === null || boughtOn === null) return '';
  if (state === 'sealed') {
    const [best, last] = daysOf(cold.keeping).map((days) => earlier(addDays(today, days), cookBy)) as [
      IsoDate,
      IsoDate,
    ];
    const days = daysBetween(boughtOn, today);
    const sealed = days === 0 ? 'Sealed, bought today' : `Sealed ${format.count(days, 'day')}`;
    return `${sealed}. Opened today it is ${byWords(best, last, format)}.`;
  }
  const opened = openedOn(piece);
  const wasSealed = piece.kept === 'sealed' || (piece.kept === null && piece.until !== null);
  if (state !== 'fresh' || opened === null || !wasSealed) return '';
  const when = opened === today ? 'opened today' : `opened ${format.weekday(opened)}`;
  return `Sealed ${format.count(daysBetween(boughtOn, opened), 'day')}, ${when}: ${byWords(dueOn ?? cookBy, cookBy, format)}.`;
}

const earlier = (a: IsoDate, b: IsoDate): IsoDate => (a < b ? a : b);

function byWords(best: IsoDate, last: IsoDate, format: Said): string {
  return best < last
    ? `best by ${format.weekday(best)}, latest ${format.weekday(last)}`
    : `good up to ${format.weekday(last)}`;
}

function openedOn({ cold }: Pick<Lot, 'cold'>): IsoDate | null {
  const event = cold.find(({ what }) => what === 'opened');
  return event ? (event.on ?? event.day ?? null) : null;
}
