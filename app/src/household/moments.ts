/** Time and identifiers, which nothing that is written down makes by itself. */
export interface Moments {
  /** This very moment, in UTC. */
  instant(): string;
  /** The day of a moment where the household is: for whoever writes deeds. */
  dayOf?(instant: string): string;
  newId(): string;
}
