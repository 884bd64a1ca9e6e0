import { inject, Injectable } from '@angular/core';
import { explainRefusal } from '@core/journal/refusal';
import { lotName } from '@core/journal/lot-name';
import { MessageService } from 'primeng/api';
import { Figures } from './figures';
import { HouseholdStore, type Written } from './household-store';

/** Says what came of an act: short when it worked, with what to do when it did not. */
@Injectable()
export class Notices {
  private readonly messages = inject(MessageService);
  private readonly store = inject(HouseholdStore);
  private readonly figures = inject(Figures);

  done(summary: string): void {
    this.messages.clear();
    this.messages.add({ severity: 'success', summary, life: 4000 });
  }

  problem(detail: string): void {
    this.messages.clear();
    this.messages.add({ severity: 'error', summary: 'Not written down', detail, sticky: true });
  }

  /** Speaks for a written fact; true when it was written. */
  tell(written: Written, summary: string): boolean {
    if (written.ok) this.done(summary);
    else this.problem(this.explain(written));
    return written.ok;
  }

  explain(written: Exclude<Written, { ok: true }>): string {
    if (written.problem !== undefined) return written.problem;
    return explainRefusal(written.refusal, { mass: (massDg) => this.figures.mass(massDg), lot: (id) => this.nameOf(id) });
  }

  private nameOf(id: string): string {
    const lot = this.store.state().lots.get(id);
    return lot ? lotName(lot).toLowerCase() : 'that piece';
  }
}
