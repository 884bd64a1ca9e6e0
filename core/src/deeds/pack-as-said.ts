import { drainedDg, type Lot } from '../ledger/lot';
import type { Fact } from '../ledger/entry';
import type { Format } from '../format/format';
import type { SaidItem, SaidLine } from '../said/said-line';
import type { IsoDate } from '../units/date';
import { failure, success, type Result } from '../units/result';
import type { Deed } from './deed';
import { drain, weigh } from './weigh';
import { weighIntoPack, type Packing } from './weigh-into-pack';

/**
 * Writes down a whole piece at once, as a line says it: its liquid, its packs, and what went
 * elsewhere. All of it or none.
 *
 * @param countOf how many pieces a weight is likely of, where the line does not say
 * @returns the deed, and the ids of the packs, in the order in which they were said
 */
export function packAsSaid(
  piece: Lot,
  { packs, others, liquidDg }: SaidLine,
  countOf: (item: SaidItem) => number,
  packing: Packing,
  at: { readonly on: IsoDate; readonly newId: () => string },
  format: Format,
): Result<{ readonly deed: Deed; readonly packs: readonly string[] }> {
  const facts: Fact[] = [];
  const ids: string[] = [];
  if (liquidDg !== null && liquidDg > 0) {
    if (piece.flows.length > 0 || drainedDg(piece) !== piece.leftDg)
      return failure('It has been drained, or cut, already: leave the liquid out of the line.');
    if (liquidDg >= piece.leftDg)
      return failure(`${format.mass(liquidDg)} of liquid is all of it. Say what ran out of the bag.`);
    facts.push(...(drain(piece, { massDg: piece.leftDg - liquidDg }, format).facts ?? []));
  }
  const typed = (massDg: number): { massDg: number; typed: string } => ({
    massDg,
    typed: format.mass(massDg),
  });
  const cameOff = (item: SaidItem): SaidItem & { count: number } => ({
    ...item,
    count: item.count ?? countOf(item),
  });
  for (const item of packs) {
    const packed = weighIntoPack(piece, cameOff(item), typed(item.massDg), packing, at, format);
    if (!packed.ok) return packed;
    facts.push(...(packed.value.deed.facts ?? []));
    if (packed.value.pack !== null) ids.push(packed.value.pack);
  }
  for (const item of others) {
    const off = weigh(piece, cameOff(item), typed(item.massDg), at, format);
    if (!off.ok) return off;
    facts.push(...(off.value.facts ?? []));
  }
  const where = packing.place ? `, in ${packing.place.name}` : '';
  return success({ deed: { facts, say: `${format.count(ids.length, 'pack')}${where}` }, packs: ids });
}
