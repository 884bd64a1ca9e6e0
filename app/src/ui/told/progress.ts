import progressbar from '@primeuix/themes/aura/progressbar';
import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { ProgressBar } from 'primeng/progressbar';
import { wears } from '../wears';

wears({ progressbar });

/** How far a long piece of work has come, with the way out of it. */
@Component({
  selector: 'v-progress',
  imports: [ProgressBar],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { role: 'status' },
  template: `
    <span>{{ word() }}</span>
    <!-- The bar itself says its state in a way that no reader understands. -->
    <div
      role="progressbar"
      aria-valuemin="0"
      aria-valuemax="100"
      [attr.aria-label]="word()"
      [attr.aria-valuenow]="percent()"
    >
      <p-progressbar aria-hidden="true" [value]="percent()" [showValue]="false" />
    </div>
    <button type="button" class="quiet small" (click)="cancelled.emit()">Call it off</button>
  `,
  styles: `
    :host {
      display: grid;
      grid-template-columns: minmax(0, 1fr) auto;
      gap: 6px 14px;
      align-items: center;
      max-width: 460px;
    }
    span {
      grid-column: 1 / -1;
      overflow-wrap: anywhere;
    }
  `,
})
export class Progress {
  readonly word = input.required<string>();
  /** From 0 to 100. */
  readonly percent = input.required<number>();
  readonly cancelled = output();
}
