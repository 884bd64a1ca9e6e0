import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { DinnersLeft } from '@core/dinner/dinners-left';
import { Figures } from '../data/figures';

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
            <strong>{{ figures.number(each.dinners, 1) }}</strong> {{ each.kinds }}
          </dd>
        </div>
      }
    </dl>
  `,
  styles: `
    :host,
    dl {
      display: flex;
      flex-wrap: wrap;
      gap: 2px 26px;
      align-items: baseline;
      margin: 0;
    }
    :host {
      margin-bottom: 18px;
      padding: 8px 0;
      border-top: 1px solid var(--line);
      border-bottom: 1px solid var(--line);
    }
    div {
      display: flex;
      gap: 8px;
      align-items: baseline;
    }
    dt {
      color: var(--soft);
    }
    dd {
      margin: 0;
      color: var(--soft);
      font-size: 0.92rem;
    }
    strong {
      color: var(--ink);
      font-size: 1.15rem;
    }
  `,
})
export class DinnersStrip {
  protected readonly figures = inject(Figures);
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
          kinds.length === 1
            ? name.toLowerCase()
            : `${name.toLowerCase()} ${this.figures.number(dinners, 1)}`,
        )
        .join(', '),
    }));
  });
}
