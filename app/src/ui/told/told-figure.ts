import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { PopoverButton } from '../over/popover-button';

/** A figure that matters, with what it is, and how it came about one step away. */
@Component({
  selector: 'v-told-figure',
  imports: [PopoverButton],
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
      <v-popover-button class="no-print" [named]="'How is this computed? ' + label()">
        <ng-container face>How is this computed?</ng-container>
        <p class="how">{{ how() }}</p>
      </v-popover-button>
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
