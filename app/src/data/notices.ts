import { inject, Injectable } from '@angular/core';
import { explainRefusal } from '@core/journal/refusal';
import { lotName } from '@core/journal/lot-name';
import { Figures } from './figures';
import { NoticeBoard } from './notice-board';
import { HouseholdStore, type Written } from './household-store';

/** Says what came of an act: short when it worked, with what to do when it did not. */
@Injectable()
export class Notices {
  private readonly board = inject(NoticeBoard);
  private readonly store = inject(HouseholdStore);
  private readonly figures = inject(Figures);

  done(text: string): void {
    this.board.show({ tone: 'done', text });
  }

  problem(text: string): void {
    this.board.show({ tone: 'problem', text });
  }

  /** Speaks for a written fact; true when it was written. */
  tell(written: Written, summary: string): boolean {
    if (written.ok) this.done(summary);
    else this.problem(this.explain(written));
    return written.ok;
  }

  explain(written: Exclude<Written, { ok: true }>): string {
    if (written.problem !== undefined) return written.problem;
    return explainRefusal(written.refusal, {
      mass: (massDg) => this.figures.mass(massDg),
      lot: (id) => this.nameOf(id),
    });
  }

  private nameOf(id: string): string {
    const lot = this.store.state().lots.get(id);
    return lot ? lotName(lot).toLowerCase() : 'that piece';
  }
}
