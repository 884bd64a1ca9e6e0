import { computed, inject, type Signal } from '@angular/core';
import { ownMinutes, type MinutesOf } from '@core/yield/own-minutes';
import { HouseholdStore } from './household-store';

/** How long this household takes for a piece: as measured, or as somebody set it. */
export function minutesHere(): Signal<MinutesOf> {
  const store = inject(HouseholdStore);
  return computed(() => {
    const set = [...store.pieceNotes()].flatMap(([piece, { minutes }]) =>
      minutes === undefined ? [] : [[piece, minutes] as const],
    );
    return ownMinutes(store.state(), new Map([...store.minutes(), ...set]));
  });
}
