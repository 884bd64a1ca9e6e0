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
    const groups = new Map<string, DinnersLeft[]>();
    for (const each of this.dinners())
      groups.set(each.animal ?? 'other', [...(groups.get(each.animal ?? 'other') ?? []), each]);
    return [...groups].map(([animal, kinds]) => ({
      animal,
      dinners: kinds.reduce((sum, { dinners }) => sum + dinners, 0),
      // The number of one kind alone stands there already.
      kinds: kinds
        .map(({ name, dinners }) =>
          kinds.length === 1 ? name.toLowerCase() : `${name.toLowerCase()} ${this.format.number(dinners, 1)}`,
        )
        .join(', '),
    }));
  });
}
