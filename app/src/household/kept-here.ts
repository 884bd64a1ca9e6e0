import { effect, inject } from '@angular/core';
import type * as z from 'zod';
import { HOUSEHOLD_NAME, type HouseholdName } from './household-name';

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
  const name = inject(HOUSEHOLD_NAME);
  const kept = read(keyOf(what, name), schema);
  if (kept !== undefined) take(kept);
  effect(() => keepHere(what, name, now()));
}

/** Keeps it until it is said otherwise. */
export function keepHere(what: string, name: HouseholdName, value: unknown): void {
  try {
    localStorage.setItem(keyOf(what, name), JSON.stringify(value));
  } catch {
    // No room or no leave: it lives as long as the page.
  }
}

export function isKeptHere(what: string, name: HouseholdName): boolean {
  try {
    return localStorage.getItem(keyOf(what, name)) !== null;
  } catch {
    return false;
  }
}

const keyOf = (what: string, name: HouseholdName): string => `vendicus-${what} ${name}`;

function read<T>(key: string, schema: z.ZodType<T>): T | undefined {
  try {
    return schema.safeParse(JSON.parse(localStorage.getItem(key) ?? 'null')).data;
  } catch {
    return undefined;
  }
}
