import { effect, inject, Injector, runInInjectionContext, untracked } from '@angular/core';
import { keepInTab, type KeptInTab } from './keep-in-tab';

/**
 * The same as {@link keepInTab}, for a form whose key hangs on what it was given: it is read once that
 * is there.
 *
 * @param key empty where nothing is kept: somebody else keeps it
 * @returns what forgets all of it, once it has been taken over
 */
export function keepFormInTab(key: () => string, fields: Readonly<Record<string, KeptInTab>>): () => void {
  const injector = inject(Injector);
  let forget = (): void => undefined;
  const once = effect(() => {
    if (key() === '') return;
    once.destroy();
    untracked(() => {
      forget = runInInjectionContext(injector, () => keepInTab(key, fields));
    });
  });
  return () => forget();
}
