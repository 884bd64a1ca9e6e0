import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { bagWords } from '@core/books/bag-words';
import { foundLeaking } from '@core/deeds/open-bag';
import { Format } from '@core/format/format';
import { Clock } from '../../household/clock';
import { Colds } from '../../household/colds';
import { HouseholdStore } from '../../household/household-store';
import { Overdue } from '../../household/parts/overdue';
import { Board } from './board';

/** How long the piece on the block keeps: sealed, opened, or past its day. */
@Component({
  selector: 'v-bag-line',
  imports: [Overdue],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '[class.bag-said]': 'isSaid()' },
  template: `
    @if (piece(); as piece) {
      @if (cold()?.overdue) {
        <v-overdue [lot]="piece" />
      } @else if (words()) {
        <p>
          <span>{{ words() }}</span>
          @if (cold()?.state === 'sealed') {
            <button type="button" class="quiet small" (click)="leaks()">The bag leaks</button>
          }
        </p>
      }
    }
  `,
  styles: `
    :host:not(.bag-said) {
      display: none;
    }
    :host {
      flex: 1 0 100%;
    }
    p {
      display: flex;
      flex-wrap: wrap;
      gap: 6px 12px;
      align-items: center;
      margin: 6px 0;
    }
  `,
})
export class BagLine {
  private readonly board = inject(Board);
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  private readonly colds = inject(Colds);
  private readonly format = inject(Format);
  protected readonly piece = this.board.piece;
  protected readonly cold = computed(() => {
    const piece = this.piece();
    return piece ? this.colds.of()(piece) : null;
  });
  protected readonly words = computed(() => {
    const [piece, cold] = [this.piece(), this.cold()];
    return piece && cold ? bagWords(piece, cold, this.clock.today(), this.format) : '';
  });

  protected readonly isSaid = computed(() => this.words() !== '' || this.cold()?.overdue === true);

  protected leaks(): void {
    const piece = this.piece();
    if (piece) void this.store.perform(foundLeaking(piece, this.clock.today()));
  }
}
