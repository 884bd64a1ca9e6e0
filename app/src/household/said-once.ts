/** What is said once in a browser, and not again. */
type Said = 'storage' | 'demo';

const keyOf = (what: Said): string => `vendicus-said-${what}`;

/** Whether it was said, and somebody has said that they know. */
export function isSaid(what: Said): boolean {
  try {
    return localStorage.getItem(keyOf(what)) !== null;
  } catch {
    return false;
  }
}

/** Where nothing may be stored it is said again at the next visit, which is right there. */
export function markSaid(what: Said): void {
  try {
    localStorage.setItem(keyOf(what), 'yes');
  } catch {
    // Nothing is lost.
  }
}
