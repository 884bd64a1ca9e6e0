/**
 * What came of something that can go wrong: its value, or what is wrong with it. The one shape of
 * failure: nothing that a person can mend is thrown.
 */
export type Result<T, Problem = string> =
  | { readonly ok: true; readonly value: T; readonly problem?: undefined }
  | { readonly ok: false; readonly problem: Problem; readonly value?: undefined };

export function success<T>(value: T): Result<T, never> {
  return { ok: true, value };
}

/** @param problem for a person: what is wrong and what to do, in one sentence */
export function failure<Problem>(problem: Problem): Result<never, Problem> {
  return { ok: false, problem };
}
