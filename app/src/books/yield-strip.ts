import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { kindById, partOf } from '@core/catalogue/kinds';
import { pastCompositions } from '@core/yield/piece-composition';
import { usualRanges } from '@core/yield/usual-range';
import { Figures } from '../data/figures';
import { HOUSEHOLD_NAME } from '../data/household-name';
import { HouseholdStore } from '../data/household-store';

/** A piece beside the household's others cut the same way, and the catalogue's usual range, part by part. */
@Component({
  selector: 'v-yield-strip',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="scroll" tabindex="0" role="group" aria-label="Table, to be scrolled sideways">
      <table class="ledger">
        <thead>
          <tr>
            <th>Part</th>
            <th class="figure">This one</th>
            <th class="figure">Yours, mean</th>
            <th class="figure wide">Catalogue</th>
            <th class="strip"><span class="visually-hidden">Spread</span></th>
          </tr>
        </thead>
        <tbody>
          @for (row of rows(); track row.key) {
            <tr>
              <td>{{ row.name }}</td>
              <td class="figure">
                <b>{{ row.own === null ? '–' : figures.percent(row.own) }}</b>
              </td>
              <td class="figure">{{ row.mean === null ? '–' : figures.percent(row.mean) }}</td>
              <td class="figure wide">
                {{ figures.percent(row.low, 0) }} to {{ figures.percent(row.high, 0) }}
              </td>
              <td class="strip">
                <span class="track" aria-hidden="true"
                  ><i
                    [style.left.%]="row.low * row.scale"
                    [style.width.%]="(row.high - row.low) * row.scale"
                  ></i>
                  @for (dot of row.dots; track $index) {
                    <b [class.own]="dot.own" [style.left.%]="dot.share * row.scale"></b>
                  }
                </span>
              </td>
            </tr>
          }
        </tbody>
      </table>
    </div>
    <p class="soft">
      Shares of the weight bought. The band is the catalogue’s usual range, small marks are your
      {{ others() }} other {{ others() === 1 ? 'piece' : 'pieces' }} cut this way, the tall one is this piece.
      <a [routerLink]="['/', household, 'books', 'trends']">All kinds over time</a>
    </p>
  `,
  styles: `
    .strip {
      width: 34%;
    }
    .track {
      display: block;
      position: relative;
      height: 18px;
      border-bottom: 1px solid var(--ink);
    }
    .track i {
      position: absolute;
      bottom: 0;
      height: 10px;
      background: var(--twine);
      opacity: 0.4;
    }
    .track b {
      position: absolute;
      bottom: 0;
      width: 2px;
      height: 10px;
      background: var(--soft);
      margin-left: -1px;
    }
    .track b.own {
      height: 18px;
      width: 4px;
      margin-left: -2px;
      background: var(--act);
    }
    @media (max-width: 900px) {
      .strip,
      .wide {
        display: none;
      }
    }
  `,
})
export class YieldStrip {
  protected readonly figures = inject(Figures);
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly store = inject(HouseholdStore);
  readonly piece = input.required<string>();

  private readonly kind = computed(() => kindById(this.store.state().lots.get(this.piece())?.kind ?? null));
  private readonly way = computed(() => {
    const id = this.store.state().lots.get(this.piece())?.way;
    return this.kind()?.ways.find((way) => way.id === id) ?? this.kind()?.ways[0];
  });
  private readonly past = computed(() =>
    this.kind() && this.way() ? pastCompositions(this.store.state(), this.kind()!.id, this.way()!.id) : [],
  );
  protected readonly others = computed(
    () => this.past().filter(({ piece }) => piece.id !== this.piece()).length,
  );
  protected readonly rows = computed(() => {
    const [kind, way] = [this.kind(), this.way()];
    if (!kind || !way) return [];
    return [...usualRanges(kind, way)].map(([key, [low, high]]) => {
      const dots = this.past().map(({ piece, composition }) => ({
        own: piece.id === this.piece(),
        share: composition.shares[composition.keys.indexOf(key)] ?? 0,
      }));
      const others = dots.filter(({ own }) => !own);
      return {
        key,
        name: partOf(kind, key)?.name ?? 'Liquid and unaccounted',
        own: dots.find(({ own }) => own)?.share ?? null,
        mean: others.length > 0 ? others.reduce((sum, { share }) => sum + share, 0) / others.length : null,
        low,
        high,
        dots,
        scale: 96 / Math.max(high, ...dots.map(({ share }) => share), 0.001),
      };
    });
  });
}
