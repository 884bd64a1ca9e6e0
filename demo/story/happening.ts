import type { Animal } from '@core/ledger/animal';
import type { Destination } from '@core/ledger/destination';
import type { Kept } from '@core/ledger/entry';
import type { Place } from '@core/cold/place';
import type { IsoDate } from '@core/units/date';
import type { Shop } from './shops';

/** A piece that was bought, cut the same day, and frozen. */
export interface Bought {
  readonly what: 'bought';
  readonly on: IsoDate;
  readonly kind: string;
  readonly way: string;
  /** One where nothing is said. */
  readonly count?: number;
  readonly eachG: number;
  readonly at: Shop;
  /** What the household remembers of it. */
  readonly says?: string;
  /** So many of its best packs are kept for a feast, and eaten on its day. */
  readonly keptFor?: {
    readonly feast: string;
    readonly on: IsoDate;
    readonly guests: number;
    readonly packs: number;
  };
  /** It lay in its sealed bag until then. */
  readonly openedOn?: IsoDate;
  /** Cut badly: such a share of its best part is lost to lesser ones. */
  readonly botched?: number;
  /** What was paid was typed wrong at first, and put right the same evening. */
  readonly mistyped?: true;
  /** One weighing was taken back, and written again. */
  readonly slip?: true;
  /** Something was found afterwards: the piece was closed too early. */
  readonly reopened?: true;
  /** One of its bags of stew lies at the bottom, and is never seen again. */
  readonly forgotten?: true;
  /** Several that are weighed and cut each by itself. */
  readonly apart?: true;
  readonly marks?: readonly string[];
  readonly grade?: string;
  readonly abroad?: { readonly currency: string; readonly perKgMinor: number; readonly rate: number };
}

/** A pack that was no piece here: a gift, bought cut, or there before. */
interface Came {
  readonly what: 'came';
  readonly on: IsoDate;
  readonly name: string;
  readonly animal: Animal;
  readonly origin: 'already-here' | 'gift' | 'bought-cut';
  readonly massG: number;
  readonly count: number;
  readonly plates: number;
  readonly destination: Destination;
  /** In smallest coins; null where nobody knows. */
  readonly paidMinor: number | null;
  /** The day on its label; null where there is none. */
  readonly frozenOn: IsoDate | null;
  readonly kept?: Kept;
}

/** Nobody eats from the freezer from one day up to another. */
interface Away {
  readonly what: 'away';
  readonly on: IsoDate;
  readonly until: IsoDate;
  readonly why: string;
}

/** So many guests at the table. */
interface Guests {
  readonly what: 'guests';
  readonly on: IsoDate;
  readonly guests: number;
}

/** A freezer, a refrigerator, a drawer: there from then on. */
interface Places {
  readonly what: 'places';
  readonly on: IsoDate;
  readonly places: readonly (readonly [string, Place])[];
  /** What lay in the first goes into the second, up to so many packs. */
  readonly moved?: { readonly from: string; readonly to: string; readonly packs: number };
}

/** Something that happens to packs in the freezer. */
interface Mishap {
  readonly what: 'power-cut' | 'stock-take' | 'freezer-burn' | 'given' | 'frozen-again' | 'split';
  readonly on: IsoDate;
  /** How many packs. */
  readonly packs: number;
  readonly why: string;
}

/** A line of the story. */
export type Happening = Bought | Came | Away | Guests | Places | Mishap;
export type HappeningOf<W extends Happening['what']> = Extract<Happening, { what: W }>;
