import type { Fact } from '../ledger/entry';
import type { NewRecord, RecordChange } from '../records/record';

/**
 * What a person does, ready to be written: all of it or none. What happened to lots and what a
 * register says from now on go to the disk together.
 */
export interface Deed {
  readonly facts?: readonly Fact[];
  /** Whole, or changed in part from what stands there by then. */
  readonly records?: readonly (NewRecord | RecordChange)[];
  /** What is said once it is on the disk; nothing where the screen says enough. */
  readonly say?: string;
}
