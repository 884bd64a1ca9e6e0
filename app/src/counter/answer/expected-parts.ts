import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Kind } from '@core/catalogue/kind-schema';
import { partOf } from '@core/catalogue/kinds';
import type { Plate } from '@core/cost/plates';
import type { Prediction } from '@core/yield/prediction';
import { Format } from '@core/format/format';
import { packsOf } from './packs-of';
import { Swatch } from '../../ui/piece/swatch';
import { Slips } from '../../ui/told/slips';

/** What a piece is expected to give, part by part, with the range that holds four times in five. */
@Component({
  selector: 'v-expected-parts',
  imports: [Slips, Swatch],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <p class="soft">{{ rests() }} The bar is where four pieces in five lie.</p>
    <table vSlips class="ledger">
      <thead>
        <tr>
          <th>Part</th>
          <th class="figure">Expected</th>
          <th class="range"><span class="visually-hidden">Range</span></th>
          <th class="figure">Packs</th>
          <th class="figure">Bought cut</th>
        </tr>
      </thead>
      <tbody>
        @for (row of rows(); track row.part) {
          <tr>
            <td>
              @if (row.destination; as where) {
                <v-swatch [of]="where" [word]="row.name" />
              } @else {
                <v-swatch of="liquid" [word]="row.name" />
              }
            </td>
            <td class="figure">
              <b>{{ format.mass(row.massDg) }}</b><br /><small class="soft"
                >{{ format.percent(row.low, 0) }} to {{ format.percent(row.high, 0) }}</small
              >
            </td>
            <td class="range">
              <span class="track" aria-hidden="true"
                ><i [style.left.%]="row.left" [style.width.%]="row.width"></i><b [style.left.%]="row.at"></b
              ></span>
            </td>
            <td class="figure">{{ row.packs }}</td>
            <td class="figure">{{ row.price }}</td>
          </tr>
        }
      </tbody>
    </table>
  `,
  styles: `
    p {
      margin: 0 0 6px;
    }
    .range {
      width: 26%;
    }
    .track {
      display: block;
      position: relative;
      height: 14px;
      border-bottom: 1px solid var(--line);
    }
    .track i {
      position: absolute;
      bottom: 0;
      height: 9px;
      background: var(--twine);
      opacity: 0.5;
    }
    .track b {
      position: absolute;
      bottom: -2px;
      width: 3px;
      height: 14px;
      background: var(--ink);
      margin-left: -1px;
    }
    @media (max-width: 900px) {
      .range {
        display: none;
      }
      .ledger td,
      .ledger th {
        padding-right: 8px;
      }
    }
  `,
})
export class ExpectedParts {
  protected readonly format = inject(Format);
  readonly kind = input.required<Kind>();
  readonly prediction = input.required<Prediction>();
  /** What goes into one pack, for this household. */
  readonly pack = input.required<Plate>();

  protected readonly rests = computed(() => {
    const { pieces } = this.prediction().habit;
    if (pieces === 0) return 'From the catalogue: you have not finished one cut this way.';
    return `From ${pieces === 1 ? 'one' : pieces} of your own, cut this way, and the catalogue.`;
  });
  protected readonly rows = computed(() => {
    const { parts } = this.prediction();
    const most = Math.max(...parts.map(({ high }) => high), 0.01);
    return parts.map(({ part, destination, share, low, high, massDg, price }) => ({
      part,
      destination,
      name: partOf(this.kind(), part)?.name ?? 'Liquid and unaccounted',
      massDg,
      low,
      high,
      left: (100 * low) / most,
      width: (100 * (high - low)) / most,
      at: (100 * share) / most,
      packs:
        destination && !['bin', 'liquid'].includes(destination) && massDg > 500
          ? packsOf({ part, destination, share, low, high, massDg, price }, this.kind().id, this.pack())
          : '',
      price:
        !price || !destination || destination === 'bin'
          ? ''
          : price.state === 'known'
            ? this.format.perUnit(price.perKgMinor)
            : price.state === 'unwanted'
              ? 'not wanted'
              : price.item
                ? 'unknown'
                : '',
    }));
  });
}
