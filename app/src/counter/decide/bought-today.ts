import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { lotName } from '@core/catalogue/lot-name';
import { Format } from '@core/format/format';
import { Clock } from '../../household/clock';
import { TakePurchaseBack } from '../../household/correction/take-purchase-back';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { HouseholdStore } from '../../household/household-store';

/** What was bought today, to be taken back where it was bought. */
@Component({
  selector: 'v-bought-today',
  imports: [RouterLink, TakePurchaseBack],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @for (piece of today(); track piece.id) {
      <p>
        <span
          ><a [routerLink]="['/', household, 'block', piece.id]">{{ lotName(piece) }}</a
          >, {{ format.money(piece.paidMinor ?? 0) }}, bought today</span
        >
        <v-take-purchase-back [piece]="piece" />
      </p>
    }
  `,
  styles: `
    p {
      display: flex;
      flex-wrap: wrap;
      gap: 4px 10px;
      align-items: center;
      justify-content: space-between;
      max-width: none;
      margin: 10px 0 0;
      border-top: 1px solid var(--line);
      padding-top: 10px;
    }
  `,
})
export class BoughtToday {
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  protected readonly format = inject(Format);
  protected readonly household = inject(HOUSEHOLD_NAME);
  protected readonly lotName = lotName;
  protected readonly today = computed(() =>
    this.store
      .pieces()
      .filter(({ on, closed, made, came }) => on === this.clock.today() && !closed && made === came),
  );
}
