const KEY = 'vendicus-own-household';

/** Whether this browser has a household of its own, so that the bare address leads there. */
export function knowsOwnHousehold(): boolean {
  try {
    return localStorage.getItem(KEY) !== null;
  } catch {
    return false;
  }
}

/** Remembers it. Where nothing may be stored, the bare address leads to the demo. */
export function markOwnHousehold(): void {
  try {
    localStorage.setItem(KEY, 'yes');
  } catch {
    // The household itself is in the database; only the short cut is lost.
  }
}
