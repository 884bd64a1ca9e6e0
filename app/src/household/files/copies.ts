import { DestroyRef, effect, inject, Injectable, signal } from '@angular/core';
import type { Result } from '@core/units/result';
import { WorkerCall } from '../../compute/worker-call';
import { Clock } from '../clock';
import type { CopiesWorker } from '../workers/copies.worker';
import type { Copy } from '../disk/copy-store';
import { startCopiesWorker } from '../workers/start-copies-worker';
import { HOUSEHOLD_NAME } from '../household-name';
import { HouseholdStore } from '../household-store';

export type { Copy };

/** So long after the page is opened, and after the last deed, a copy of the day is made. */
const [OPENED_MS, QUIET_MS] = [5000, 60_000];

/** Copies of the household inside this browser, which make themselves. */
@Injectable()
export class Copies {
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  private readonly name = inject(HOUSEHOLD_NAME);
  /** In turn: who looks while a copy is made waits for it, and does not call it off. */
  private readonly call = new WorkerCall<CopiesWorker>(startCopiesWorker);
  private readonly found = signal<readonly Copy[] | null | undefined>(undefined);
  /** The latest first; null where this browser can have none, undefined while nobody has looked. */
  readonly all = this.found.asReadonly();
  private timer: ReturnType<typeof setTimeout> | undefined;
  private copied: unknown;

  constructor() {
    effect(() => {
      const { entries } = this.store.household().journal;
      if (this.name !== 'home' || !this.store.loaded() || entries.length === 0) return;
      // Soon when the page is opened: what was written yesterday may have no copy yet.
      this.later(this.copied === undefined ? OPENED_MS : QUIET_MS);
    });
    inject(DestroyRef).onDestroy(() => {
      clearTimeout(this.timer);
      this.call.cancel();
    });
  }

  /** Looks which there are. */
  async look(): Promise<void> {
    const found = await this.call.askInTurn<readonly Copy[] | null>((worker) => worker.list(this.name));
    if (found !== null || this.found() === undefined) this.found.set(found);
  }

  /** The text of one, to go back to. */
  read(copy: Copy): Promise<Result<string> | null> {
    return this.call.askInTurn<Result<string>>((worker) => worker.read(this.name, copy.name));
  }

  private later(ms: number): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.make(), ms);
  }

  private async make(): Promise<void> {
    const { journal } = this.store.household();
    if (this.copied === journal) return;
    this.copied = journal;
    const { clock } = this;
    const made = await this.call.askInTurn<readonly Copy[] | null>((worker) =>
      worker.make(this.name, clock.today(), clock.instant()),
    );
    this.found.set(made);
  }
}
