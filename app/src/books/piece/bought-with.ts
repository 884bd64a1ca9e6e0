import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { summarisePiece } from '@core/books/piece-summary';
import { summarisePurchases } from '@core/books/purchase-summary';
import { kindById } from '@core/catalogue/kinds';
import { lotName } from '@core/catalogue/lot-name';
import { Format } from '@core/format/format';
import { boughtTogether } from '@core/ledger/bought-together';
import type { Lot } from '@core/ledger/lot';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { HouseholdStore } from '../../household/household-store';

/** What was split to be cut several ways, told as the one purchase that it was. */
@Component({
  selector: 'v-bought-with',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (whole(); as whole) {
      <p class="split">
        Of one purchase: {{ lotName(whole.lot).toLowerCase() }}, {{ format.mass(whole.lot.inDg) }},
        {{ format.money(whole.lot.paidMinor ?? 0) }}.
        @if (whole.lot.closed) {
          Together <b>{{ format.percent(whole.yield) }}</b> yield, a usable {{ format.priceUnit() }}
          <b>{{ whole.perUsableKgMinor === null ? '–' : format.perUnit(whole.perUsableKgMinor) }}</b>.
        }
        @for (other of others(); track other.id) {
          <a [routerLink]="['/', household, 'books', other.id]">{{ other.count }}: {{ wayOf(other) }}</a
          >{{ $last ? '' : ', ' }}
        }
      </p>
    }
  `,
  styles: `
    .split {
      margin: 0 0 16px;
    }
    a {
      display: inline-block;
      min-height: 44px;
      line-height: 44px;
    }
  `,
})
export class BoughtWith {
  private readonly store = inject(HouseholdStore);
  protected readonly format = inject(Format);
  protected readonly household = inject(HOUSEHOLD_NAME);
  protected readonly lotName = lotName;
  readonly piece = input.required<Lot>();

  private readonly together = computed(() => boughtTogether(this.store.state(), this.piece()));
  protected readonly others = computed(() => this.together().filter(({ id }) => id !== this.piece().id));
  protected readonly whole = computed(() => {
    if (this.others().length === 0) return null;
    const [state, basis] = [this.store.state(), this.store.basis()];
    return summarisePurchases(this.together().map((lot) => summarisePiece(state, lot, basis)))[0] ?? null;
  });

  protected wayOf({ kind, way }: Lot): string {
    const name = kindById(kind)?.ways.find(({ id }) => id === way)?.name ?? lotName(this.piece());
    return name.toLowerCase();
  }
}
