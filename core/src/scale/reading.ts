import type { MassDg } from '../units/mass';

/** What a scale shows at one moment. */
export interface Reading {
  readonly massDg: MassDg;
  /** Milliseconds on any clock that only goes forward. */
  readonly atMs: number;
  /** The device's own mark, null where it sends none. */
  readonly isStable: boolean | null;
  /** More than the scale can carry: the mass means nothing then. */
  readonly isOverload: boolean;
}
