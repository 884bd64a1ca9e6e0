import { mergeHouseholds, type Household } from '../records/household';

/** Two households in one, where they are of one family. */
export function merged(a: Household, b: Household): Household {
  const both = mergeHouseholds(a, b);
  if (!both.ok) throw new Error(`entry ${both.problem.entry} says two things`);
  return both.value;
}
