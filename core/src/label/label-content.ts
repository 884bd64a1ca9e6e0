import type { Texture } from './edge-texture';

/** A day on a label, and what it is. */
export interface LabelDay {
  readonly word: string;
  readonly day: string;
}

/** What is written on a pack. */
export interface PackLabel {
  readonly id: string;
  /** The four signs. */
  readonly number: string;
  readonly title: string;
  readonly mass: string;
  /** Of which animal it is, and how many plates. */
  readonly beside: string;
  /** Until when it is good; the one that counts in the freezer last. */
  readonly days: readonly LabelDay[];
  /** Its texture stands at the edge, so that a drawer is read from above. */
  readonly destination: Texture;
  /** When it went into the freezer. */
  readonly frozen: string;
  readonly cost: string | null;
  readonly hint: string | null;
  readonly cautions: readonly string[];
  readonly note: string;
  readonly qr: string;
}
