import { ChangeDetectionStrategy, Component, input } from '@angular/core';

/** A figure that matters, with what it is, and how it came about one step away. */
@Component({
  selector: 'v-told-figure',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <span class="soft">{{ label() }}</span>
    <p class="hero" [class.good]="tone() === 'good'" [class.bad]="tone() === 'bad'">
      {{ value() }}
      @if (unit()) {
        <small>{{ unit() }}</small>
      }
    </p>
    <small class="soft note">{{ note() }}</small>
    @if (how()) {
      <details>
        <summary>
          How is this computed?<span class="visually-hidden"> {{ label() }}</span>
        </summary>
        <p>{{ how() }}</p>
      </details>
    }
  `,
  styleUrl: './told-figure.css',
})
export class ToldFigure {
  readonly label = input.required<string>();
  readonly value = input.required<string>();
  readonly unit = input('');
  readonly note = input('');
  readonly how = input('');
  readonly tone = input<'plain' | 'good' | 'bad'>('plain');
}
