import { strikeOut } from '@core/deeds/undoing';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { explainRefusal } from '@core/ledger/refusal';
import { describeEntry } from '@core/format/describe-entry';
import { lotName } from '@core/catalogue/lot-name';
import { Format } from '@core/format/format';
import { HouseholdStore } from '../household/household-store';

/** What two devices said that cannot both be true, until the household settles it. */
@Component({
  selector: 'v-set-aside',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <section class="aside" aria-labelledby="aside-title">
      <h2 id="aside-title">
        {{ conflicts().length === 1 ? 'One thing does' : conflicts().length + ' things do' }} not fit together
      </h2>
      <p>
        Two devices wrote down things that cannot both be true. Nothing is lost: what came later waits here
        and does not count until you decide.
      </p>
      <ul>
        @for (conflict of conflicts(); track conflict.id) {
          <li>
            <span
              ><b>{{ conflict.what }}</b> {{ conflict.why }}</span
            >
            <button type="button" class="quiet small" (click)="dismiss(conflict.id)">Strike it out</button>
          </li>
        }
      </ul>
    </section>
  `,
  styles: `
    .aside {
      margin: 22px 30px 0;
      border: 1.5px solid var(--act);
      background: var(--sheet);
      padding: 16px 20px;
    }
    ul {
      list-style: none;
      margin: 12px 0 0;
      padding: 0;
    }
    li {
      display: flex;
      justify-content: space-between;
      gap: 16px;
      align-items: center;
      padding: 8px 0;
      border-top: 1px solid var(--line);
    }
    button {
      flex: none;
    }
    @media (max-width: 900px) {
      .aside {
        margin: 16px;
      }
      li {
        flex-direction: column;
        align-items: stretch;
      }
    }
  `,
})
export class SetAside {
  private readonly store = inject(HouseholdStore);
  private readonly format = inject(Format);

  protected readonly conflicts = computed(() => {
    const words = {
      mass: (massDg: number) => this.format.mass(massDg),
      lot: (id: string) => {
        const lot = this.store.state().lots.get(id);
        return lot ? `“${lotName(lot)}”` : 'something that is not there';
      },
    };
    return this.store.setAside().map(({ entry, refusal }) => ({
      id: entry.id,
      what: `${describeEntry(entry, words)}.`,
      why: explainRefusal(refusal, words),
    }));
  });

  protected async dismiss(id: string): Promise<void> {
    await this.store.perform(strikeOut(id));
  }
}
