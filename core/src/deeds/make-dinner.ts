import { sum } from 'd3-array';
import { kindById, partOf } from '../catalogue/kinds';
import type { Collection } from '../dinner/collections';
import type { Fact } from '../ledger/entry';
import type { Lot } from '../ledger/lot';
import type { IsoDate } from '../units/date';
import type { Deed } from './deed';

/**
 * Makes one pack of the bags that were collected: still frozen, as old as the oldest of them, and
 * for everyone.
 *
 * @param plates for how many
 * @returns the deed, and the new pack's id: it wants a label of its own
 */
export function makeDinner(
  { bags, name }: Pick<Collection, 'bags' | 'name'>,
  plates: number,
  { on, newId }: { readonly on: IsoDate; readonly newId: () => string },
): { readonly deed: Deed; readonly pack: string } {
  const [oldest] = bags as readonly [Lot];
  const loose = bags.map(({ id }) => ({ from: id, lot: newId() }));
  const pack = newId();
  const days = bags.map((bag) => bag.on ?? on).sort();
  const facts: Fact[] = [
    ...loose.map(({ from, lot }): Fact => ({ type: 'unpacked', from, lot, amount: 'all', on })),
    {
      type: 'packed',
      lot: pack,
      name: `${named(bags, name)}, dinner for all`,
      from: loose.map(({ lot }) => ({ lot, amount: 'all' as const })),
      plates,
      ...(oldest.wrap ? { wrap: oldest.wrap } : {}),
      on: days[0] ?? on,
    },
    ...(oldest.place === null ? [] : [{ type: 'placed' as const, lot: pack, place: oldest.place }]),
  ];
  return {
    deed: { facts, say: `${name}: ${bags.length} bags are one dinner. Write its new number on it.` },
    pack,
  };
}

/** "5 shanks" where they can be counted. */
function named(bags: readonly Lot[], name: string): string {
  const [first] = bags as readonly [Lot];
  const part = partOf(kindById(first.kind), first.part);
  const count = sum(bags, ({ countLeft }) => countLeft);
  return part?.portions && count > 1 ? `${count} ${part.portions}` : name;
}
