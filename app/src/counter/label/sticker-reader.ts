import { learnSticker, nameStickerItem } from '@core/deeds/learn-sticker';
import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import type { Kind } from '@core/catalogue/kind-schema';
import { checkDigit } from '@core/label/check-digit';
import { readElements } from '@core/label/element-string';
import { learnLayouts, readByLayout, readShopNumber } from '@core/label/shop-code';
import type { Dated } from '@core/ledger/entry';
import type { IsoDate } from '@core/units/date';
import { Clock } from '../../household/clock';
import { Format } from '@core/format/format';
import { HouseholdStore } from '../../household/household-store';
import { MAY_PRACTISE } from '../../household/may-practise';
import { CodeReader, type FoundCode } from '../../devices/code-reader';
import type { PracticeCode } from '../../devices/practice-camera';
import { LabelDraft } from './label-draft';

const checked = (digits: string): string => `${digits}${checkDigit(digits)}`;

/** Invented stickers: prices and weights in the ways that shops print them. */
const PRACTICE_CODES: readonly PracticeCode[] = [
  { name: 'a sticker with its price, 13 digits', kind: 'ean13', text: checked('211704507942') },
  { name: 'a sticker with its weight, 13 digits', kind: 'ean13', text: checked('281704505300') },
  { name: 'a sticker with its price, 12 digits', kind: 'upca', text: checked('21704501999') },
  {
    name: 'a carton’s bars: weight, price, dates',
    kind: 'gs1-128',
    text: '(01)09506000134352(3103)005300(3922)7942(15)261212',
  },
  {
    name: 'a carton’s square: weight and date',
    kind: 'gs1datamatrix',
    text: '(01)09506000134352(3202)001168(17)261220',
  },
];

/** A long number, brackets or a scanner's mark: an element string, and not a shop's own number. */
const isElementString = (text: string): boolean =>
  /^[\](\u001d]/.test(text.trim()) || text.includes('\u001d') || /^01\d{14}./.test(text.trim());

/** A date on a label, and what it is. */
export interface LabelDay {
  readonly until: IsoDate;
  readonly dated: Dated;
}

/** Reads the shop's sticker into the label's fields, and asks for what it cannot know. */
@Component({
  selector: 'v-sticker-reader',
  imports: [CodeReader],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <v-code-reader
      label="Digits under the bars"
      keys="numeric"
      [practiceCodes]="practiceCodes"
      (found)="read($event)"
    />
    <p role="status">{{ said() }}</p>
    @if (unlearnt(); as digits) {
      <button type="button" class="quiet" (click)="learn(digits)">Learn from this label</button>
    }
    @if (unnamed() && kind(); as known) {
      <button type="button" class="quiet" (click)="name(unnamed()!)">
        Item {{ unnamed() }} is {{ known.name.toLowerCase() }}: remember it
      </button>
    }
  `,
  styles: `
    :host {
      display: block;
      border: 1px solid var(--ink);
      border-radius: 2px;
      padding: 10px 14px;
      margin-bottom: 8px;
    }
    p {
      margin: 4px 0 8px;
    }
  `,
})
export class StickerReader {
  private readonly store = inject(HouseholdStore);
  private readonly format = inject(Format);
  private readonly clock = inject(Clock);
  private readonly label = inject(LabelDraft);
  readonly kind = input.required<Kind | null>();
  readonly shop = input.required<string>();
  /** The shop whose number it is, and the kind of piece, as far as they are known. */
  readonly recognised = output<{ readonly shop?: string; readonly kind?: Kind }>();
  /** The date that a carton carries; null where the sticker before had one, and this one cannot be read. */
  readonly date = output<LabelDay | null>();

  protected readonly practiceCodes = inject(MAY_PRACTISE) ? PRACTICE_CODES : [];
  protected readonly said = signal('');
  /** Digits of a shop whose layout is not known. */
  protected readonly unlearnt = signal<string | null>(null);
  /** An item number nobody has named; the layout is this shop's. */
  protected readonly unnamed = signal<string | null>(null);
  private readonly layoutKey = signal<string | null>(null);
  /** Whether the figures in the label's fields are those of a sticker. */
  private hasFilled = false;
  private readonly codes = computed(() => this.store.shopCodes().map(([key, value]) => ({ key, ...value })));

  protected read({ text, isPractice = false }: FoundCode): void {
    this.readText(text);
    if (isPractice && this.hasFilled) this.label.practise();
  }

  private readText(text: string): void {
    this.unlearnt.set(null);
    this.unnamed.set(null);
    if (isElementString(text)) return this.readElements(text);
    const number = readShopNumber(text);
    if (!number.ok) return this.cannotRead(number.problem);
    this.readNumber(number.value);
  }

  private readElements(text: string): void {
    const read = readElements(text);
    if (!read.ok) return this.cannotRead(read.problem);
    const { massDg, price, packedOn, bestBefore, expires, item } = read.value;
    const coins = price === null ? null : Math.round(price * 10 ** this.label.format().moneyDigits());
    this.fill(massDg, coins);
    const kind = this.kindOf(item);
    if (kind) this.recognised.emit({ kind });
    const day = expires ?? bestBefore;
    if (day) this.date.emit({ until: day, dated: 'use-by' });
    else if (packedOn) this.date.emit({ until: packedOn, dated: 'packed-on' });
    this.said.set(
      [
        this.found(massDg, coins),
        day ? `${expires ? 'Expires' : 'Best before'} ${this.format.dayAndYear(day)}.` : '',
        !day && packedOn ? `Packed on ${this.format.dayAndYear(packedOn)}.` : '',
        kind ? '' : 'Which piece it is: choose above.',
      ]
        .filter(Boolean)
        .join(' '),
    );
  }

  /** Figures of the sticker before would be taken for this one's. */
  private cannotRead(problem: string): void {
    const { hasFilled } = this;
    this.empty();
    this.said.set(hasFilled ? `${problem} The figures of the sticker before are taken out.` : problem);
  }

  private empty(): void {
    if (!this.hasFilled) return;
    this.hasFilled = false;
    this.label.type({ weight: '', total: '', price: '' });
    this.date.emit(null);
  }

  private readNumber(digits: string): void {
    const shop = this.shop().trim();
    const fitting = this.codes().filter(({ layout }) => layout.length === digits.length);
    const known =
      shop === ''
        ? fitting.length === 1
          ? fitting[0]
          : undefined
        : fitting.find((each) => each.shop === shop);
    const reading = known && readByLayout(digits, known.layout);
    if (!known || !reading) {
      this.empty();
      this.unlearnt.set(digits);
      const whose =
        shop === '' ? 'Write the shop below, and' : `How ${shop} makes its numbers is not known yet. Please`;
      return this.said.set(
        `${digits}: read right. ${whose} type the weight and the total that are printed beside it; then let it be learnt.`,
      );
    }
    this.fill(reading.massDg, reading.priceMinor);
    const kind = this.kindOf(reading.item, known.key);
    this.layoutKey.set(known.key);
    if (!kind) this.unnamed.set(reading.item);
    this.recognised.emit({ shop: known.shop, ...(kind ? { kind } : {}) });
    const lacks =
      reading.massDg === null ? 'The weight is not in it: type it.' : 'The price is not in it: type it.';
    this.said.set(`${known.shop}: ${this.found(reading.massDg, reading.priceMinor)} ${lacks}`);
  }

  /** Finds out from the typed figures where the shop keeps its price or weight. */
  protected async learn(digits: string): Promise<void> {
    const shop = this.shop().trim();
    const kind = this.kind();
    if (shop === '' || !kind)
      return this.said.set(
        shop === '' ? 'Write the shop first: each has its own numbers.' : 'Choose first which piece it is.',
      );
    const purchase = this.label.purchase();
    const printed = {
      priceMinor: this.label.format().parseMoney(this.label.total()),
      massDg: this.label.weight().trim() === '' ? null : (purchase?.massDg ?? this.label.massDg()),
    };
    if (printed.priceMinor === null && printed.massDg === null)
      return this.said.set(
        'Type the weight or the total that is printed beside the bars, then let it be learnt.',
      );
    const [layout] = learnLayouts(digits, printed);
    if (!layout)
      return this.said.set(
        'Neither that price nor that weight is in this number. Look whether they are typed as printed; a number may also be a mere item number.',
      );
    const key =
      this.codes().find((each) => each.shop === shop && each.layout.length === digits.length)?.key ??
      this.clock.newId();
    if (!(await this.store.perform(learnSticker(key, { shop, digits, layout, kind: kind.id }))).ok) return;
    this.unlearnt.set(null);
    this.said.set(`From now on ${shop}’s stickers fill in the ${layout.of} and ${kind.name.toLowerCase()}.`);
  }

  protected async name(item: string): Promise<void> {
    const known = this.codes().find(({ key }) => key === this.layoutKey());
    const kind = this.kind();
    if (!known || !kind) return;
    const { key, ...read } = known;
    const written = await this.store.perform(nameStickerItem({ key, known: read }, item, kind));
    if (written.ok) this.unnamed.set(null);
  }

  private kindOf(item: string | null, key?: string): Kind | undefined {
    const ids = this.codes()
      .filter((each) => key === undefined || each.key === key)
      .map(({ items }) => items[item ?? '']);
    return this.store.kinds().find(({ id }) => ids.includes(id));
  }

  private fill(massDg: number | null, priceMinor: number | null): void {
    const total = priceMinor === null ? null : this.label.format().plainMoney(priceMinor);
    this.empty();
    this.hasFilled = massDg !== null || total !== null;
    this.label.type({
      ...(massDg === null ? {} : { weight: this.format.mass(massDg) }),
      ...(total === null ? {} : { total: total.replace('.', this.store.settings().decimal) }),
      // Two of weight, price and total say the third.
      ...(massDg !== null && total !== null ? { price: '' } : {}),
    });
  }

  private found(massDg: number | null, priceMinor: number | null): string {
    const things = [
      massDg === null ? '' : this.format.mass(massDg),
      priceMinor === null ? '' : this.label.format().money(priceMinor),
    ].filter(Boolean);
    return things.length === 0 ? 'Neither weight nor price is in it.' : `${things.join(' for ')}.`;
  }
}
