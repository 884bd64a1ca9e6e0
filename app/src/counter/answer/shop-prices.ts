import { noteShopItem } from '@core/deeds/note-shop-item';
import { notePrices } from '@core/deeds/note-prices';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { isUsable } from '@core/ledger/destination';
import type { Kind, Part } from '@core/catalogue/kind-schema';
import { partsOfWay } from '@core/catalogue/parts-of-way';
import { comparableItem, holds, type PartPrice } from '@core/cost/part-price';
import { goingPrice, type GoingPrice } from '@core/price/going-price';
import { isOld } from '@core/price/is-old';
import { isSameGrade } from '@core/price/of-grade';
import { shopItem, type ShopItem } from '@core/catalogue/shop-items';
import { Clock } from '../../household/clock';
import { Format } from '@core/format/format';
import { HouseholdStore } from '../../household/household-store';
import { CountedPrice } from '../../household/prices/counted-price';
import { TextField } from '../../ui/field/text-field';
import { PieceAsked } from '../piece/piece-asked';
import { ReadyCut } from './ready-cut';

/** What the shop asks for the same meat ready cut: known prices, and room for new ones. */
@Component({
  selector: 'v-shop-prices',
  imports: [CountedPrice, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <p class="soft">What you type counts at once. Leave out what you do not see.</p>
    <table class="ledger">
      <thead>
        <tr>
          <th>Ready cut</th>
          <th>Price now for a {{ format.priceUnit() }}</th>
        </tr>
      </thead>
      <tbody>
        @for (row of rows(); track row.item.id) {
          <tr>
            <td>
              {{ row.item.name }}
              <small class="soft">{{ row.known }}</small>
              <v-counted-price [kind]="kind()" [item]="row.item.id" [prices]="prices()" />
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
            <td class="now">
              <v-text
                class="small"
                look="bare"
                [label]="row.item.name"
                keys="decimal"
                [placeholder]="format.currencySign()"
                [value]="draft.typed()[row.item.id] ?? ''"
                (valueChange)="draft.type(row.item.id, $event)"
                [problem]="isWrong(row.item.id) ? 'That is not a price. Write it like 24.50.' : ''"
              />
            </td>
          </tr>
        }
      </tbody>
    </table>
    @if (draft.isAny()) {
      <button type="button" class="quiet" (click)="writeDown()">Write these prices down</button>
      <span class="soft"> or buy the piece, or leave it: they are written with it.</span>
    }
  `,
  styles: `
    p {
      margin: 4px 0 8px;
    }
    small {
      display: block;
    }
    .now {
      width: 130px;
    }
    .link {
      display: block;
      font-size: var(--small);
      color: var(--soft);
    }
  `,
})
export class ShopPrices {
  protected readonly format = inject(Format);
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);

  protected readonly draft = inject(ReadyCut);
  private readonly piece = inject(PieceAsked);

  readonly kind = input.required<Kind>();
  readonly way = input.required<string>();
  /** What the parts count at, the typed prices among them. */
  readonly prices = input.required<readonly { readonly part: string; readonly price: PartPrice | null }[]>();

  protected readonly rows = computed(() => {
    const { book, choices } = this.store.basis().pricing;
    const grade = this.piece.grade();
    return this.items().map((item) => {
      const unwanted = choices.get(item.id)?.unwanted ?? false;
      const going = goingPrice(book, item.id, this.draft.date(), grade);
      return { item, unwanted, known: unwanted ? 'not wanted' : this.wordsOf(going) };
    });
  });

  private wordsOf(going: GoingPrice | null): string {
    const [latest] = going?.notes ?? [];
    if (!going || !latest) return 'price unknown';
    const where = going.notes.length > 1 ? `${going.notes.length} shops` : latest.shop;
    const grade = this.piece.grade();
    const of =
      grade === null || isSameGrade(grade, latest.grade) ? '' : `, ${latest.grade ?? 'no grade said'}`;
    const old = isOld(going) ? ', over a year old' : '';
    return `goes for ${this.format.perUnit(going.perKgMinor)}: ${where}, ${this.format.age(latest.on)}${old}${of}`;
  }

  /** What the answer hangs on most stands first: usable parts before by-products, the large before the small. */
  private readonly items = computed<ShopItem[]>(() => {
    const kind = this.kind();
    const way = kind.ways.find(({ id }) => id === this.way());
    const matters = ({ id, destination }: Part): number =>
      (isUsable(destination) ? 1 : 0) + (way?.shares[id] ?? 0);
    const listed = way ? [...partsOfWay(kind, way)].sort((a, b) => matters(b) - matters(a)) : [];
    // Where a part goes to the stew, it is the stew price that counts.
    const goes = this.store.basis().wishes?.get(kind.id)?.goes ?? {};
    const own = listed.map(({ id: part, destination }) =>
      comparableItem({ kind: kind.id, part, animal: kind.animal }, goes[part] ?? destination),
    );
    const isGiven = (part: string): boolean => listed.some(({ id }) => id === part);
    const instead = listed.flatMap(({ orElse }) => orElse?.item ?? []);
    const larger = (kind.readyCut ?? [])
      .filter((item) => listed.some(({ id }) => isGiven(id) && holds(item, id)))
      .map(({ item }) => item);
    const others = [...instead, ...larger].map((id) => shopItem(id) ?? null);
    return [...new Set([...own, ...others].filter((item) => item !== null))];
  });

  /** What the household would not buy is worth nothing to it, and is no gap. */
  protected async setWanted(item: ShopItem, wanted: boolean): Promise<void> {
    await this.store.perform(noteShopItem(item.id, { unwanted: !wanted }));
  }

  protected isWrong(item: string): boolean {
    return this.draft.unreadable().includes(item);
  }

  protected async writeDown(): Promise<void> {
    const notes = await this.draft.sure();
    if (!notes) return;
    const say = `${this.format.count(notes.length, 'price')} written down.`;
    const deed = notePrices(notes, say, () => this.clock.newId());
    if ((await this.store.perform(deed)).ok) this.draft.forget();
  }
}
