import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  linkedSignal,
  signal,
  viewChild,
} from '@angular/core';
import type { ShopItem } from '@core/catalogue/shop-items';
import { Format } from '@core/format/format';
import { CountedPrice } from '../../household/prices/counted-price';
import { TextField } from '../../ui/field/text-field';
import { AnswerNow } from './answer-now';
import { GapPrices } from './gap-prices';
import { ReadyCut } from './ready-cut';

const LIST = new Intl.ListFormat('en-GB');

/**
 * What would settle an open answer, and one field for it: the price bought cut that moves the answer
 * most. Once it is typed and the answer is open still, the next.
 */
@Component({
  selector: 'v-settling-price',
  imports: [CountedPrice, GapPrices, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (settles(); as open) {
      <p>
        {{ open.isWorthIt ? 'Worth it' : 'Comes out ahead' }} if {{ open.names }} costs over
        <b>{{ format.perUnit(open.perKgMinor) }}</b>{{ open.range }}.
      </p>
    }
    @if (item(); as asked) {
      <v-text
        #field
        [label]="asked.name + ', for a ' + format.priceUnit()"
        keys="decimal"
        [placeholder]="format.currencySign()"
        [value]="readyCut.textOf(asked.id)"
        (valueChange)="readyCut.type(asked.id, $event)"
        [problem]="isWrong() ? 'That is not a price.' : ''"
        (focusin)="isIn.set(true)"
        (focusout)="isIn.set(false)"
      />
      @if (kind(); as of) {
        <v-counted-price [kind]="of" [item]="asked.id" [prices]="prices()" />
      }
    }
    @if (kind(); as of) {
      <v-gap-prices [kind]="of" [parts]="prices()" [except]="item()?.id ?? null" />
    }
  `,
  styles: `
    :host {
      display: block;
      --field-height: 56px;
      --field-size: var(--head);
    }
    :host:empty {
      display: none;
    }
    p {
      margin: 6px 0 4px;
    }
    b {
      white-space: nowrap;
    }
  `,
})
export class SettlingPrice {
  protected readonly format = inject(Format);
  private readonly answer = inject(AnswerNow);
  protected readonly readyCut = inject(ReadyCut);
  protected readonly isIn = signal(false);
  private readonly field = viewChild<TextField>('field');

  protected readonly settles = computed(() => {
    const settles = this.answer.settles();
    if (!settles) return null;
    const names = settles.items.map((item) => this.answer.nameOf(item));
    const [low, even, high] = [settles.lowMinor, settles.perKgMinor, settles.highMinor].map(
      (minor) => this.format.perUnit(minor).split('/')[0] ?? '',
    );
    return {
      names: names.length > 1 ? `${LIST.format(names)}, one with another,` : (names[0] ?? 'what is left'),
      perKgMinor: settles.perKgMinor,
      isWorthIt: settles.isWorthIt,
      range: low === even && high === even ? '' : ` (${low} to ${high}, four times in five)`,
    };
  });

  protected readonly kind = computed(() => this.answer.asked()?.kind ?? null);
  protected readonly prices = computed(() => this.answer.prediction()?.parts ?? []);
  private readonly wanted = computed(() => ({
    next: this.answer.settles()?.items[0] ?? null,
    isIn: this.isIn(),
  }));
  /** It stays while one types in it, whatever the figure says halfway. */
  protected readonly item = linkedSignal<{ next: ShopItem | null; isIn: boolean }, ShopItem | null>({
    source: this.wanted,
    computation: ({ next, isIn }, before) => (isIn && before ? before.value : (next ?? this.typedLast())),
  });
  protected readonly isWrong = computed(() => this.readyCut.unreadable().includes(this.item()?.id ?? ''));

  /** What was typed and settled it can be put right where it was typed. */
  private typedLast(): ShopItem | null {
    const items = (this.answer.prediction()?.parts ?? []).flatMap(({ price }) => price?.item ?? []);
    const typed = Object.keys(this.readyCut.typed()).filter((id) => this.readyCut.textOf(id) !== '');
    return items.find(({ id }) => id === typed.at(-1)) ?? null;
  }

  focus(): void {
    this.field()?.focus();
  }
}
