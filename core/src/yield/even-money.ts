import { kindById } from '../catalogue/kinds';
import type { CostBasis } from '../cost/carriers';
import type { State } from '../ledger/replay';
import type { IsoDate } from '../units/date';
import { habitOfWay, isWorthKnown, predict } from './prediction';

/** The price a kilogram at which the next piece of a kind is even money. */
export interface EvenMoney {
  /** Smallest coins, unrounded. */
  readonly perKgMinor: number;
  /** The way that it is taken to be cut: the last one's, else the kind's first. */
  readonly way: string;
  /** Prices ready cut are missing: then it is at least that. */
  readonly isLowerBound: boolean;
}

/**
 * Even money for the next piece of a kind, from the same prediction as at the Counter, so that the
 * Counter, the price book and the trends say one figure. A usual piece; the weight does not matter.
 *
 * @returns null where the kind is not known, or too little of it has a price ready cut to say
 */
export function evenMoney(
  state: State,
  kindId: string,
  basis: Pick<CostBasis, 'pricing' | 'wishes'>,
  on: IsoDate,
): EvenMoney | null {
  const kind = kindById(kindId);
  const last = [...state.lots.values()].findLast(({ form, kind: of }) => form === 'piece' && of === kindId);
  const way = kind?.ways.find(({ id }) => id === last?.way) ?? kind?.ways[0];
  if (!kind || !way) return null;
  const question = { massDg: 10_000, marks: [], on };
  const prediction = predict({ kind, way }, habitOfWay(state, { kind, way }), basis, question);
  const { worthPerKg, missing } = prediction;
  return worthPerKg.mean > 0 && isWorthKnown(prediction)
    ? { perKgMinor: worthPerKg.mean, way: way.name, isLowerBound: missing.length > 0 }
    : null;
}
