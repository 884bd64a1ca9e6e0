/** The tokens of PrimeNG’s controls that are in use, by their names; the preset holds this very object. */
export const WORN: Record<string, object> = {};

/**
 * Gives a control its tokens: said beside its wrapper, so that they are fetched with it, and not
 * with the first page.
 *
 * @example wears({ checkbox });
 */
export function wears(tokens: Readonly<Record<string, object>>): void {
  Object.assign(WORN, tokens);
}
