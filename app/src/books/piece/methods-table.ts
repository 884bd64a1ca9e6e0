import { sum } from 'd3-array';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { PartCost } from '@core/cost/cost-by-part';
import { COST_METHODS } from '@core/cost/method';
import { COST_METHOD_IDS, type CostMethodId } from '@core/cost/method-ids';
import { Format } from '@core/format/format';
import { HouseholdStore } from '../../household/household-store';
import { Swatch } from '../../ui/piece/swatch';
import { Slips } from '../../ui/told/slips';
import { PopoverButton } from '../../ui/over/popover-button';

/** What each part cost under the four methods, side by side. */
@Component({
  selector: 'v-methods-table',
  imports: [PopoverButton, Slips, Swatch],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './methods-table.html',
  styleUrl: './methods-table.css',
})
export class MethodsTable {
  protected readonly format = inject(Format);
  protected readonly store = inject(HouseholdStore);
  protected readonly ids = COST_METHOD_IDS;
  protected readonly methods = COST_METHODS;
  readonly costs = input.required<readonly PartCost[]>();
  readonly surplusMinor = input.required<number>();
  readonly nameOf = input.required<(part: string | null) => string>();
  private readonly sums = computed(
    () => new Map(COST_METHOD_IDS.map((id) => [id, sum(this.costs(), ({ minor }) => minor[id])])),
  );

  protected sum(method: CostMethodId): number {
    return this.sums().get(method) ?? 0;
  }
}
