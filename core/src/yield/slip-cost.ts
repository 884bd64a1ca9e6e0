import type { Kind } from '../catalogue/kind-schema';
import { itemForDestination } from '../catalogue/shop-items';
import type { Pricing } from '../cost/part-price';
import { goingPrice } from '../price/going-price';
import type { IsoDate } from '../units/date';
import type { MassDg } from '../units/mass';
import type { PartPrediction, Prediction } from './prediction';

/** The main part that slips are reckoned in, and what a kilogram of it loses. */
export interface MainCut {
  readonly part: string;
  /** Its share of the weight bought. */
  readonly share: number;
  /** Smallest coins a kilogram, bought cut. */
  readonly perKgMinor: number;
  /** What a kilogram loses that is ground instead; null where ground meat has no price, or is no loss. */
  readonly groundPerKgMinor: number | null;
}

/**
 * The largest main part that has a price.
 *
 * @returns null where none has
 */
export function mainCut(
  { parts }: Pick<Prediction, 'parts'>,
  { animal }: Pick<Kind, 'animal'>,
  { book, grade }: Pick<Pricing, 'book' | 'grade'>,
  on: IsoDate,
): MainCut | null {
  const mains = parts.flatMap(({ part, share, destination, price }: PartPrediction) =>
    destination === 'main' && price?.state === 'known' && share > 0
      ? [{ part, share, perKgMinor: price.perKgMinor }]
      : [],
  );
  const [main] = mains.sort((a, b) => b.share - a.share);
  if (!main) return null;
  const item = itemForDestination(animal, 'grind');
  const grind = item && goingPrice(book, item.id, on, grade);
  const dearer = grind ? main.perKgMinor - grind.perKgMinor : 0;
  return { ...main, groundPerKgMinor: dearer > 0 ? dearer : null };
}

/** What it costs when so much of the main cut goes wrong. */
export interface SlipCost {
  readonly part: string;
  readonly slipDg: MassDg;
  /** Smallest coins, unrounded. */
  readonly minor: number;
  /** It is ground instead; else it is lost. */
  readonly isGround: boolean;
}

/**
 * What a slip of the knife costs: so much of the main cut becomes ground meat, or is lost where ground
 * meat has no price.
 *
 * @returns null where no main part has a price, or it gives less than so much
 * @example 100 g of strip steak at 30.00, ground meat at 12.00: 1.80
 */
export function slipCost(
  prediction: Pick<Prediction, 'parts'>,
  kind: Pick<Kind, 'animal'>,
  pricing: Pick<Pricing, 'book' | 'grade'>,
  { slipDg, on }: { readonly slipDg: MassDg; readonly on: IsoDate },
): SlipCost | null {
  const main = mainCut(prediction, kind, pricing, on);
  if (!main) return null;
  const perKg = main.groundPerKgMinor ?? main.perKgMinor;
  return {
    part: main.part,
    slipDg,
    minor: (perKg * slipDg) / 10_000,
    isGround: main.groundPerKgMinor !== null,
  };
}
