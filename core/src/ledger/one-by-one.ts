import { allocate } from '../units/allocate';
import type { FactOf } from './entry';

/**
 * Several pieces bought together as lots of their own, each to be weighed and cut by itself. Of
 * the label's weight and of what was paid each takes an even share, to the grain and the coin;
 * draining tells what each truly weighs.
 *
 * @param newId makes the ids of all but the first
 * @example 2 birds, 3.301 kg, 19.81: two lots of 1.6505 kg at 9.91 and 9.90
 */
export function oneByOne(fact: FactOf<'received'>, newId: () => string): FactOf<'received'>[] {
  const even = Array.from({ length: fact.count }, () => 1);
  const [masses, paid] = [allocate(fact.massDg, even), allocate(fact.paidMinor, even)];
  const { grossDg: _gross, tareDg: _tare, foreign, ...rest } = fact;
  const foreignPaid = foreign && allocate(foreign.minor, even);
  return even.map((_, index) => ({
    ...rest,
    lot: index === 0 ? fact.lot : newId(),
    count: 1,
    massDg: masses[index] ?? 0,
    paidMinor: paid[index] ?? 0,
    ...(foreign ? { foreign: { ...foreign, minor: foreignPaid?.[index] ?? 0 } } : {}),
  }));
}
