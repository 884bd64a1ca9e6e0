import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Router } from '@angular/router';
import { makeDinner } from '@core/deeds/make-dinner';
import { collectionsOf, type Collection } from '@core/dinner/collections';
import { Format } from '@core/format/format';
import { Clock } from '../../household/clock';
import { Colds } from '../../household/colds';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { HouseholdStore } from '../../household/household-store';
import { Swatch } from '../../ui/piece/swatch';

/** What is kept until it makes a dinner, and how far it is from one. */
@Component({
  selector: 'v-collected',
  imports: [Swatch],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (collections().length > 0) {
      <b id="collected">Collected</b>
      <ul aria-labelledby="collected">
        @for (each of collections(); track each.key) {
          <li>
            <v-swatch [of]="each.bags[0]!.destination" word="" />
            <span
              ><strong>{{ each.name }}</strong> {{ words(each) }}</span
            >
            @if (each.isDinner) {
              <button
                type="button"
                class="quiet small"
                [attr.aria-label]="'Make it one dinner: ' + each.name"
                (click)="make(each)"
              >
                Make it one dinner
              </button>
            }
          </li>
        }
      </ul>
    }
  `,
  styles: `
    ul {
      list-style: none;
      margin: 4px 0 18px;
      padding: 0;
      display: flex;
      flex-wrap: wrap;
      gap: 8px 28px;
    }
    li {
      display: flex;
      align-items: center;
      gap: 10px;
      min-height: 44px;
    }
  `,
})
export class Collected {
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  private readonly format = inject(Format);
  private readonly router = inject(Router);
  private readonly household = inject(HOUSEHOLD_NAME);
  private readonly colds = inject(Colds);
  protected readonly collections = computed(() =>
    collectionsOf(this.colds.free(), this.colds.of(), this.store.settings()),
  );

  protected words({ bags, massDg, since, isDinner, missingG, more }: Collection): string {
    const lies = `${this.format.count(bags.length, 'bag')}, ${this.format.mass(massDg)}${since ? `, since ${this.format.day(since)}` : ''}.`;
    if (isDinner) return `${lies} It is a dinner.`;
    const missing = more ? `${more.count} more ${more.word}` : `${this.format.roughMass(missingG * 10)} more`;
    return `${lies} ${missing}, and it is a dinner.`;
  }

  /** The dinner is a new pack: it wants its own label. */
  protected async make(collection: Collection): Promise<void> {
    const at = { on: this.clock.today(), newId: () => this.clock.newId() };
    const { deed, pack } = makeDinner(collection, this.store.settings().eaters.length, at);
    if ((await this.store.perform(deed)).ok)
      await this.router.navigate(['/', this.household, 'wrap', 'labels'], { queryParams: { packs: pack } });
  }
}
