import { effect, Injectable, signal } from '@angular/core';

const KEY = 'vendicus-appearance';
export type Light = 'light' | 'dim';

/** Light paper or a dim kitchen; follows the system until someone chooses. */
@Injectable({ providedIn: 'root' })
export class Appearance {
  readonly light = signal<Light>(
    this.remembered() ?? (matchMedia('(prefers-color-scheme: dark)').matches ? 'dim' : 'light'),
  );

  constructor() {
    effect(() => document.documentElement.classList.toggle('dim', this.light() === 'dim'));
  }

  toggle(): void {
    this.light.update((light) => (light === 'dim' ? 'light' : 'dim'));
    try {
      localStorage.setItem(KEY, this.light());
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
