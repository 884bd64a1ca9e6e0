import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { lotName } from '@core/catalogue/lot-name';
import { lookAtPack } from '@core/deeds/look-at-pack';
import { Format } from '@core/format/format';
import type { Lot } from '@core/ledger/lot';
import { Clock } from '../clock';
import { Colds } from '../colds';
import { HouseholdStore } from '../household-store';

/** What lies in cold water may be soft by now: its time to be cooked runs, so it is felt. */
@Component({
  selector: 'v-soft-through',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (isAsked()) {
      <section role="status" [attr.aria-label]="'Is it soft: ' + name()">
        <b>Soft through?</b>
        <button
          type="button"
          class="quiet small"
          [attr.aria-label]="'Soft through: ' + name()"
          (click)="is('soft')"
        >
          Soft through
        </button>
        @if (cold().moreLeft > 0) {
          <button
            type="button"
            class="quiet small"
            [attr.aria-label]="'Still ice in ' + name()"
            (click)="is('ice')"
          >
            Still ice
          </button>
        } @else {
          <span>It has had its time: cook it now.</span>
        }
      </section>
    }
  `,
  styles: `
    section {
      display: flex;
      flex-wrap: wrap;
      gap: 8px;
      align-items: center;
      margin: 6px 0;
    }
  `,
})
export class SoftThrough {
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  private readonly colds = inject(Colds);
  protected readonly format = inject(Format);
  readonly lot = input.required<Lot>();
  protected readonly cold = computed(() => this.colds.of()(this.lot()));
  protected readonly name = computed(() => lotName(this.lot()));
  protected readonly isAsked = computed(() => {
    const { softAt, state, overdue } = this.cold();
    return softAt !== null && !overdue && state === 'thawing' && this.clock.now() >= softAt;
  });

  protected is(found: 'soft' | 'ice'): void {
    void this.store.perform(lookAtPack(this.lot(), found, this.clock.today()));
  }
}
