import skeleton from '@primeuix/themes/aura/skeleton';
import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { Skeleton } from 'primeng/skeleton';
import { wears } from '../wears';

wears({ skeleton });

/** Where something comes in a moment: said, and shown as the lines that it will have. */
@Component({
  selector: 'v-waiting',
  imports: [Skeleton],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { role: 'status' },
  template: `
    <p class="soft">{{ word() }}</p>
    @for (width of widths; track width) {
      <p-skeleton [width]="width" height="22px" />
    }
  `,
  styles: `
    :host {
      display: grid;
      gap: 14px;
      max-width: 560px;
    }
    p {
      margin: 0;
    }
  `,
})
export class Waiting {
  readonly word = input.required<string>();
  protected readonly widths = ['55%', '90%', '75%'];
}
