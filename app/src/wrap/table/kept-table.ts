import { effect, inject, type WritableSignal } from '@angular/core';
import { traySchema, type Tray } from '@core/pack/tray';
import * as z from 'zod';
import { HOUSEHOLD_NAME } from '../../household/household-name';

const tableSchema = z.object({
  trays: z.array(traySchema).max(1000),
  cuts: z.array(z.tuple([z.string(), z.int().positive()])).max(1000),
});

/**
 * Keeps the trays and the cuts of a household's table on this device: leaving the page, a reload and
 * a browser that is closed lose nothing of what has been put together. Where it may not be kept, it
 * is as before.
 */
export function keepTable(
  trays: WritableSignal<readonly Tray[]>,
  cuts: WritableSignal<ReadonlyMap<string, number>>,
): void {
  const key = `vendicus-table ${inject(HOUSEHOLD_NAME)}`;
  const kept = read(key);
  if (kept) {
    trays.set(kept.trays);
    cuts.set(new Map(kept.cuts));
  }
  effect(() => {
    const now = JSON.stringify({ trays: trays(), cuts: [...cuts()] });
    try {
      localStorage.setItem(key, now);
    } catch {
      // No room or no leave: it lives as long as the page.
    }
  });
}

function read(key: string): z.infer<typeof tableSchema> | null {
  try {
    return tableSchema.parse(JSON.parse(localStorage.getItem(key) ?? 'null'));
  } catch {
    return null;
  }
}
