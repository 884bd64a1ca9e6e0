import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { Acts } from './acts';

/** What was done last, and the way back. */
@Component({
  selector: 'v-undo-bar',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `@if (acts.last(); as last) {
    <p role="status">
      {{ last.said }}. <button type="button" class="quiet small" (click)="acts.undo()">Undo</button>
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
  protected readonly acts = inject(Acts);
}
