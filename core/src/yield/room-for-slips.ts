import type { Kind } from '../catalogue/kind-schema';
import type { Pricing } from '../cost/part-price';
import type { IsoDate } from '../units/date';
import type { MassDg } from '../units/mass';
import type { Prediction } from './prediction';
import { mainCut } from './slip-cost';

/** How much may go wrong with a piece before the saving is gone. */
export interface RoomForSlips {
  /** The main part that it is reckoned in: the largest that has a price. */
  readonly part: string;
  /** So much of it may become ground meat; null where that has no price, or is no loss. All of it, at most. */
  readonly toGrindDg: MassDg | null;
  /** So much of it may be lost altogether. All of it, at most. */
  readonly lostDg: MassDg;
  /** The same as a share of the weight bought: points of yield. */
  readonly lostShare: number;
  /** Even with all of it ground there is something saved. */
  readonly isAll: boolean;
}

/** A piece at a price. */
export interface AtPrice {
  readonly perKgMinor: number;
  readonly massDg: MassDg;
  readonly on: IsoDate;
}

/**
 * What a slip of the knife may cost: so much of the main cut may go to the grinder, or be lost, until
 * the piece is no cheaper than its parts bought cut. From the same expectation as the verdict: each
 * kilogram of the main part that is ground loses what it is dearer than ground meat, one that is lost
 * all of its price. With prices missing it is at least so much.
 *
 * @returns null where nothing is expected to be saved, or no main part has a price
 * @example a loin of 5 kg at 20.00 whose 3.5 kg of steaks are worth 30.00, ground meat 12.00, nothing else:
 *   5.00 are saved, so 5.00 ÷ 18.00 = 278 g may be ground, or 5.00 ÷ 30.00 = 167 g lost
 */
export function roomForSlips(
  { parts, worthPerKg }: Pick<Prediction, 'parts' | 'worthPerKg'>,
  kind: Pick<Kind, 'animal'>,
  pricing: Pick<Pricing, 'book' | 'grade'>,
  { perKgMinor, massDg, on }: AtPrice,
): RoomForSlips | null {
  const main = mainCut({ parts }, kind, pricing, on);
  const saved = worthPerKg.mean - perKgMinor;
  if (!main || !(saved > 0)) return null;
  const lostShare = Math.min(main.share, saved / main.perKgMinor);
  const dearer = main.groundPerKgMinor;
  const groundShare = dearer === null ? null : Math.min(main.share, saved / dearer);
  return {
    part: main.part,
    toGrindDg: groundShare === null ? null : Math.floor(groundShare * massDg),
    lostDg: Math.floor(lostShare * massDg),
    lostShare,
    isAll: groundShare === main.share,
  };
}
