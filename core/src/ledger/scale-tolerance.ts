import type { MassDg } from '../units/mass';

/**
 * By how much two household scales, or one scale twice, may disagree about a mass: 5 g or half
 * a per cent, whichever is more. A weighing that overshoots what is left by no more is accepted
 * as a correction. An estimate of our own: kitchen scales are graduated to 1 g, and shop labels
 * are printed to 5 or 10 g.
 *
 * @example scaleToleranceDg(50000) // 250, which is 25 g on 5 kg
 */
export function scaleToleranceDg(massDg: MassDg): MassDg {
  return Math.max(50, Math.round(massDg * 0.005));
}
