import type { Household } from '../records/household';
import { mergeHouseholds } from '../records/join';

/** Two households in one, where they are of one family. */
export function merged(a: Household, b: Household): Household {
  const both = mergeHouseholds(a, b);
  if (!both.ok) throw new Error(`they cannot be one: ${both.problem.reason}`);
  return both.value;
}
