import { lotName } from '../catalogue/lot-name';
import type { Format } from '../format/format';
import type { Destination } from '../ledger/destination';
import type { Prepared } from '../ledger/entry';
import type { Lot } from '../ledger/lot';
import type { TypedMass } from '../units/parse-mass';
import { failure, success, type Result } from '../units/result';
import type { Deed } from './deed';

/** What was weighed goes elsewhere. */
export function sendTo(cut: Lot, destination: Destination): Deed {
  return {
    facts: [{ type: 'changed', lot: cut.id, destination }],
    say: `${lotName(cut)} goes to ${destination}`,
  };
}

/** What was weighed is another part, and goes where that part goes. */
export function callIt(
  cut: Lot,
  part: { readonly id: string; readonly name: string; readonly destination: Destination },
  format: Format,
): Deed {
  const { id, name, destination } = part;
  return {
    facts: [{ type: 'changed', lot: cut.id, part: id, destination }],
    say: `${format.mass(cut.inDg)} is ${name.toLowerCase()}, goes to ${destination}`,
  };
}

/** How each way of preparing is called. */
export const PREPARED_WORDS: Readonly<Record<Prepared, string>> = {
  slices: 'cut one way, 5 mm or more',
  diced: 'diced, strips, or thinner',
  tenderised: 'tenderised, injected, in brine',
  sausage: 'raw sausage',
  organ: 'giblets, offal',
};

/** What was weighed was prepared so: that decides how long it keeps. */
export function prepareAs(cut: Lot, prepared: Prepared): Deed {
  return {
    facts: [{ type: 'corrected', entry: cut.made, set: { prepared } }],
    say: `${lotName(cut)}: ${PREPARED_WORDS[prepared]}`,
  };
}

/** What was weighed weighs otherwise. */
export function correctWeight(cut: Lot, mass: TypedMass | null, format: Format): Result<Deed> {
  if (mass === null || mass.massDg <= 0) return failure('That is not a weight. The old one stands.');
  const { massDg, typed } = mass;
  return success({
    facts: [{ type: 'corrected', entry: cut.made, set: { massDg, typed } }],
    say: `${lotName(cut)} corrected to ${format.mass(massDg)}`,
  });
}

/** What is written on a pack is something else. */
export function renamePack(pack: Lot, name: string): Result<Deed> {
  const written = name.trim();
  if (written === '' || written.length > 200)
    return failure(`What is written on a pack has 1 to 200 letters. “${lotName(pack)}” stands.`);
  return success({
    facts: [{ type: 'corrected', entry: pack.made, set: { name: written } }],
    say: `${lotName(pack)} is called ${written}`,
  });
}

/** What was weighed is so many. */
export function correctCount(cut: Lot, count: number): Result<Deed> {
  if (!Number.isInteger(count) || count < 1 || count > 1000)
    return failure(`How many is a whole number from 1 to 1000. ${cut.count} stands.`);
  return success({
    facts: [{ type: 'corrected', entry: cut.made, set: { count } }],
    say: `${lotName(cut)}: ${count} of them`,
  });
}
