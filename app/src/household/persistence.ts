import { inject, Injectable, signal } from '@angular/core';
import { HouseholdStore } from './household-store';

/** Whether the browser has promised to keep what is stored; null where it does not say. */
export type Promised = boolean | null;

/** Looks, on every load, whether what the browser keeps here may be cleared away by it. */
@Injectable()
export class Persistence {
  private readonly store = inject(HouseholdStore);
  private readonly promised = signal<Promised>(null);
  readonly isPromised = this.promised.asReadonly();

  constructor() {
    void this.look();
  }

  /** Asks for the promise where there is a household, which browsers give without a question or not at all. */
  async look(): Promise<void> {
    await this.store.whenLoaded();
    const { storage } = navigator;
    const isKept = await storage?.persisted?.().catch(() => null);
    const hasSomething = this.store.isSetUp();
    const isGiven = isKept === false && hasSomething ? await storage.persist().catch(() => false) : isKept;
    this.promised.set(isGiven ?? null);
  }
}
