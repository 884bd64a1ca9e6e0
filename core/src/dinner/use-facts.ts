import type { Fact } from '../ledger/entry';
import type { Lot, ThawedBy } from '../ledger/lot';
import type { Serving } from './meal';
import type { IsoDate } from '../units/date';

/** A part of a pack that is a lot of its own from now on, or the whole pack. */
export interface TakenFrom {
  readonly facts: readonly Fact[];
  /** The lot that was meant: the pack, or what came out of it. */
  readonly lot: string;
}

/** Takes an amount out of a pack; the rest stays where it lies, frozen. */
export function takenFrom(
  pack: Pick<Lot, 'id' | 'countLeft'>,
  amount: Serving['amount'],
  newId: string,
  on: IsoDate,
): TakenFrom {
  const isAll = amount === 'all' || ('count' in amount && amount.count >= pack.countLeft);
  if (isAll) return { facts: [], lot: pack.id };
  return { facts: [{ type: 'unpacked', from: pack.id, lot: newId, amount, on }], lot: newId };
}

/**
 * Takes a pack, or some of it, out to thaw: what is taken lies in the refrigerator from then on.
 *
 * @param way in the refrigerator or in cold water
 * @param refrigerator where it goes; null where the household has none by name
 */
export function thawFacts(
  pack: Pick<Lot, 'id' | 'countLeft'>,
  amount: Serving['amount'],
  {
    way,
    refrigerator,
    newId,
    on,
  }: { way: ThawedBy; refrigerator: string | null; newId: string; on: IsoDate },
): TakenFrom {
  const { facts, lot } = takenFrom(pack, amount, newId, on);
  const goes: Fact[] =
    refrigerator !== null && way === 'refrigerator' ? [{ type: 'placed', lot, place: refrigerator }] : [];
  return { facts: [...facts, { type: 'thawing', lot, amount: 'all', on, way }, ...goes], lot };
}

/** Splits a pack in two: so many portions become a pack of their own, wrapped on the same day. */
export function splitFacts(
  pack: Lot,
  count: number,
  { loose, newId, on }: { loose: string; newId: string; on: IsoDate },
): Fact[] {
  const { wrap, thicknessMm, platesLeft, countLeft, singly } = pack;
  const plates = Math.round((platesLeft * count) / countLeft) || undefined;
  const packed: Fact = {
    type: 'packed',
    lot: newId,
    name: splitName(pack, count),
    from: [{ lot: loose, amount: 'all' }],
    plates,
    wrap: wrap ?? undefined,
    thicknessMm: thicknessMm ?? undefined,
    singly: singly || undefined,
    on: pack.on ?? on,
  };
  const placed: Fact[] = pack.place === null ? [] : [{ type: 'placed', lot: newId, place: pack.place }];
  return [{ type: 'unpacked', from: pack.id, lot: loose, amount: { count }, on }, packed, ...placed];
}

/** “5 steaks” of which two are taken are “2 steaks”; other names stay. */
function splitName({ name }: Lot, count: number): string {
  const words = name ?? 'Pack';
  const renamed = words.replace(/^\d+ /, `${count} `);
  return count === 1 && renamed !== words ? renamed.replace(/s$/, '') : renamed;
}
