import type { Kind } from '../catalogue/kind-schema';
import { usualWeightDg } from '../catalogue/usual-weight';
import type { MassDg } from '../units/mass';
import type { Asked } from './price-note';
import { pricedAsTyped } from './typed-price';
import { readLabel, type LabelStyle, type LabelText, type ReadLabel } from './read-label';

/** What is typed of a piece that lies there: its weight, what is asked, and for how much. */
export type LyingText = Pick<LabelText, 'weight' | 'price' | 'pricedBy'>;

/** A piece that lies there, as far as it can be compared. */
export interface ReadLying {
  readonly massDg: MassDg;
  /** A usual weight stands in for one that was not typed. */
  readonly isUsualWeight: boolean;
  /** Smallest coins a kilogram; null while there is none, or a figure is refused. */
  readonly perKgMinor: number | null;
  /** What it goes for stands in for a price that was not typed. */
  readonly isGoing: boolean;
  readonly asked: Asked | null;
  readonly wrong: Pick<ReadLabel['wrong'], 'weight' | 'price'>;
}

/**
 * Reads what is typed of a piece that lies there. A usual weight stands in where none is typed, also
 * for a price by the piece; what it goes for where no price is.
 *
 * @param goingPerKg smallest coins a kilogram; null where nobody knows
 * @example a bird at 5.90 each, its weight not typed: 2.2 kg usual, 268 a kilogram
 */
export function readLying(
  kind: Pick<Kind, 'usualG'>,
  typed: LyingText,
  style: LabelStyle,
  goingPerKg: number | null,
): ReadLying {
  const text = pricedAsTyped(typed);
  const { mass, wrong, asked, paidPerKgMinor } = readLabel({ ...UNSAID, ...text }, style);
  const massDg = mass?.massDg ?? usualWeightDg(kind);
  const isRefused = wrong.weight !== '' || wrong.price !== '';
  const known = { massDg, isUsualWeight: mass === null, wrong: { weight: wrong.weight, price: wrong.price } };
  if (isRefused) return { ...known, perKgMinor: null, isGoing: false, asked: null };
  if (text.price.trim() === '') return { ...known, perKgMinor: goingPerKg, isGoing: true, asked: null };
  if (text.pricedBy !== 'piece') return { ...known, perKgMinor: paidPerKgMinor, isGoing: false, asked };
  const { paidPerKgMinor: forUsual, asked: byPiece } =
    mass === null
      ? readLabel({ ...UNSAID, ...text, weight: `${massDg / 10} g` }, { ...style, decimal: '.' })
      : { paidPerKgMinor, asked };
  return { ...known, perKgMinor: forUsual, isGoing: false, asked: byPiece };
}

/** The same as a label says it: of one piece, with nothing off. */
export const labelOfLying = ({ weight, price, pricedBy }: LyingText): LabelText => ({
  ...UNSAID,
  weight,
  price,
  pricedBy,
});

const UNSAID: Omit<LabelText, keyof LyingText> = {
  count: '1',
  total: '',
  discount: { kind: 'none', amount: '', pay: '', each: 'kg' },
};
