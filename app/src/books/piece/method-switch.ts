import { chooseMethod } from '@core/deeds/change-settings';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { COST_METHODS } from '@core/cost/method';
import { COST_METHOD_IDS, type CostMethodId } from '@core/cost/method-ids';
import { HouseholdStore } from '../../household/household-store';

/** The method of cost that every figure is shown under: one switch for the household. */
@Component({
  selector: 'v-method-switch',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="switch no-print" role="radiogroup" aria-label="How cost is shared">
      @for (id of ids; track id) {
        <button
          type="button"
          role="radio"
          [attr.aria-checked]="id === store.costMethod()"
          [class.on]="id === store.costMethod()"
          (click)="choose(id)"
        >
          {{ methods[id].name }}
        </button>
      }
    </div>
    <p class="soft about">{{ about() }}</p>
  `,
  styleUrl: './method-switch.css',
})
export class MethodSwitch {
  protected readonly store = inject(HouseholdStore);
  protected readonly ids = COST_METHOD_IDS;
  protected readonly methods = COST_METHODS;
  protected readonly about = computed(() => COST_METHODS[this.store.costMethod()].about);

  protected async choose(method: CostMethodId): Promise<void> {
    await this.store.perform(chooseMethod(method));
  }
}
