import { effect, inject, type WritableSignal } from '@angular/core';
import * as z from 'zod';
import { HOUSEHOLD_NAME } from '../../household/household-name';

const packingSchema = z.object({ isOn: z.boolean(), place: z.string().nullable() });

/** How somebody packs as they cut: whether, and where it goes. */
export type PackingChoice = z.infer<typeof packingSchema>;

/** Keeps it on this device, by household. Where it may not be kept, it is asked again. */
export function keepPacking(choice: WritableSignal<PackingChoice>): void {
  const key = `vendicus-packing ${inject(HOUSEHOLD_NAME)}`;
  try {
    choice.set(packingSchema.parse(JSON.parse(localStorage.getItem(key) ?? 'null')));
  } catch {
    // Nothing was kept, or nothing that can be read.
  }
  effect(() => {
    try {
      localStorage.setItem(key, JSON.stringify(choice()));
    } catch {
      // No room or no leave: it lives as long as the page.
    }
  });
}
