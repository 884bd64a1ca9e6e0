import type { Animal } from './animal';
import type { Destination } from './destination';
import type { Dated, EntryOf, Kept, Prepared } from './entry';
import type { Instant, IsoDate } from '../units/date';
import type { MassDg } from '../units/mass';
import type { Minor } from '../units/money';

export type LotId = string;
/** How something was thawed; null where nobody has said. */
export type ThawedBy = NonNullable<EntryOf<'thawing'>['way']>;
export type EntryId = string;

/** What a lot is: bought whole, taken off, ground together, or wrapped. */
export type Form = 'piece' | 'part' | 'mix' | 'pack';

/** Ways in which mass leaves a lot: into another lot, off the table, or out of sight. */
export type FlowWay =
  | 'cut'
  | 'packed'
  | 'combined'
  | 'unpacked'
  | 'eaten'
  | 'given'
  | 'discarded'
  | 'liquid'
  | 'unaccounted'
  | 'shrunk';

/** So much left a lot by one entry. */
export interface Flow {
  readonly entry: EntryId;
  /** Its place in time, and the deed that it was done with: what is wrapped in one deed shares its coins. */
  readonly at: Instant;
  readonly deed: EntryId;
  readonly way: FlowWay;
  readonly massDg: MassDg;
  readonly count: number;
  readonly plates: number;
  /** The lot it went into, for cut, packed, combined and unpacked. */
  readonly lot?: LotId;
  readonly on?: IsoDate;
}

/** Something that happened to a lot and decides how long it keeps. */
export interface ColdEvent {
  readonly what: 'opened' | 'placed' | 'thawing' | 'refrozen' | 'checked';
  /** Its place in time among what else happened. */
  readonly at: Instant;
  /** What the clock said, where that is another. */
  readonly clock?: Instant;
  /** The day that was said, where one was. */
  readonly on: IsoDate | null;
  /** The day that the calendar showed where it was written down; unsaid in older files. */
  readonly day?: IsoDate;
  /** The deed that it was done with: what went into a freezer in one deed freezes together. */
  readonly deed: EntryId;
  /** Where it was put. */
  readonly place?: string;
  readonly way?: ThawedBy;
  /** What somebody found who looked at it. */
  readonly found?: 'leaking' | EntryOf<'checked'>['found'];
  /** What it weighed then: how long it thaws hangs on it. */
  readonly massDg: MassDg;
}

/** So much came into a lot from another. */
export interface Source {
  readonly lot: LotId;
  readonly massDg: MassDg;
  /** Which of the other lot's flows it is. */
  readonly flow: number;
}

/**
 * A mass of meat with a history. Always:
 * `inDg + foundDg = sum of flows + leftDg`, and no term is negative.
 */
export interface Lot {
  readonly id: LotId;
  readonly form: Form;
  /** The entry that made it. */
  readonly made: EntryId;
  /** The entry by which it came: of what was split from a piece, the purchase that it was split from. */
  readonly came: EntryId;
  readonly kind: string | null;
  /** The part of the kind, or the household's own word for it. */
  readonly part: string | null;
  readonly name: string | null;
  readonly animal: Animal | null;
  readonly destination: Destination;
  readonly way: string | null;
  readonly shop: string | null;
  /** The grade or mark it was bought under. */
  readonly grade: string | null;
  readonly origin: 'already-here' | 'gift' | 'bought-cut' | null;
  /** The day it was bought, cut, ground, wrapped. */
  readonly on: IsoDate | null;
  /** Null where nobody knows, and for lots that were made here (their cost is derived). */
  readonly paidMinor: Minor | null;
  /** Mass when the lot was made: label, net weight, or what went into it. */
  readonly inDg: MassDg;
  /** Of that, what is not meat (salt, marinade) and came in at no cost. */
  readonly addedDg: MassDg;
  /** What the scale or a stock-take found beyond what was there. */
  readonly foundDg: MassDg;
  /** Of that, what stock-takes found: it comes from nowhere that is written down. */
  readonly countedUpDg: MassDg;
  readonly leftDg: MassDg;
  readonly count: number;
  readonly countLeft: number;
  readonly plates: number | null;
  readonly platesLeft: number;
  readonly thawingDg: MassDg;
  readonly thawingOn: IsoDate | null;
  readonly thawingWay: ThawedBy | null;
  /** The day it was frozen again, after thawing. */
  readonly refrozenOn: IsoDate | null;
  /** How it was when it came, and the date on its own label. */
  readonly kept: Kept | null;
  /** How it was prepared, where that was said. */
  readonly prepared: Prepared | null;
  readonly until: IsoDate | null;
  readonly dated: Dated | null;
  /** The day it was bought, for what came as a pack. */
  readonly boughtOn: IsoDate | null;
  /** When it was written down that the lot is there. */
  readonly madeAt: Instant;
  /** What happened to it between warm and cold, in order: from these its dates follow. */
  readonly cold: readonly ColdEvent[];
  readonly place: string | null;
  /** What it is wrapped in, how thick it lies, and whether single portions can be taken out. */
  readonly wrap: string | null;
  readonly thicknessMm: number | null;
  readonly singly: boolean;
  /** Whether it was weighed out of its bag. */
  readonly isDrained: boolean;
  /** Whether more can come off it. */
  readonly closed: boolean;
  /** Its place in time when it was closed; null while it is open. */
  readonly closedAt: Instant | null;
  /** What was said when it was closed: more than usual is gone, or was not weighed; its bones are heavy, or meat was left on. */
  readonly lossWas: EntryOf<'closed'>['loss'] | null;
  readonly bonesWere: EntryOf<'closed'>['bones'] | null;
  readonly sources: readonly Source[];
  readonly flows: readonly Flow[];
}

/** Everything that was ever in the lot. */
export function totalDg(lot: Lot): MassDg {
  return lot.inDg + lot.foundDg;
}

/** The sum of the flows of the given ways. */
export function flowedDg(lot: Lot, ...ways: FlowWay[]): MassDg {
  return lot.flows.reduce((sum, flow) => (ways.includes(flow.way) ? sum + flow.massDg : sum), 0);
}

/** The weight after draining: what there was, less the liquid. */
export function drainedDg(lot: Lot): MassDg {
  return totalDg(lot) - flowedDg(lot, 'liquid');
}
