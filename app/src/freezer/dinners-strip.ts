import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { DinnersLeft } from '@core/dinner/dinners-left';
import { Figures } from '../data/figures';

/** Dinners left, by animal and kind of piece. */
@Component({
  selector: 'v-dinners-strip',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <dl aria-label="Dinners left">
      @for (each of animals(); track each.animal) {
        <div>
          <dt>{{ each.animal }}</dt>
          <dd>
            <b>{{ figures.number(each.dinners, 1) }}</b> {{ each.kinds }}
          </dd>
        </div>
      }
    </dl>
  `,
  styles: `
    dl {
      display: flex;
      flex-wrap: wrap;
      gap: 2px 26px;
      margin: 0 0 18px;
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
    b {
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
      kinds: kinds
        .map(({ name, dinners }) => `${name.toLowerCase()} ${this.figures.number(dinners, 1)}`)
        .join(', '),
    }));
  });
}
