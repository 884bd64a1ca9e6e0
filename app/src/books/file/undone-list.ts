import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { canDoAgain, doUndoneAgain, undoneSchema, type Undone } from '@core/deeds/undone-deed';
import { Format } from '@core/format/format';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { HouseholdStore } from '../../household/household-store';
import { rememberedUndone } from '../../household/undone-here';

/** What was undone on this device and can be done again, the newest first. */
@Component({
  selector: 'v-undone-list',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(window:storage)': 'look()' },
  template: `
    @if (rows().length > 0) {
      <h2 id="undone">Undone</h2>
      <ul>
        @for (each of rows(); track each.at) {
          <li>
            <span
              >{{ each.say }}<span class="soft">, {{ format.moment(each.at) }}</span></span
            >
            <button type="button" class="quiet small" (click)="redo(each)">
              Redo<span class="visually-hidden"> {{ each.say }}</span>
            </button>
          </li>
        }
      </ul>
    }
  `,
  styles: `
    :host:not(:empty) {
      display: block;
      max-width: 760px;
    }
    h2 {
      border-top: 1.5px solid var(--ink);
      padding-top: 16px;
      margin-bottom: 4px;
    }
    ul {
      list-style: none;
      margin: 0 0 26px;
      padding: 0;
    }
    li {
      display: flex;
      gap: 12px;
      align-items: center;
      justify-content: space-between;
      border-bottom: 1px solid var(--line);
      padding: 4px 0;
    }
  `,
})
export class UndoneList {
  private readonly store = inject(HouseholdStore);
  private readonly name = inject(HOUSEHOLD_NAME);
  protected readonly format = inject(Format);
  private readonly kept = signal(rememberedUndone(this.name));
  protected readonly rows = computed((): readonly Undone[] =>
    this.kept().flatMap((each) => {
      const { data } = undoneSchema.safeParse(each);
      return data && canDoAgain(this.store.household(), data) ? [data] : [];
    }),
  );

  /** Another tab has undone something. */
  protected look(): void {
    this.kept.set(rememberedUndone(this.name));
  }

  protected async redo(undone: Undone): Promise<void> {
    await this.store.perform(doUndoneAgain(this.store.household(), undone, this.format));
    this.look();
  }
}
