/** Time and identifiers, which nothing that is written down makes by itself. */
export interface Moments {
  /** This very moment, in UTC. */
  instant(): string;
  newId(): string;
}
