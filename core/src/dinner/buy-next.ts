import { mean, median, sum } from 'd3-array';
import type { Kind } from '../catalogue/kind-schema';
import type { Animal } from '../ledger/animal';
import { wholePieceItem } from '../catalogue/shop-items';
import { bonelessShare, type Plate } from '../cost/plates';
import type { Feasts } from '../feast/feast-schemas';
import type { Room } from '../freeze/room';
import { leavesOf } from '../ledger/leaves';
import type { Lot } from '../ledger/lot';
import type { State } from '../ledger/replay';
import type { KeyedNote, PriceBook } from '../price/price-book';
import { saleRhythm, type Season } from '../price/sale-rhythm';
import { standingOffer } from '../price/standing-offer';
import { addDays, daysBetween, type IsoDate } from '../units/date';
import type { MassDg } from '../units/mass';
import { yieldTest } from '../yield/yield-test';
import { platesOf } from './plates-of';
import { useRate, weeksLeft, type UseRate } from './use-rate';

/** What to do about a kind of piece, most pressing first. */
export const ADVICE = ['buy-now', 'on-offer', 'wait-for-offer', 'no-room', 'enough', 'too-early'] as const;
export type Advice = (typeof ADVICE)[number];

/** What is known of a kind that the household buys, and what follows. */
export interface BuyNext {
  readonly kind: string;
  readonly name: string;
  readonly animal: Animal;
  readonly advice: Advice;
  /** Plates that lie there. */
  readonly plates: number;
  /** Null where too little is known. */
  readonly rate: UseRate | null;
  /** When it runs out at the fastest and at the slowest likely pace; the latter null for nobody knows. */
  readonly runsOut: { readonly earliest: IsoDate; readonly latest: IsoDate | null } | null;
  /** The next time at which it is likely to be on offer, before it runs out or soon after. */
  readonly offer: Season | null;
  /** An offer that stands now. */
  readonly now: KeyedNote | null;
  /** A usual piece, and the plates that it gives; from this household's own. */
  readonly pieceDg: MassDg;
  readonly piecePlates: number;
  readonly pieces: number;
  /** Null where nobody knows how large the freezer is. */
  readonly fits: boolean | null;
  /** Days over which a usual piece is frozen, so that none freezes slowly. */
  readonly overDays: number;
}

export interface BuyRequest {
  readonly state: State;
  readonly stock: readonly Lot[];
  readonly kinds: readonly Kind[];
  readonly book: PriceBook;
  readonly feasts: Feasts;
  readonly room: Room | null;
  readonly plate: Plate;
  readonly today: IsoDate;
}

/** So long before it runs out somebody should go and buy. */
const SOON_DAYS = 21;
/** An offer so far ahead is no reason to wait, and one less likely than this neither. */
const AHEAD_DAYS = 120;
const LIKELY = 0.6;

/**
 * What to buy next, of the kinds that the household has bought before: how fast it is eaten, what
 * is left, when that runs out, whether an offer is likely before, and whether it fits.
 *
 * @returns the most pressing first; kinds of which too little is known last, and without a claim
 */
export function buyNext(request: BuyRequest): BuyNext[] {
  const bought = new Map<string, Lot[]>();
  for (const lot of request.state.lots.values()) {
    if (lot.form !== 'piece' || lot.kind === null) continue;
    const known = bought.get(lot.kind);
    if (known) known.push(lot);
    else bought.set(lot.kind, [lot]);
  }
  const rows = request.kinds.flatMap((kind) =>
    bought.has(kind.id) ? [adviceOn(kind, bought.get(kind.id) ?? [], request)] : [],
  );
  return rows.sort(
    (a, b) =>
      ADVICE.indexOf(a.advice) - ADVICE.indexOf(b.advice) ||
      (a.runsOut?.earliest ?? '9').localeCompare(b.runsOut?.earliest ?? '9') ||
      a.name.localeCompare(b.name),
  );
}

function adviceOn(kind: Kind, pieces: readonly Lot[], request: BuyRequest): BuyNext {
  const { state, stock, book, feasts, room, plate, today } = request;
  const plates = sum(
    stock.filter((lot) => lot.kind === kind.id && lot.animal === kind.animal),
    (lot) => platesOf(lot, plate),
  );
  const rate = useRate(state, { animal: kind.animal, kind: kind.id }, today, plate);
  const runsOut = rate && datesOf(weeksLeft(plates, rate), today);
  const closed = pieces.filter(({ closed }) => closed);
  const pieceDg = Math.round(median(pieces, ({ inDg }) => inDg) ?? 0);
  const usable = mean(closed, ({ id }) => yieldTest(state, id).yield) ?? 0;
  const meat = mean(closed, (piece) => meatDgOf(state, piece, plate) / piece.inDg) ?? 0;
  const offer =
    saleRhythm(book, wholePieceItem(kind.id), today, feasts).find(
      ({ next, likely }) => likely >= LIKELY && daysBetween(today, next) <= AHEAD_DAYS,
    ) ?? null;
  const known = {
    kind: kind.id,
    name: kind.name,
    animal: kind.animal,
    plates,
    rate,
    runsOut,
    offer,
    now: standingOffer(book, wholePieceItem(kind.id), today),
    pieceDg,
    piecePlates: (pieceDg * meat) / plate.dg,
    pieces: pieces.length,
    fits: fitsIn(room, pieceDg * (usable || 1)),
    overDays: room ? Math.max(1, Math.ceil((pieceDg * (usable || 1)) / room.perDayDg)) : 1,
  };
  return { ...known, advice: adviceFor(known, today) };
}

/** Raw boneless meat that a finished piece gave. */
function meatDgOf(state: State, { id }: Lot, { skin }: Plate): MassDg {
  return sum(leavesOf(state, id), ({ lot, massDg }) => massDg * bonelessShare(lot, skin));
}

type Considered = Pick<BuyNext, 'rate' | 'runsOut' | 'offer' | 'now' | 'fits'>;

function adviceFor({ rate, runsOut, offer, now, fits }: Considered, today: IsoDate): Advice {
  if (!rate || !runsOut) return 'too-early';
  const isSoon = runsOut.earliest <= addDays(today, SOON_DAYS);
  if (fits === false) return isSoon || now ? 'no-room' : 'enough';
  if (now) return 'on-offer';
  if (offer && offer.next <= addDays(runsOut.earliest, 7)) return 'wait-for-offer';
  return isSoon ? 'buy-now' : 'enough';
}

function datesOf(
  { least, most }: { least: number; most: number | null },
  today: IsoDate,
): BuyNext['runsOut'] {
  // Beyond some years no calendar says anything.
  const after = (weeks: number): IsoDate => addDays(today, Math.round(Math.min(weeks, 500) * 7));
  return { earliest: after(least), latest: most === null ? null : after(most) };
}

/** Null where nobody can say: some of the room is of unknown size. */
function fitsIn(room: Room | null, massDg: number): boolean | null {
  if (room === null) return null;
  return room.freeDg >= massDg || (room.atLeast ? null : false);
}
