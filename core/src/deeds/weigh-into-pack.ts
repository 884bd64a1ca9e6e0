import { whyNotToFreeze } from '../cold/why';
import { kindById, partOf } from '../catalogue/kinds';
import { platesIn, type Plate } from '../cost/plates';
import type { Cold } from '../cold/cold';
import type { Format } from '../format/format';
import type { Fact, FactOf } from '../ledger/entry';
import type { Lot } from '../ledger/lot';
import type { IsoDate } from '../units/date';
import { failure, success, type Result } from '../units/result';
import type { Deed } from './deed';
import { weigh, type CameOff, type Weighed } from './weigh';
import type { PackPlace } from './wrap';

/** How packs are made as one cuts. */
export interface Packing {
  readonly wrap: string;
  /** Where they go; null where nobody has said. */
  readonly place: PackPlace | null;
  /** An average plate of the household. */
  readonly plate: Plate;
  /** What the bag weighs, in tenths of a gram; it is not in the weight. */
  readonly bagDg: number;
  /** How long the piece keeps: what is past its day is not frozen. */
  readonly cold: Pick<Cold, 'mayRefreeze' | 'overdue' | 'faulty' | 'because'>;
}

/** What is written on a pack of one part: so many of its portions, or the part. */
function packedName({ part, name, count }: CameOff, kind: string | null): string {
  const known = partOf(kindById(kind), part);
  if (!known?.portion || !known.portions) return count > 1 ? `${name} × ${count}` : name;
  return count > 1
    ? `${count} ${known.portions}`
    : known.portion.charAt(0).toUpperCase() + known.portion.slice(1);
}

/**
 * Weighs what came off a piece straight into its pack: the part is off, wrapped and put away in one
 * act. What goes to the bin is weighed, and not wrapped.
 *
 * @param at the day, and new ids: the first is the part's, the second the pack's
 * @returns the deed, and the pack's id, which its label is made from; null where nothing was wrapped
 */
export function weighIntoPack(
  piece: Lot,
  cameOff: CameOff,
  weighed: Weighed,
  packing: Packing,
  at: { readonly on: IsoDate; readonly newId: () => string },
  format: Format,
): Result<{ readonly deed: Deed; readonly pack: string | null }> {
  const off = weigh(piece, cameOff, weighed, at, format);
  if (!off.ok) return off;
  const [cut] = off.value.facts as readonly [FactOf<'cut'>];
  if (cameOff.destination === 'bin' || cameOff.destination === 'liquid')
    return success({ deed: off.value, pack: null });
  const { place, cold } = packing;
  if (place?.isFreezer && cold.mayRefreeze === false)
    return failure(`It is not to be frozen: ${whyNotToFreeze(cold)} Nothing was taken.`);
  const pack = at.newId();
  const facts: Fact[] = [
    cut,
    packedFact(pack, cut, packedName(cameOff, piece.kind), piece, packing, at.on),
    ...(place ? [{ type: 'placed' as const, lot: pack, place: place.id }] : []),
  ];
  const where = place ? `, in ${place.name}` : '';
  return success({ deed: { facts, say: `${off.value.say ?? ''}, packed${where}` }, pack });
}

function packedFact(
  lot: string,
  cut: FactOf<'cut'>,
  name: string,
  { kind }: Lot,
  { wrap, bagDg, plate }: Packing,
  on: IsoDate,
): FactOf<'packed'> {
  const plates = platesOf(cut, kind, plate);
  return {
    type: 'packed',
    lot,
    name,
    from: [{ lot: cut.lot, amount: 'all' }],
    on,
    wrap,
    ...(plates === null ? {} : { plates }),
    ...(bagDg > 0 ? { tareDg: bagDg } : {}),
  };
}

/** Plates in it, at least one; nothing for bones and fat. */
function platesOf(
  { part, destination, massDg }: FactOf<'cut'>,
  kind: string | null,
  plate: Plate,
): number | null {
  const plates = platesIn({ kind, part, destination }, massDg, plate);
  return plates > 0 ? Math.max(1, Math.round(plates)) : null;
}
