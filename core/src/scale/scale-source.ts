import type { Reading } from './reading';

/** What comes from a scale, in the order in which it happened. */
export type ScaleEvent =
  | { readonly type: 'reading'; readonly reading: Reading }
  /** It sends lines that are no weights. */
  | { readonly type: 'rubbish'; readonly line: string }
  /** What it says is of no real scale: somebody practises. */
  | { readonly type: 'practice' }
  /** It is gone; what was weighed is kept. */
  | { readonly type: 'lost'; readonly why: string };

/** A scale, whatever it hangs on: the practice scale, a line to a device, one on the home network. */
export interface ScaleSource {
  /** What it is called on the screen. */
  readonly name: string;
  /** It stands in for a scale that is not there. */
  readonly isPractice?: boolean;
  /** The smallest step that it shows. */
  readonly graduationDg: number;
  /**
   * Begins to listen.
   *
   * @returns how to stop
   * @throws Error with a message for people where it cannot be reached
   */
  listen(hear: (event: ScaleEvent) => void): Promise<() => void>;
}
