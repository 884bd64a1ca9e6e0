import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { HouseholdStore } from '../household-store';

/** What was done last, and the way back. */
@Component({
  selector: 'v-undo-bar',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `@if (last(); as last) {
    <p role="status">
      {{ last.say }}. <button type="button" class="quiet small" (click)="store.undo()">Undo</button>
    </p>
  }`,
  styles: `
    p {
      display: flex;
      align-items: center;
      gap: 14px;
      border: 1.5px solid var(--ink);
      background: var(--sheet);
      padding: 8px 14px;
      margin: 0 0 16px;
      max-width: none;
      justify-content: space-between;
    }
  `,
})
export class UndoBar {
  protected readonly store = inject(HouseholdStore);
  /** What was done with meat, or to the plan. */
  protected readonly last = computed(() => {
    const last = this.store.last();
    return last && (last.entries.length > 0 || last.rewritten.some(({ type }) => type === 'meal'))
      ? last
      : null;
  });
}
