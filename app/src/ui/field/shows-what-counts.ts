import { effect, type Signal } from '@angular/core';

/** A control that can be told what to show. */
interface Shows {
  writeValue(value: unknown): void;
}

/**
 * Lets a control show what counts, and nothing else. What somebody chooses is told, and shows once it
 * has been taken over: a deed may be refused, or be on the disk only a moment later.
 */
export function showsWhatCounts(
  control: Signal<Shows>,
  counts: Signal<unknown>,
): { readonly showWhatCounts: () => void } {
  effect(() => control().writeValue(counts()));
  return { showWhatCounts: () => queueMicrotask(() => control().writeValue(counts())) };
}
