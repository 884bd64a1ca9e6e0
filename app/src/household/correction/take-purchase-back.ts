import { ChangeDetectionStrategy, Component, inject, input, output } from '@angular/core';
import { purchaseBack } from '@core/deeds/purchase-back';
import { Format } from '@core/format/format';
import type { Lot } from '@core/ledger/lot';
import { Ask } from '../../ui/ask/ask';
import { oneAtATime } from '../../ui/form/one-at-a-time';
import { HouseholdStore } from '../household-store';

/** Takes a purchase back from where it was bought; where more rests on it, once somebody says so. */
@Component({
  selector: 'v-take-purchase-back',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <button type="button" class="quiet small" (click)="alone(back)">Take the purchase back</button>
  `,
})
export class TakePurchaseBack {
  private readonly store = inject(HouseholdStore);
  private readonly format = inject(Format);
  private readonly ask = inject(Ask);
  readonly piece = input.required<Lot>();
  readonly gone = output();
  protected readonly alone = oneAtATime();

  protected readonly back = async (): Promise<void> => {
    const { deed, others } = purchaseBack(this.store.household(), this.piece());
    if (others > 0) {
      const rest = others === 1 ? 'One later act rests on it' : `${others} later acts rest on it`;
      const text = `${rest}: what was weighed, packed and eaten of it. All of it goes with the purchase; Redo brings it back.`;
      if (
        !(await this.ask.confirm(
          'Take the purchase back?',
          text,
          `Take ${this.format.count(others + 1, 'act')} back`,
        ))
      )
        return;
    }
    if ((await this.store.perform(deed)).ok) this.gone.emit();
  };
}
