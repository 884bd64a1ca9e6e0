import { groups, sum } from 'd3-array';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { DinnersLeft } from '@core/dinner/dinners-left';
import { Format } from '@core/format/format';

/** Dinners left, by animal and kind of piece. */
@Component({
  selector: 'v-dinners-strip',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <b id="dinners-left">Dinners left</b>
    <dl aria-labelledby="dinners-left">
      @for (each of animals(); track each.animal) {
        <div>
          <dt>{{ each.animal }}</dt>
          <dd>
            <strong>{{ format.number(each.dinners, 1) }}</strong> {{ each.kinds }}
          </dd>
        </div>
      }
    </dl>
  `,
  styleUrl: './dinners-strip.css',
})
export class DinnersStrip {
  protected readonly format = inject(Format);
  readonly dinners = input.required<readonly DinnersLeft[]>();
  protected readonly animals = computed(() => {
    const byAnimal = groups(this.dinners(), ({ animal }) => animal ?? 'animal unknown');
    return byAnimal.map(([animal, kinds]) => ({
      animal,
      dinners: sum(kinds, ({ dinners }) => dinners),
      // The number of one kind alone stands there already; and packs of no kind are no others, where they are all.
      kinds: kinds.every(({ kind }) => kind === null) ? '' : this.list(kinds),
    }));
  });

  private list(kinds: readonly DinnersLeft[]): string {
    return kinds
      .map(({ name, dinners }) =>
        kinds.length === 1 ? name.toLowerCase() : `${name.toLowerCase()} ${this.format.number(dinners, 1)}`,
      )
      .join(', ');
  }
}
