import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { tileOf, type Whereabouts } from './destination-look';

/** A destination's colour and texture, with its word beside it. */
@Component({
  selector: 'v-swatch',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<i [style.background-image]="image()" aria-hidden="true"></i><span>{{ word() ?? of() }}</span>`,
  styles: `
    :host {
      display: inline-flex;
      align-items: center;
      gap: var(--swatch-gap, 9px);
      max-width: 100%;
    }
    span {
      min-width: 0;
    }
    i {
      width: var(--swatch-width, 24px);
      height: 17px;
      border: 1px solid var(--ink);
      flex: none;
    }
  `,
})
export class Swatch {
  readonly of = input.required<Whereabouts>();
  readonly word = input<string>();
  protected readonly image = computed(() => `url("${tileOf(this.of())}")`);
}
