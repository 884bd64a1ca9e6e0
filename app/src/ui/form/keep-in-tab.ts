import { effect } from '@angular/core';

/** What can be read and set, as a signal or what stands for one. */
export interface KeptInTab {
  (): unknown;
  set(value: never): void;
}

/**
 * Keeps what is typed while this tab lives: a reload, or a phone that puts the page away, loses
 * nothing. Nothing leaves the tab. Where it may not be kept, it is as before.
 *
 * @param key names what is typed, and what it was typed over where that can change: then what is new
 *   there is not hidden by what was typed before. The day is part of it where it ages.
 * @param fields plain values, by name; put back in this order
 * @returns what forgets all of it, once it has been taken over
 */
export function keepInTab(key: () => string, fields: Readonly<Record<string, KeptInTab>>): () => void {
  let keptAs = key();
  const kept = read(keptAs);
  for (const [name, field] of Object.entries(fields))
    if (typeof kept[name] === typeof field()) field.set(kept[name] as never);
  effect(() => {
    const now = Object.fromEntries(Object.entries(fields).map(([name, field]) => [name, field()]));
    if (keptAs !== key()) forget(keptAs);
    keptAs = key();
    try {
      sessionStorage.setItem(keptAs, JSON.stringify(now));
    } catch {
      // No room or no leave: it lives as long as the page.
    }
  });
  return () => forget(keptAs);
}

function forget(key: string): void {
  try {
    sessionStorage.removeItem(key);
  } catch {
    // Nothing was kept.
  }
}

function read(key: string): Record<string, unknown> {
  try {
    const kept: unknown = JSON.parse(sessionStorage.getItem(key) ?? '{}');
    return typeof kept === 'object' && kept !== null ? (kept as Record<string, unknown>) : {};
  } catch {
    return {};
  }
}
