import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { tileOf, type Whereabouts } from './destination-look';

/** One stretch of the bar: how large it is, and the figure as it is read. */
export interface Stretch {
  readonly where: Whereabouts;
  readonly name: string;
  readonly size: number;
  readonly figure: string;
}

/** Where the mass of a piece is, or what was paid for it went, as one bar from end to end. */
@Component({
  selector: 'v-share-bar',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="bar" role="img" [attr.aria-label]="spoken()">
      @for (stretch of shown(); track stretch.name) {
        <i [style.flex-grow]="stretch.size" [style.background-image]="stretch.image"></i>
      }
    </div>
    <ul class="legend" aria-hidden="true">
      @for (stretch of shown(); track stretch.name) {
        <li>
          <i [style.background-image]="stretch.image"></i>{{ stretch.name }} <b>{{ stretch.figure }}</b>
        </li>
      }
    </ul>
  `,
  styleUrl: './share-bar.css',
})
export class ShareBar {
  readonly stretches = input.required<readonly Stretch[]>();
  protected readonly shown = computed(() =>
    this.stretches()
      .filter(({ size }) => size > 0)
      .map((stretch) => ({ ...stretch, image: `url("${tileOf(stretch.where)}")` })),
  );
  protected readonly spoken = computed(() =>
    this.shown()
      .map(({ name, figure }) => `${name} ${figure}`)
      .join(', '),
  );
}
