import { notePrices } from '@core/deeds/note-prices';
import { ChangeDetectionStrategy, Component, computed, inject, resource, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { shopItem } from '@core/catalogue/shop-items';
import { goingPrice } from '@core/price/going-price';
import { notesOf } from '@core/price/price-book';
import { Clock } from '../../household/clock';
import { Format } from '@core/format/format';
import { HouseholdStore } from '../../household/household-store';
import { PriceLists } from '../../devices/price-lists';
import { Slips } from '../../ui/told/slips';

/** A shop's weekly list, to look through and take over into the price book. */
@Component({
  selector: 'v-lists-page',
  imports: [FormsModule, Slips],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="page">
      <header>
        <h1>Shops’ lists</h1>
        <p>What the shops ask this week and asked before. What you take over goes into the price book.</p>
      </header>
      @if (problem(); as wrong) {
        <p class="caution" role="alert">{{ wrong }}</p>
      }
      @if (week(); as list) {
        <div class="choice">
          <div class="field">
            <label for="list-shop">Shop</label
            ><select
              id="list-shop"
              class="text"
              [ngModel]="ofShop()?.shop"
              (ngModelChange)="shop.set($event)"
            >
              @for (each of shops(); track each) {
                <option [value]="each">{{ each }}</option>
              }
            </select>
          </div>
          <div class="field">
            <label for="list-week">Week from</label
            ><select id="list-week" class="text" [ngModel]="list.on" (ngModelChange)="on.set($event)">
              @for (each of weeks(); track each) {
                <option [value]="each">{{ format.day(each) }}</option>
              }
            </select>
          </div>
          <button
            type="button"
            class="quiet"
            [disabled]="newLines().length === 0"
            (click)="takeOver(newLines())"
          >
            {{ newLines().length === 0 ? 'All of it is in the book' : 'Take over all ' + newLines().length }}
          </button>
        </div>
        <div class="scroll" tabindex="0" role="group" aria-label="Table, to be scrolled sideways">
          <table vSlips class="ledger">
            <thead>
              <tr>
                <th>Item</th>
                <th class="figure">Asked for a {{ format.priceUnit() }}</th>
                <th><span class="visually-hidden">Offer</span></th>
                <th class="figure">Going price</th>
                <th class="figure">Against it</th>
                <th><span class="visually-hidden">Take over</span></th>
              </tr>
            </thead>
            <tbody>
              @for (row of rows(); track row.item) {
                <tr [class.offer]="row.offer">
                  <td>{{ row.name }}</td>
                  <td class="figure">
                    <b>{{ format.perUnit(row.perKgMinor).split('/')[0] }}</b>
                  </td>
                  <td>{{ row.offer ? 'offer' : '' }}</td>
                  <td class="figure">
                    {{ row.going === null ? '–' : format.perUnit(row.going).split('/')[0] }}
                  </td>
                  <td class="figure" [class.good]="row.going !== null && row.perKgMinor < row.going * 0.95">
                    {{ row.going === null ? '' : row.difference }}
                  </td>
                  <td class="figure">
                    @if (row.known) {
                      <span class="soft">in the book</span>
                    } @else {
                      <button type="button" class="link" (click)="takeOver([row])">
                        take over<span class="visually-hidden"> {{ row.name }}</span>
                      </button>
                    }
                  </td>
                </tr>
              }
            </tbody>
          </table>
        </div>
        <p class="soft">
          The three shops and their lists are invented: a stand-in for lists that shops publish.
        </p>
      } @else if (lists.isLoading()) {
        <p class="soft" role="status">Reading the lists …</p>
      }
    </div>
  `,
  styles: `
    .choice {
      display: flex;
      gap: 16px;
      align-items: flex-end;
      flex-wrap: wrap;
      margin-bottom: 14px;
    }
    .choice .field {
      min-width: 220px;
    }
    .choice .quiet {
      min-height: 48px;
    }
    .offer td:first-child {
      box-shadow: inset 5px 0 0 var(--twine);
      padding-left: 12px;
      font-weight: 600;
    }
    .link {
      background: none;
      border: 0;
      font: inherit;
      color: var(--ink);
      text-decoration: underline;
      text-underline-offset: 3px;
      cursor: pointer;
      min-height: 34px;
    }
  `,
})
export class ListsPage {
  protected readonly format = inject(Format);
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  private readonly source = inject(PriceLists);

  protected readonly lists = resource({ loader: () => this.source.load(this.clock.today()) });
  protected readonly shop = signal('');
  protected readonly on = signal('');
  private readonly told = computed(() => (this.lists.hasValue() ? this.lists.value() : null));
  protected readonly problem = computed(() => this.told()?.problem ?? this.lists.error()?.message);
  protected readonly shops = computed(() => (this.told()?.value?.shops ?? []).map(({ shop }) => shop));
  protected readonly ofShop = computed(() => {
    const all = this.told()?.value?.shops ?? [];
    return all.find(({ shop }) => shop === this.shop()) ?? all[0];
  });
  protected readonly weeks = computed(() =>
    (this.ofShop()?.weeks ?? [])
      .map(({ on }) => on)
      .filter((on) => on <= this.clock.today())
      .reverse(),
  );
  protected readonly week = computed(
    () =>
      this.ofShop()?.weeks.find(({ on }) => on === (this.on() || this.weeks()[0])) ??
      this.ofShop()?.weeks.at(-1),
  );

  protected readonly rows = computed(() => {
    const [week, shop] = [this.week(), this.ofShop()?.shop ?? ''];
    const { book } = this.store.basis().pricing;
    return (week?.lines ?? []).map(([item, perKgMinor, offer]) => {
      const going = goingPrice(book, item, this.clock.today())?.perKgMinor ?? null;
      const share = going === null ? 0 : perKgMinor / going - 1;
      return {
        item,
        perKgMinor,
        offer: offer === 1,
        name: shopItem(item)?.name ?? item,
        going,
        difference:
          Math.abs(share) < 0.005
            ? 'the same'
            : `${this.format.percent(Math.abs(share), 0)} ${share < 0 ? 'lower' : 'higher'}`,
        known: notesOf(book, item).some((note) => note.on === week?.on && note.shop === shop),
      };
    });
  });
  protected readonly newLines = computed(() => this.rows().filter(({ known }) => !known));

  protected async takeOver(
    rows: readonly { item: string; perKgMinor: number; offer: boolean; name: string }[],
  ): Promise<void> {
    const [on, shop] = [this.week()?.on, this.ofShop()?.shop];
    if (!on || !shop) return;
    const notes = rows.map(({ item, perKgMinor, offer }) => ({
      item,
      shop,
      perKgMinor,
      on,
      ...(offer ? { offer } : {}),
    }));
    const say = rows.length === 1 ? `${rows[0]?.name} taken over.` : `${rows.length} prices taken over.`;
    await this.store.perform(notePrices(notes, say, () => this.clock.newId()));
  }
}
