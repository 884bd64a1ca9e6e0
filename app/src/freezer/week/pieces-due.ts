import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { addDays } from '@core/units/date';
import { RouterLink } from '@angular/router';
import { thaw } from '@core/deeds/thaw';
import type { PiecePlan } from '@core/dinner/pieces-planned';
import { Format } from '@core/format/format';
import { Clock } from '../../household/clock';
import { Colds } from '../../household/colds';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { HouseholdStore } from '../../household/household-store';
import { pieceWords } from '../../household/piece-words';
import { PiecesNow } from './pieces-now';

/** Pieces that are not cut yet: out by, cut on, wrap by. */
@Component({
  selector: 'v-pieces-due',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (shown().length > 0) {
      <section aria-label="Pieces to cut">
        <h2>Pieces to cut</h2>
        <ul>
          @for (each of shown(); track each.lot.id) {
            <li [class.bad]="each.trouble" [attr.data-of]="each.lot.id">
              <a [routerLink]="['/', household, 'block', each.lot.id]">{{ each.name }}</a>
              <span>{{ words(each) }}</span>
              @if (each.outBy; as by) {
                <button
                  type="button"
                  class="quiet small"
                  [attr.aria-label]="'Out: ' + each.name"
                  (click)="out(each)"
                >
                  {{ by <= clock.now() ? 'Out now' : 'Out' }}
                </button>
              }
            </li>
          }
        </ul>
      </section>
    }
  `,
  styles: `
    h2 {
      font-size: var(--large);
      margin: 14px 0 4px;
    }
    ul {
      list-style: none;
      margin: 0 0 16px;
      padding: 0;
    }
    li {
      display: flex;
      flex-wrap: wrap;
      gap: 4px 16px;
      align-items: center;
      border-top: 1px solid var(--line);
      padding: 6px 0;
    }
    a {
      font-weight: 600;
    }
  `,
})
export class PiecesDue {
  private readonly pieces = inject(PiecesNow);
  /** What asks for something within so many days. */
  readonly days = input(7);
  protected readonly shown = computed(() => {
    const to = addDays(this.clock.today(), this.days());
    return this.pieces
      .asking()
      .filter(
        ({ outBy, cutBy, trouble }) =>
          trouble !== null || (outBy !== null ? this.clock.dayOf(outBy) : (cutBy ?? '')) <= to,
      );
  });
  protected readonly clock = inject(Clock);
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly store = inject(HouseholdStore);
  private readonly colds = inject(Colds);
  private readonly format = inject(Format);

  protected words(plan: PiecePlan): string {
    return pieceWords(plan, this.format);
  }

  protected out({ lot }: PiecePlan): void {
    void this.store.perform(thaw([lot], 'all', this.colds.thawing('refrigerator')));
  }
}
