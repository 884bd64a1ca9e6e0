import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Destination } from '@core/catalogue/destination';
import { Figures } from '../data/figures';
import { tileOf } from '../kit/destination-look';

/** Which part carries how much of what was paid, as one bar. */
@Component({
  selector: 'v-money-bar',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="bar" role="img" [attr.aria-label]="spoken()">
      @for (each of shown(); track each.name) { <i [style.flex-grow]="each.minor" [style.background-image]="each.image"></i> }
    </div>
    <ul aria-hidden="true">
      @for (each of shown(); track each.name) { <li><i [style.background-image]="each.image"></i>{{ each.name }} <b>{{ figures.money(each.minor) }}</b></li> }
    </ul>
  `,
  styles: `
    .bar { display: flex; height: 34px; border: 1.5px solid var(--ink); background: #fbf8f1; }
    .bar i { border-right: 1px solid #241d18; flex-basis: 0; min-width: 0; } .bar i:last-child { border-right: 0; }
    ul { list-style: none; margin: 8px 0 0; padding: 0; display: flex; flex-wrap: wrap; gap: 4px 20px; font-size: 15px; }
    li { display: inline-flex; align-items: center; gap: 7px; } li i { width: 18px; height: 13px; border: 1px solid var(--ink); } b { font-weight: 600; }
  `,
})
export class MoneyBar {
  protected readonly figures = inject(Figures);
  readonly shares = input.required<readonly { readonly name: string; readonly destination: Destination; readonly minor: number }[]>();
  protected readonly shown = computed(() => this.shares().filter(({ minor }) => minor > 0).map((each) => ({ ...each, image: `url("${tileOf(each.destination)}")` })));
  protected readonly spoken = computed(() => this.shown().map(({ name, minor }) => `${name} ${this.figures.money(minor)}`).join(', '));
}
