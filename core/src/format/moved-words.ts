import type { MovedPack } from '../cost/moved-pack';
import type { Format } from './format';

/** More are counted and not named. */
const MOST_NAMED = 6;

/**
 * What a corrected price moves, in words: each pack from what it cost to what it costs; empty where no
 * closed piece counted with that price.
 *
 * @param pieces how many closed pieces counted with it
 * @example '1 closed piece counted with it. Strip steaks: €14.20 becomes €14.80.'
 */
export function movedWords(moved: readonly MovedPack[], pieces: number, format: Format): string {
  if (pieces === 0) return '';
  const counted = `${format.count(pieces, 'closed piece')} counted with it.`;
  if (moved.length === 0) return `${counted} No pack costs anything else by it.`;
  const named = moved
    .slice(0, MOST_NAMED)
    .map(
      ({ name, wasMinor, becomesMinor }) =>
        `${name}: ${format.money(wasMinor)} becomes ${format.money(becomesMinor)}.`,
    );
  const others = moved.length - named.length;
  return [counted, ...named, ...(others > 0 ? [`And ${format.count(others, 'other pack')}.`] : [])].join(' ');
}
