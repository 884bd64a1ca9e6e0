/** Faults that are planted to see whether they are found. */
export type Fault =
  | 'none'
  | 'told-early'
  | 'two-transactions'
  | 'dropped-in-merge'
  | 'copy-not-read-back'
  | 'never-overwritten'
  | 'replaced-not-kept'
  | 'durability-relaxed'
  | 'heavier-note';
