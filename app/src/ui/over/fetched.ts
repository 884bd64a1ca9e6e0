import { effect, type Signal, signal } from '@angular/core';

/** What opens over the page and is fetched when it is first wanted. */
export interface Fetched<T> {
  readonly isWanted: Signal<boolean>;
  /** Does it with what is there; what is not there yet is fetched, and opens once it is. */
  use(act: (it: T) => void): void;
}

/**
 * Stands beside a `@defer (when isWanted())`. The query must be by a name, `viewChild<Menu>('menu')`:
 * one by its class would be an import, and the class would come with the first page.
 *
 * @param open what happens once it has come
 */
export function fetchedWhenWanted<T>(it: Signal<T | undefined>, open: (it: T) => void): Fetched<T> {
  const isWanted = signal(false);
  effect(() => {
    const come = it();
    if (come) queueMicrotask(() => open(come));
  });
  return {
    isWanted,
    use(act) {
      const come = it();
      if (come) act(come);
      else isWanted.set(true);
    },
  };
}
