import { noteShopItem } from '@core/deeds/note-shop-item';
import { notePrices } from '@core/deeds/note-prices';
import { askPrice } from '@core/format/price-words';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { isUsable } from '@core/ledger/destination';
import type { Kind, Part } from '@core/catalogue/kind-schema';
import { partsOfWay } from '@core/catalogue/parts-of-way';
import { comparableItem } from '@core/cost/part-price';
import { goingPrice } from '@core/price/going-price';
import { priceQuestions } from '@core/price/price-questions';
import type { ShopItem } from '@core/catalogue/shop-items';
import { Clock } from '../../household/clock';
import { Format } from '@core/format/format';
import { HouseholdStore } from '../../household/household-store';
import { Notices } from '../../household/notices';
import { Ask } from '../../ui/ask/ask';
import type { PriceNote } from '@core/price/price-note';
import { ReadyCut } from './ready-cut';

/** What the shop asks for the same meat ready cut: known prices, and room for new ones. */
@Component({
  selector: 'v-shop-prices',
  imports: [FormsModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <fieldset>
      <legend>What does it cost ready cut?</legend>
      <p class="soft">What you type counts at once. Leave out what you do not see.</p>
      <table class="ledger">
        <thead>
          <tr>
            <th>Ready cut</th>
            <th class="known">Going price</th>
            <th>Price now for a {{ format.priceUnit() }}</th>
          </tr>
        </thead>
        <tbody>
          @for (row of rows(); track row.item.id) {
            <tr>
              <td>
                <label [for]="'price-' + row.item.id">{{ row.item.name }}</label>
              </td>
              <td class="known">
                @if (row.unwanted) {
                  <span class="soft">not wanted</span>
                } @else if (row.going; as going) {
                  {{ format.perUnit(going.perKgMinor) }}
                  <span class="soft"
                    >{{ going.notes.length > 1 ? going.notes.length + ' shops' : going.notes[0]!.shop }},
                    {{ format.age(going.notes[0]!.on) }}</span
                  >
                } @else {
                  <span class="soft">unknown</span>
                }
                <button
                  type="button"
                  class="link"
                  [attr.aria-pressed]="row.unwanted"
                  (click)="setWanted(row.item, row.unwanted)"
                >
                  {{ row.unwanted ? 'we would buy it' : 'we would not buy it'
                  }}<span class="visually-hidden">: {{ row.item.name }}</span>
                </button>
              </td>
              <td>
                <input
                  [id]="'price-' + row.item.id"
                  class="text"
                  inputmode="decimal"
                  [name]="'price-' + row.item.id"
                  [placeholder]="format.currencySign()"
                  [ngModel]="draft.typed()[row.item.id] ?? ''"
                  (ngModelChange)="draft.type(row.item.id, $event)"
                  [attr.aria-invalid]="isWrong(row.item.id)"
                />
                @if (isWrong(row.item.id)) {
                  <small class="bad">That is not a price.</small>
                }
              </td>
            </tr>
          }
        </tbody>
      </table>
      @if (draft.isAny()) {
        <button type="button" class="quiet" (click)="writeDown()">Write these prices down</button>
        <span class="soft"> or buy the piece: they are written with it.</span>
      }
    </fieldset>
  `,
  styles: `
    fieldset {
      border: 0;
      padding: 0;
      margin: 30px 0 0;
      min-width: 0;
    }
    legend {
      font: 650 var(--large) var(--name);
      padding: 0;
    }
    p {
      margin: 4px 0 8px;
    }
    input.text {
      max-width: 130px;
      min-height: 44px;
    }
    .link {
      background: none;
      border: 0;
      padding: 4px 0;
      font: inherit;
      font-size: var(--small);
      color: var(--soft);
      text-decoration: underline;
      text-underline-offset: 3px;
      cursor: pointer;
      display: block;
    }
    @media (max-width: 900px) {
      .known .soft {
        display: block;
      }
    }
  `,
})
export class ShopPrices {
  protected readonly format = inject(Format);
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  private readonly notices = inject(Notices);
  private readonly ask = inject(Ask);

  protected readonly draft = inject(ReadyCut);

  readonly kind = input.required<Kind>();
  readonly way = input.required<string>();

  protected readonly rows = computed(() => {
    const { book, choices } = this.store.basis().pricing;
    return this.items().map((item) => ({
      item,
      going: goingPrice(book, item.id, this.draft.date()),
      unwanted: choices.get(item.id)?.unwanted ?? false,
    }));
  });

  /** What the answer hangs on most stands first: usable parts before by-products, the large before the small. */
  private readonly items = computed<ShopItem[]>(() => {
    const kind = this.kind();
    const way = kind.ways.find(({ id }) => id === this.way());
    const matters = ({ id, destination }: Part): number =>
      (isUsable(destination) ? 1 : 0) + (way?.shares[id] ?? 0);
    const listed = way ? [...partsOfWay(kind, way)].sort((a, b) => matters(b) - matters(a)) : [];
    const items = listed.map((part) =>
      comparableItem({ kind: kind.id, part: part.id, animal: kind.animal }, part.destination),
    );
    return [...new Set(items.filter((item) => item !== null))];
  });

  /** What the household would not buy is worth nothing to it, and is no gap. */
  protected async setWanted(item: ShopItem, wanted: boolean): Promise<void> {
    await this.store.perform(noteShopItem(item.id, { unwanted: !wanted }));
  }

  protected isWrong(item: string): boolean {
    return this.draft.unreadable().includes(item);
  }

  /** Asks about prices that are far from what the item goes for. */
  private async isSure(notes: readonly PriceNote[]): Promise<boolean> {
    const questions = notes.flatMap((note) =>
      priceQuestions(this.store.basis().pricing.book, note).map((question) =>
        askPrice(note, question, this.format),
      ),
    );
    return (
      questions.length === 0 || this.ask.confirm('Is this price right?', questions.join(' '), 'Yes, it is')
    );
  }

  /**
   * What was typed, to be written down with the purchase, once what is odd about it was asked.
   *
   * @returns null where it cannot be read, or somebody wants to look again
   */
  async sure(): Promise<readonly PriceNote[] | null> {
    if (this.draft.unreadable().length > 0) {
      this.notices.problem('One of the prices for ready-cut meat cannot be read. Mend it or empty it.');
      return null;
    }
    const notes = this.draft.notes();
    return notes.length === 0 || (await this.isSure(notes)) ? notes : null;
  }

  protected async writeDown(): Promise<void> {
    const notes = await this.sure();
    if (!notes) return;
    const say = `${this.format.count(notes.length, 'price')} written down.`;
    const deed = notePrices(notes, say, () => this.clock.newId());
    if ((await this.store.perform(deed)).ok) this.taken();
  }

  /** They are on the disk. */
  taken(): void {
    this.draft.forget();
  }
}
