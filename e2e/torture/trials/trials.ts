import type { Fault } from '../fault';
import { devices } from './devices';
import { files } from './files';
import { hand } from './hand';
import { kills, thrownAway, updates } from './kills';
import { pageFiles } from './page-files';
import { weighings } from './screens';
import { cleared, copies, full, spoilt } from './storage';
import type { Trial } from './trial';
import { twins } from './twins';
import { undoings } from './undoings';

/** Every trial, and how much of it there is in a turn. */
export const TRIALS: readonly { readonly what: string; readonly trial: Trial; readonly amount: number }[] = [
  { what: 'kills of the browser in the middle of deeds', trial: kills, amount: 12 },
  { what: 'kills while weighing on the screen, each in another zone', trial: weighings, amount: 6 },
  { what: 'acts of a hand that does whatever comes to it, in two tabs', trial: hand, amount: 500 },
  { what: 'weighings undone and done again on the screen, with kills between', trial: undoings, amount: 3 },
  { what: 'kills while an older base is opened', trial: updates, amount: 6 },
  { what: 'databases thrown away by the browser', trial: thrownAway, amount: 2 },
  { what: 'deeds in five tabs on two devices at once', trial: devices, amount: 10 },
  { what: 'deeds on two copies of one profile', trial: twins, amount: 4 },
  { what: 'mutated files through the reader', trial: files, amount: 2400 },
  { what: 'mutated files through the page', trial: pageFiles, amount: 80 },
  { what: 'times the site’s data were cleared under the page', trial: cleared, amount: 3 },
  { what: 'times that rows were spoilt on the disk', trial: spoilt, amount: 4 },
  { what: 'deeds for which the disk had no room', trial: full, amount: 1 },
  { what: 'copies, some on a bad disk', trial: copies, amount: 12 },
];

/** Faults that have to be found, or what finds none proves nothing. */
export const PLANTED: readonly {
  readonly what: string;
  readonly fault: Fault;
  readonly trial: Trial;
  readonly amount: number;
}[] = [
  { what: 'said before it was written', fault: 'told-early', trial: kills, amount: 25 },
  { what: 'a deed in two transactions', fault: 'two-transactions', trial: kills, amount: 25 },
  { what: 'an entry dropped in a merge', fault: 'dropped-in-merge', trial: devices, amount: 1 },
  { what: 'a copy that is not read back', fault: 'copy-not-read-back', trial: copies, amount: 12 },
  { what: 'a register never overwritten', fault: 'never-overwritten', trial: kills, amount: 6 },
  { what: 'a replaced household not kept', fault: 'replaced-not-kept', trial: thrownAway, amount: 2 },
  { what: 'durability relaxed', fault: 'durability-relaxed', trial: kills, amount: 3 },
  { what: 'a note in the second place a gram heavier', fault: 'heavier-note', trial: thrownAway, amount: 1 },
];
