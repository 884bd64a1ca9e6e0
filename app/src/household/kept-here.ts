import { effect, inject } from '@angular/core';
import type * as z from 'zod';
import { HOUSEHOLD_NAME } from './household-name';

/** How something is read from where it lives, and put there. */
interface Lives<T> {
  /** What is kept; asked again with every signal that it reads. */
  readonly now: () => T;
  readonly take: (kept: T) => void;
}

/**
 * Keeps on this device, by household, what is no record of it: what lies on the table, how somebody
 * packs. Leaving the page, a reload and a browser that is closed lose nothing. Where it may not be
 * kept, or what was kept cannot be read, it is as if nothing had been.
 */
export function keptHere<T>(what: string, schema: z.ZodType<T>, { now, take }: Lives<T>): void {
  const key = `vendicus-${what} ${inject(HOUSEHOLD_NAME)}`;
  const kept = read(key, schema);
  if (kept !== undefined) take(kept);
  effect(() => {
    const text = JSON.stringify(now());
    try {
      localStorage.setItem(key, text);
    } catch {
      // No room or no leave: it lives as long as the page.
    }
  });
}

function read<T>(key: string, schema: z.ZodType<T>): T | undefined {
  try {
    return schema.safeParse(JSON.parse(localStorage.getItem(key) ?? 'null')).data;
  } catch {
    return undefined;
  }
}
