import type { Steadiness } from './steadiness';

/** Whether the weight is taken: yes, no, or no because it may be the last one set down again, which wants a word. */
export type HandsFreeWish = 'take' | 'like-the-last' | 'no';

/** Each thing by itself and off again, or all of them into one container that stays on. */
export type WeighMode = 'one-by-one' | 'into-container';

/** Less than this on the scale is an empty scale, in its steps. */
const EMPTY_STEPS = 3;
/** A load that differs from the last by less is the same one, set down again. */
const SAME_STEPS = 3;

/**
 * Says when a weight is to be taken without a hand: when the load stands and differs from the
 * last taken. One by one, an emptied scale makes ready for the next, which may weigh the same;
 * into a container, only what came on top is taken.
 *
 * @example 0 → 3720 stands: take; 0 stands: ready; 3720 stands again: take
 */
export class HandsFree {
  private last: number | null = null;
  private plateau = 0;

  constructor(private readonly graduationDg: number) {}

  /**
   * @param tareDg what stands on the scale and is not meat
   * @returns whether to take the weight now; asked once for each plateau
   */
  wants(now: Steadiness, tareDg: number, mode: WeighMode): HandsFreeWish {
    if (now.state !== 'steady' || now.plateau === this.plateau) return 'no';
    this.plateau = now.plateau;
    const net = now.massDg - tareDg;
    if (net < EMPTY_STEPS * this.graduationDg) {
      if (mode === 'one-by-one') this.last = null;
      return 'no';
    }
    if (
      mode === 'one-by-one' &&
      this.last !== null &&
      Math.abs(net - this.last) <= SAME_STEPS * this.graduationDg
    )
      return 'like-the-last';
    return 'take';
  }

  /** A weight was taken, by itself or by hand. */
  taken(netDg: number): void {
    this.last = netDg;
  }
}
