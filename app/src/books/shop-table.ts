import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Comparison, ComparisonLine } from '@core/cost/comparison';
import type { PartCost } from '@core/cost/cost-by-part';
import { cookedKey, cookedShare } from '@core/cost/cooked';
import type { Lot } from '@core/journal/lot';
import type { ItemChoice } from '@core/journal/record';
import { meanPlateDg } from '@core/journal/settings';
import { Figures } from '../data/figures';
import { HouseholdStore, type Written } from '../data/household-store';
import { Notices } from '../data/notices';
import { EditFigure } from '../kit/edit-figure';
import { Swatch } from '../kit/swatch';
import { PriceGap } from './price-gap';

/** A cooked plate is what an average raw plate of boneless meat comes to (30 % goes in cooking). */
const COOKED_OF_RAW = 0.7;

/** Ours against the shop's, part by part, like with like. */
@Component({
  selector: 'v-shop-table',
  imports: [EditFigure, PriceGap, Swatch],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="scroll" tabindex="0" role="group" aria-label="Table, to be scrolled sideways">
      <table class="ledger">
        <thead>
          <tr>
            <th>Part</th>
            <th class="figure">Weight</th>
            <th class="figure">Shop asks</th>
            <th class="figure">Leaves on</th>
            <th class="figure">As ours is</th>
            <th class="figure">Ours</th>
            <th class="figure">Eaten</th>
            <th class="figure">Plate, shop</th>
            <th class="figure">Plate, ours</th>
            <th class="figure">Worth</th>
          </tr>
        </thead>
        <tbody>
          @for (row of rows(); track row.key) {
            <tr>
              <td>
                <v-swatch [of]="row.line.destination" [word]="row.name" /><br /><small class="soft"
                  >{{ row.item?.name ?? 'no such item in shops' }}
                  @if (row.item; as item) {
                    ·
                    <button
                      type="button"
                      class="link"
                      (click)="choose(item.id, { unwanted: row.line.price.state !== 'unwanted' })"
                    >
                      {{ row.line.price.state === 'unwanted' ? 'we would buy it' : 'we would not buy it'
                      }}<span class="visually-hidden">: {{ item.name }}</span>
                    </button>
                  }
                </small>
              </td>
              <td class="figure">{{ figures.mass(row.line.massDg) }}</td>
              @if (row.known; as known) {
                <td class="figure">
                  {{ bare(known.going.perKgMinor) }}<br /><small class="soft"
                    >{{
                      known.going.notes.length > 1
                        ? known.going.notes.length + ' shops'
                        : known.going.notes[0]!.shop
                    }}, {{ figures.day(known.going.notes[0]!.on) }}</small
                  >
                </td>
                <td class="figure">
                  @if (known.leftOn > 0) {
                    <v-edit-figure
                      [value]="known.leftOn * 100"
                      unit="%"
                      [name]="'What the shop leaves on ' + known.item.name"
                      [most]="90"
                      (saved)="choose(known.item.id, { leftOn: $event / 100 })"
                    />
                  } @else {
                    –
                  }
                </td>
                <td class="figure">{{ bare(known.perKgMinor) }}</td>
              } @else {
                <td class="figure" colspan="3">
                  @if (row.line.price.state === 'unwanted') {
                    <span class="soft">not wanted: worth nothing to us</span>
                  } @else if (row.item) {
                    <v-price-gap [item]="row.item" [shop]="piece().shop ?? ''" [on]="piece().on!" />
                  } @else {
                    –
                  }
                </td>
              }
              <td class="figure">
                <b>{{ row.oursPerKg === null ? '–' : bare(row.oursPerKg) }}</b>
              </td>
              <td class="figure">
                @if (row.usable) {
                  <v-edit-figure
                    [value]="row.cooked * 100"
                    unit="%"
                    [name]="'How much of ' + row.name + ' is eaten'"
                    [most]="100"
                    (saved)="setCooked(row.line.part, $event)"
                  />
                } @else {
                  –
                }
              </td>
              <td class="figure">
                {{
                  row.usable && row.known ? figures.money(perPlate(row.known.perKgMinor, row.cooked)) : '–'
                }}
              </td>
              <td class="figure">
                <b>{{
                  row.usable && row.oursPerKg !== null
                    ? figures.money(perPlate(row.oursPerKg, row.cooked))
                    : '–'
                }}</b>
              </td>
              <td class="figure">
                {{
                  row.line.worthMinor === null
                    ? row.item
                      ? 'unknown'
                      : '–'
                    : figures.money(row.line.worthMinor)
                }}
              </td>
            </tr>
          }
        </tbody>
        <tfoot>
          <tr>
            <td colspan="9">Worth at the shop</td>
            <td class="figure">
              {{ comparison().complete ? '' : '≥ ' }}{{ figures.money(comparison().worthMinor) }}
            </td>
          </tr>
        </tfoot>
      </table>
    </div>
    <details>
      <summary>How is this computed?</summary>
      <p>
        All prices for a {{ figures.priceUnit() }}. “Shop asks” is the going price on the day of purchase: the
        median of what each shop last asked in the sixty days before. “As ours is” brings it to our trim:
        price ÷ (1 − what the shop leaves on). “Ours” is this part’s share of what was paid under the school
        above. A plate here is the household’s mean one, {{ figures.mass(cookedPlateDg()) }} cooked, whoever
        eats it; for bone and cooking loss see “Eaten”. Worth is weight × as ours is. Where a price is unknown
        the sums say “at least”; what you would not buy is worth nothing.
      </p>
    </details>
  `,
  styles: `
    @media screen {
      .ledger {
        min-width: 900px;
      }
    }
    .ledger td {
      vertical-align: top;
    }
    .link {
      background: none;
      border: 0;
      padding: 0;
      font: inherit;
      color: inherit;
      text-decoration: underline;
      text-underline-offset: 3px;
      cursor: pointer;
    }
    details {
      margin-top: 10px;
      color: var(--soft);
    }
    summary {
      cursor: pointer;
      min-height: 30px;
    }
    @media print {
      .link {
        display: none;
      }
    }
  `,
})
export class ShopTable {
  protected readonly figures = inject(Figures);
  private readonly store = inject(HouseholdStore);
  private readonly notices = inject(Notices);
  readonly piece = input.required<Lot>();
  readonly comparison = input.required<Comparison>();
  readonly costs = input.required<readonly PartCost[]>();
  readonly nameOf = input.required<(part: string | null) => string>();

  protected readonly cookedPlateDg = computed(() => meanPlateDg(this.store.settings()) * COOKED_OF_RAW);
  protected readonly rows = computed(() =>
    this.comparison()
      .lines.filter(({ destination }) => destination !== 'bin' && destination !== 'liquid')
      .map((line) => {
        const cost = this.costs().find(
          ({ part, destination }) => part === line.part && destination === line.destination,
        );
        const minor = cost?.minor[this.store.school()] ?? 0;
        return {
          key: `${line.part}/${line.destination}`,
          line,
          name: this.nameOf()(line.part),
          item: line.price.item,
          known: line.price.state === 'known' ? line.price : null,
          usable: line.destination !== 'stock' && line.destination !== 'render',
          oursPerKg: minor > 0 ? (minor * 10_000) / line.massDg : null,
          cooked: cookedShare(
            { kind: this.piece().kind, part: line.part },
            line.destination,
            this.store.cooked(),
          ),
        };
      }),
  );

  protected bare(perKgMinor: number): string {
    return this.figures.perUnit(perKgMinor).split('/')[0] ?? '';
  }

  protected perPlate(perKgMinor: number, cooked: number): number {
    return Math.round((perKgMinor * this.cookedPlateDg()) / 10_000 / cooked);
  }

  protected async choose(item: string, change: ItemChoice): Promise<void> {
    this.tell(await this.store.chooseItem(item, change));
  }

  protected async setCooked(part: ComparisonLine['part'], percent: number): Promise<void> {
    if (percent > 0)
      this.tell(
        await this.store.record({
          type: 'cooked',
          key: cookedKey(this.piece().kind, part),
          value: { share: percent / 100 },
        }),
      );
  }

  private tell(written: Written): void {
    if (!written.ok) this.notices.problem(this.notices.explain(written));
  }
}
