/**
 * What stands half typed in a field that takes its figure only when it is left: it waits in the tab for
 * a reload, under the page, what the field is called and what counts in it.
 */
export class HalfTyped {
  private keptAs: string | null = null;

  /** What waits for the field; null where nothing does. */
  of(name: string, counts: string): string | null {
    this.keptAs = keyOf(name, counts);
    try {
      return sessionStorage.getItem(this.keptAs);
    } catch {
      return null;
    }
  }

  keep(name: string, counts: string, text: string): void {
    this.forget();
    this.keptAs = keyOf(name, counts);
    try {
      sessionStorage.setItem(this.keptAs, text);
    } catch {
      // No room or no leave: it lives as long as the page.
    }
  }

  /** It is taken, or given up. */
  forget(): void {
    if (this.keptAs === null) return;
    try {
      sessionStorage.removeItem(this.keptAs);
    } catch {
      // Nothing was kept.
    }
    this.keptAs = null;
  }
}

const keyOf = (name: string, counts: string): string =>
  `vendicus-typing ${location.pathname} ${name} ${counts}`;
