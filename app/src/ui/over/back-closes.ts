import { DestroyRef, effect, inject, untracked } from '@angular/core';
import { Layers } from './layers';

/**
 * Back closes what lies over the page before it leaves the page.
 *
 * @param isOpen a signal, or what reads some
 */
export function backCloses(isOpen: () => boolean, close: () => void): void {
  const layers = inject(Layers);
  let isOver: (() => void) | null = null;
  const say = (isThere: boolean): void => {
    if (isThere === (isOver !== null)) return;
    if (isThere) {
      isOver = layers.add(() => {
        isOver = null;
        close();
      });
    } else {
      isOver?.();
      isOver = null;
    }
  };
  effect(() => {
    const isThere = isOpen();
    untracked(() => say(isThere));
  });
  inject(DestroyRef).onDestroy(() => say(false));
}
