import { computed, linkedSignal, type WritableSignal } from '@angular/core';

/**
 * What somebody may change: it starts as the source says, and starts over only when that says
 * something else, or is about something else. Where the household is read anew and says the same,
 * what is typed stays.
 *
 * @param source plain values: text, numbers, lists and rows of them
 * @param about what the value belongs to, where that can change: the id of a piece, of a kind
 */
export function draftOf<T>(source: () => T, about: () => unknown = () => null): WritableSignal<T> {
  const said = computed(() => ({ value: source(), about: about() }), {
    equal: (a, b) => JSON.stringify(a) === JSON.stringify(b),
  });
  return linkedSignal({ source: said, computation: ({ value }) => value });
}
