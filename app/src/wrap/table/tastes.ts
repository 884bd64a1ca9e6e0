import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { lotName } from '@core/catalogue/lot-name';
import { setTaste } from '@core/deeds/change-settings';
import { tasteOf, type Eater, type Taste } from '@core/pack/eater';
import { isPlateful, partKey } from '@core/pack/table';
import { HouseholdStore } from '../../household/household-store';
import { Wrapping } from './wrapping';

/** What is said next, and how it is said. */
const NEXT: Readonly<Record<Taste, { readonly next: Taste; readonly says: string }>> = {
  may: { next: 'likes', says: 'eats it' },
  likes: { next: 'never', says: 'likes it' },
  never: { next: 'may', says: 'never' },
};

/** Who eats what of what lies on the table: one press for each eater and part goes on to the next. */
@Component({
  selector: 'v-tastes',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>Who eats what</h2>
    @for (part of parts(); track part.key) {
      <div class="row" role="group" [attr.aria-label]="part.name">
        <span>{{ part.name }}</span>
        @for (eater of wrapping.eaters(); track eater.name) {
          @let taste = tasteOf(eater, part.key);
          <button
            type="button"
            data-in-turn
            class="quiet small"
            [class]="'quiet small ' + taste"
            (click)="say(eater, part)"
          >
            {{ eater.name }} <small>{{ next[taste].says }}</small>
          </button>
        }
      </div>
    }
    <p class="soft">Press to change: eats it, likes it, never.</p>
  `,
  styles: `
    h2 {
      font-size: var(--large);
      margin: 4px 0 8px;
    }
    .row {
      display: flex;
      flex-wrap: wrap;
      gap: 6px;
      align-items: center;
      margin-bottom: 8px;
    }
    .row > span {
      flex: 0 0 9em;
    }
    .quiet {
      padding: 0 10px;
    }
    small {
      font-weight: 400;
    }
    .likes {
      border-width: 3px;
    }
    .never {
      text-decoration: line-through;
      border-style: dashed;
    }
  `,
})
export class Tastes {
  protected readonly wrapping = inject(Wrapping);
  private readonly store = inject(HouseholdStore);
  protected readonly tasteOf = tasteOf;
  protected readonly next = NEXT;

  protected readonly parts = computed(() => [
    ...new Map(
      this.wrapping
        .tokens()
        .filter(isPlateful)
        .map((token) => [partKey(token), { key: partKey(token), name: lotName(token.lot) }]),
    ).values(),
  ]);

  protected async say(
    eater: Eater,
    { key, name }: { readonly key: string; readonly name: string },
  ): Promise<void> {
    await this.store.perform(setTaste(eater.name, key, name, NEXT[tasteOf(eater, key)].next));
  }
}
