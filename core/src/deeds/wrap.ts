import { whyNotToFreeze } from '../cold/why';
import { lotName } from '../catalogue/lot-name';
import type { ClockOf } from '../cold/household-clocks';
import type { Token } from '../pack/table';
import type { Tray } from '../pack/tray';
import { contentsOf, packFacts, trayName } from '../pack/trays';
import type { IsoDate } from '../units/date';
import { failure, success, type Result } from '../units/result';
import type { Deed } from './deed';

/** Where packs go, and what is known of it. */
export interface PackPlace {
  readonly id: string;
  readonly name: string;
  readonly isFreezer: boolean;
}

/** What the table and its household say. */
export interface TableNow {
  readonly tokens: ReadonlyMap<string, Token>;
  readonly clockOf: ClockOf;
  readonly meanPlateG: number;
  readonly on: IsoDate;
}

/** Wraps filled trays, and lays them in a place where one is said: all or none. What is past its day is not frozen. */
export function wrap(
  trays: readonly Tray[],
  place: PackPlace | null,
  { tokens, clockOf, meanPlateG, on }: TableNow,
): Result<Deed> {
  if (place?.isFreezer) {
    const lots = trays.flatMap((tray) => contentsOf(tray, tokens).map(({ token }) => token.lot));
    const late = lots.find((lot) => clockOf(lot).mayRefreeze === false);
    if (late)
      return failure(
        `${lotName(late)} is not to be frozen: ${whyNotToFreeze(clockOf(late))} Nothing was wrapped. See the Freezer for what to do with it.`,
      );
  }
  const kept = trays.filter((tray) => tray.keptFor !== null && contentsOf(tray, tokens).length > 0);
  const [one] = trays;
  const what = trays.length === 1 && one ? trayName(one, tokens) : `${trays.length} packs`;
  return success({
    ...(kept.length > 0
      ? {
          records: kept.map(({ id, keptFor }) => ({
            type: 'reserved',
            key: id,
            value: { for: keptFor ?? '' },
          })),
        }
      : {}),
    facts: packFacts(trays, tokens, place?.id ?? null, on, meanPlateG),
    say: `${what} wrapped${place ? `, in ${place.name}` : ''}`,
  });
}
