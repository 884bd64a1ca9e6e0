import { inject, Injectable, signal } from '@angular/core';
import type { Fact } from '@core/journal/entry';
import { HouseholdStore } from '../data/household-store';
import { Notices } from '../data/notices';

/** Writes down what is done with packs, and takes the last of it back, on whatever page. */
@Injectable()
export class Acts {
  private readonly store = inject(HouseholdStore);
  private readonly notices = inject(Notices);
  readonly last = signal<{
    readonly said: string;
    readonly entries: readonly string[];
    readonly back?: () => Promise<unknown>;
  } | null>(null);

  /** All of it or none; true when it is written. With `back`, undoing it does that too. */
  async write(said: string, facts: readonly Fact[], back?: () => Promise<unknown>): Promise<boolean> {
    const written = await this.store.append(...facts);
    if (!this.notices.tell(written, said) || !written.ok) return false;
    this.last.set({ said, entries: written.entries, back });
    return true;
  }

  async undo(): Promise<void> {
    const last = this.last();
    if (!last) return;
    const written = await this.store.append({ type: 'undone', entries: [...last.entries] });
    if (!this.notices.tell(written, `Undone: ${last.said}`)) return;
    this.last.set(null);
    await last.back?.();
  }
}
