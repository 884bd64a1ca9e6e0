import type { Animal } from '@core/ledger/animal';
import type { ShopLists } from '@core/price/shop-list';
import type { IsoDate } from '@core/units/date';
import { EATERS } from '../story/household';
import { STORY } from '../story/story';
import { Agenda } from './agenda';
import { Random } from './random';
import { Scribe } from './scribe';
import { shopLists } from './shop-lists';

/** The first day of the story, and the last of its past. */
export const [BEGINS, ENDS]: readonly [IsoDate, IsoDate] = ['2023-12-02', '2027-05-29'];
/** From then on the phone is in use as well. */
const PHONE_SINCE: IsoDate = '2024-09-01';

/** A mean plate of the household, in tenths of a gram. */
export const PLATE_DG = EATERS.reduce((sum, { plateDg }) => sum + plateDg, 0) / EATERS.length;

/** What everybody who writes a part of the story knows. */
export class Telling {
  readonly scribe = new Scribe(`${BEGINS}T08:00:00`);
  readonly agenda = new Agenda();
  readonly random = new Random(20231202);
  readonly lists: ShopLists = shopLists(BEGINS, ENDS);
  /** Packs that no dinner takes: kept for a feast, promised to a day, or forgotten for good. */
  readonly spokenFor = new Set<string>();
  /** Guests by day. */
  readonly guests = new Map(
    STORY.flatMap((line) => (line.what === 'guests' ? [[line.on, line.guests]] : [])),
  );

  /** Days of feasts for which something is kept. */
  readonly feasts = new Set<IsoDate>();
  /** What there was at the last dinner. */
  lastEaten: Animal | null = null;

  readonly isAwayOn = (day: IsoDate): boolean =>
    STORY.some((line) => line.what === 'away' && line.on <= day && day < line.until);

  /** What is written down on the way, and not at the board. */
  get pocket(): string {
    return this.scribe.day < PHONE_SINCE ? 'tablet' : 'phone';
  }

  /** How used the hands are to it, 0 at the beginning and 1 at the end. */
  get skill(): number {
    const share = (day: IsoDate): number => Date.parse(day);
    return (share(this.scribe.day) - share(BEGINS)) / (share(ENDS) - share(BEGINS));
  }
}
