import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { HOUSEHOLD_NAME } from '../household-name';
import { HouseholdStore } from '../household-store';
import { isSaid, markSaid } from '../said-once';
import { Persistence } from '../persistence';

/** Once there is something to lose: that this browser may lose it, and what to do. Said once. */
@Component({
  selector: 'v-storage-note',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (isShown()) {
      <aside class="note" aria-label="How safe the household is here">
        <p>
          This browser keeps the household, and has not promised to: it may clear it when the disk runs low,
          and a private window forgets it when it is closed.
          <a [routerLink]="['/', household, 'books', 'household']">Keep its file somewhere else, too</a>
        </p>
        <button type="button" class="quiet small" (click)="close()">I know</button>
      </aside>
    }
  `,
  styles: `
    .note {
      display: flex;
      gap: 18px;
      align-items: center;
      justify-content: space-between;
      margin: 18px 30px 0;
      padding: 10px 0 10px 14px;
      border-left: 4px solid var(--twine);
    }
    p {
      margin: 0;
      max-width: 75ch;
    }
    button {
      flex: none;
    }
    @media (max-width: 900px) {
      .note {
        margin: 12px 16px 0;
        gap: 10px;
      }
    }
  `,
})
export class StorageNote {
  private readonly store = inject(HouseholdStore);
  private readonly persistence = inject(Persistence);
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly isClosed = signal(isSaid('storage'));

  protected readonly isShown = computed(
    () =>
      this.household === 'home' &&
      !this.isClosed() &&
      this.persistence.isPromised() === false &&
      this.store.household().journal.entries.length > 0,
  );

  protected close(): void {
    markSaid('storage');
    this.isClosed.set(true);
  }
}
