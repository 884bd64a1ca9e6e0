import { computed, effect, Injectable, signal } from '@angular/core';

const KEY = 'vendicus-appearance';
export type Light = 'light' | 'dim';

/** Light paper or a dim kitchen; follows the system until someone chooses. */
@Injectable({ providedIn: 'root' })
export class Appearance {
  private readonly chosen = signal(this.remembered());
  private readonly system = matchMedia('(prefers-color-scheme: dark)');
  private readonly isSystemDark = signal(this.system.matches);
  readonly light = computed<Light>(() => this.chosen() ?? (this.isSystemDark() ? 'dim' : 'light'));

  constructor() {
    this.system.addEventListener('change', ({ matches }) => this.isSystemDark.set(matches));
    effect(() => document.documentElement.classList.toggle('dim', this.light() === 'dim'));
  }

  toggle(): void {
    const other = this.light() === 'dim' ? 'light' : 'dim';
    this.chosen.set(other);
    try {
      localStorage.setItem(KEY, other);
    } catch {
      // It lasts until the page is closed.
    }
  }

  private remembered(): Light | null {
    try {
      const value = localStorage.getItem(KEY);
      return value === 'dim' || value === 'light' ? value : null;
    } catch {
      return null;
    }
  }
}
