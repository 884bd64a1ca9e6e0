import type { Kind, Part, Way } from './kind-schema';
import { partOf } from './kinds';

/**
 * The parts that can come off when a kind is cut a way: those the way gives, in the order of
 * work; then what may turn up beside them. That is what no way counts on (trimmings for stock),
 * and lesser parts that one of its steps frees without a share of their own (lean trimmings).
 * A main part without a share is only on its way to becoming others (a leg before it is parted).
 *
 * @example strip loin, trim first: strip and tail, fat cap, ends, steaks; then lean trimmings
 */
export function partsOfWay(kind: Kind, way: Way): Part[] {
  const freed = [
    ...new Set(way.steps.flatMap((step) => kind.steps.find(({ id }) => id === step)?.frees ?? [])),
  ];
  const given = freed.filter((id) => way.shares[id] !== undefined);
  const mayTurnUp = kind.parts.filter(({ id, destination }) => {
    if (given.includes(id)) return false;
    return (
      !kind.ways.some(({ shares }) => shares[id] !== undefined) ||
      (freed.includes(id) && destination !== 'main')
    );
  });
  return [...given.flatMap((id) => partOf(kind, id) ?? []), ...mayTurnUp];
}
