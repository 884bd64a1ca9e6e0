import type { CannotJoin } from '@core/records/join';

/** Why a file cannot become one with this household, and what to do. */
export function cannotJoin(problem: CannotJoin): string {
  if (problem.reason === 'contradiction')
    return 'That file is of another household, or was changed by hand: it says something else under the same number. Nothing was written.';
  const { ofOlder, ofYounger } = problem;
  return `The one household counts in ${ofOlder}, the other in ${ofYounger}, and what was paid cannot be added up. Nothing was written. They can only be one if both count in the same currency.`;
}
