import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Figures } from '../data/figures';
import { tileOf, type Whereabouts } from './destination-look';

/** One stretch of the bar. */
export interface Stretch {
  readonly where: Whereabouts;
  readonly name: string;
  readonly massDg: number;
}

/** Where the mass of a piece is, as one bar from end to end. */
@Component({
  selector: 'v-mass-bar',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="bar" role="img" [attr.aria-label]="spoken()">
      @for (stretch of shown(); track stretch.name) {
        <i [style.flex-grow]="stretch.massDg" [style.background-image]="stretch.image"></i>
      }
    </div>
    <ul class="legend" aria-hidden="true">
      @for (stretch of shown(); track stretch.name) {
        <li><i [style.background-image]="stretch.image"></i>{{ stretch.name }} <b>{{ figures.mass(stretch.massDg) }}</b></li>
      }
    </ul>
  `,
  styles: `
    .bar { display: flex; height: 36px; border: 1.5px solid var(--ink); background: #fbf8f1; }
    .bar i { border-right: 1px solid #241d18; flex-basis: 0; min-width: 0; transition: flex-grow 0.25s; }
    .bar i:last-child { border-right: 0; }
    .legend { list-style: none; margin: 8px 0 0; padding: 0; display: flex; flex-wrap: wrap; gap: 4px 20px; font-size: 15px; color: var(--ink); }
    .legend li { display: inline-flex; align-items: center; gap: 7px; }
    .legend i { width: 18px; height: 13px; border: 1px solid var(--ink); }
    .legend b { font-weight: 600; }
    @media (prefers-reduced-motion: reduce) { .bar i { transition: none; } }
  `,
})
export class MassBar {
  protected readonly figures = inject(Figures);
  readonly stretches = input.required<readonly Stretch[]>();
  protected readonly shown = computed(() =>
    this.stretches()
      .filter(({ massDg }) => massDg > 0)
      .map((stretch) => ({ ...stretch, image: `url("${tileOf(stretch.where)}")` })),
  );
  protected readonly spoken = computed(() =>
    this.shown()
      .map(({ name, massDg }) => `${name} ${this.figures.mass(massDg)}`)
      .join(', '),
  );
}
