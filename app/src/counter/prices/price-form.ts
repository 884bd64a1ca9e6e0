import { typedMass } from '@core/format/typed-mass';
import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { shopItem } from '@core/catalogue/shop-items';
import { afterPrice } from '@core/deeds/after-price';
import { COST_METHODS } from '@core/cost/method';
import type { Deed } from '@core/deeds/deed';
import { correctPrice, deletePrice, piecesWith } from '@core/deeds/note-prices';
import { movedWords } from '@core/format/moved-words';
import { Format } from '@core/format/format';
import { notedPrice } from '@core/format/noted-price';
import { askPrice } from '@core/format/price-words';
import { goingPrice } from '@core/price/going-price';
import { gradesOf } from '@core/price/of-grade';
import { asAsked } from '@core/price/as-asked';
import { perKg, rateOf } from '@core/price/rate';
import { notesOf, type KeyedNote } from '@core/price/price-book';
import { priceParts, typedPrice } from '@core/price/typed-price';
import { MOST_ASKED, type PriceNote, type PriceUnit } from '@core/price/price-note';
import { priceQuestions } from '@core/price/price-questions';
import { Clock } from '../../household/clock';
import { draftKey } from '../../household/draft-key';
import { HouseholdStore } from '../../household/household-store';
import { Ask } from '../../ui/ask/ask';
import { Check } from '../../ui/field/check';
import { Choice, type Options } from '../../ui/field/choice';
import { Day } from '../../ui/field/day';
import { Pick } from '../../ui/field/pick';
import { TextField } from '../../ui/field/text-field';
import { draftOf } from '../../ui/form/draft-of';
import { keepFormInTab } from '../../ui/form/keep-form-in-tab';

/** One price, written down or corrected in seconds: item, shop, price. The rest is preset. */
@Component({
  selector: 'v-price-form',
  imports: [Check, Choice, Day, Pick, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './price-form.html',
  styleUrl: './price-form.css',
})
export class PriceForm {
  protected readonly format = inject(Format);
  protected readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  private readonly ask = inject(Ask);
  readonly item = input.required<string>();
  /** A note to correct instead of writing a new one. */
  readonly editing = input<KeyedNote | null>(null);
  readonly chosen = output<string>();
  readonly done = output();

  protected readonly today = this.clock.today;
  protected readonly items = computed((): Options<string> =>
    this.store.shopItems().map(({ id, name }) => [id, name] as const),
  );
  private readonly book = computed(() => this.store.basis().pricing.book);
  protected readonly grades = computed(() => gradesOf(this.book()));
  private readonly key = (): string | undefined => this.editing()?.key;
  protected readonly shop = draftOf(() => this.editing()?.shop ?? '', this.key);
  protected readonly amount = draftOf(() => {
    const [note, asked] = [this.editing(), this.editing()?.asked];
    if (asked) return this.format.plainMoneyTyped(asked.minor);
    return note ? this.format.plainPerUnit(note.perKgMinor) : '';
  }, this.key);
  protected readonly unit = draftOf<PriceUnit>(
    () => this.editing()?.asked?.unit ?? this.format.priceUnit(),
    this.key,
  );
  protected readonly weight = draftOf(() => {
    const eachDg = this.editing()?.asked?.eachDg;
    return eachDg === undefined ? '' : this.format.mass(eachDg);
  }, this.key);
  protected readonly day = draftOf(() => this.editing()?.on ?? this.today(), this.key);
  protected readonly offer = draftOf(() => this.editing()?.offer ?? false, this.key);
  protected readonly grade = draftOf(() => this.editing()?.grade ?? '', this.key);
  protected readonly note = draftOf(() => this.editing()?.note ?? '', this.key);
  /** What is missing is said once somebody has tried. */
  protected readonly tried = draftOf(() => false, this.key);

  constructor() {
    const key = draftKey('price');
    // For the day: from another one it would have been seen on another.
    keepFormInTab(() => `${key()} ${this.today()} ${this.key() ?? ''} ${this.item()}`, {
      shop: this.shop,
      amount: this.amount,
      unit: this.unit,
      weight: this.weight,
      day: this.day,
      offer: this.offer,
      grade: this.grade,
      note: this.note,
    });
  }

  /** A unit that is typed behind the price is chosen beside it; one that is chosen takes its place. */
  protected type(change: { readonly price?: string; readonly unit?: PriceUnit }): void {
    const { price = this.amount(), unit = this.unit() } = change;
    const { amount, unit: typed } = priceParts(price);
    this.amount.set(change.unit === undefined ? price : amount);
    this.unit.set(change.unit ?? typed ?? unit);
  }

  protected readonly units: Options<PriceUnit> = [
    ['kg', 'a kg'],
    ['lb', 'a lb'],
    ['100g', '100 g'],
    ['piece', 'a piece'],
    ['pack', 'a pack'],
  ];
  protected readonly isCounted = computed(() => this.unit() === 'piece' || this.unit() === 'pack');

  protected readonly last = computed(() => {
    const notes = notesOf(this.book(), this.item());
    const here = notes.findLast(({ shop }) => shop === this.shop().trim()) ?? notes.at(-1);
    return here ? `last ${this.format.plainPerUnit(perKg(rateOf(here)))}` : this.format.currencySign();
  });
  private readonly minor = computed(() => typedPrice(this.amount(), this.format.style())?.minor ?? null);
  private readonly each = computed(() => typedMass(this.weight(), 'small', this.format));
  /** As it would be written down; null while it is no price. */
  private readonly price = computed(() => {
    const [minor, each] = [this.minor(), this.each()];
    if (minor === null || minor <= 0 || minor > MOST_ASKED) return null;
    const eachDg = this.isCounted() && each && each.massDg > 0 ? { eachDg: each.massDg } : {};
    return asAsked({ minor, unit: this.unit(), ...eachDg });
  });
  private readonly perKg = computed(() => {
    const price = this.price();
    return price && perKg(rateOf(price));
  });

  /** What is wrong with the price: at once where it cannot be read, and a missing one once it was tried. */
  protected readonly wrongAmount = computed(() => {
    if (this.amount().trim() === '') return this.tried() ? 'Type a price.' : '';
    const minor = this.minor();
    if (minor !== null && minor > MOST_ASKED) return 'That is more than meat costs. Look at the figure.';
    return minor === null || minor <= 0 ? 'That is not a price. Write it like 24.50.' : '';
  });
  protected readonly wrongWeight = computed(() => {
    if (this.weight().trim() === '') return this.tried() ? 'So that its price can be compared.' : '';
    return (this.each()?.massDg ?? 0) > 0 ? '' : `Like 450 ${this.format.smallUnit()}.`;
  });

  protected readonly said = computed(() => {
    const perKg = this.perKg();
    if (perKg !== null && this.unit() !== this.format.priceUnit())
      return `That is ${this.format.perUnit(perKg)}.`;
    const going = goingPrice(this.book(), this.item(), this.day(), this.grade().trim() || null);
    return going
      ? `Goes for ${this.format.perUnit(going.perKgMinor)}, from ${going.notes.length === 1 ? 'one shop' : going.notes.length + ' shops'}, ${this.format.age(going.notes[0]!.on)}.`
      : 'No price of it is known yet.';
  });

  protected async save(): Promise<void> {
    this.tried.set(true);
    const value = this.read();
    if (!value) return;
    const questions = priceQuestions(this.book(), value, this.editing()?.key);
    const double = questions.find((question) => question.code === 'same-day');
    const text = questions.map((question) => askPrice(value, question, this.format)).join(' ');
    const yes = double ? 'Put this one in its place' : 'Note this price';
    if (text && !(await this.ask.confirm('Is this price right?', text, yes))) return;
    const key = this.editing()?.key ?? double?.other.key ?? this.clock.newId();
    const said = `${shopItem(value.item)?.name}, ${value.shop}: ${notedPrice(value, this.format)}`;
    const deed = correctPrice(this.store.household(), key, value, said);
    if (!(await this.moves(deed, key))) return;
    const written = await this.store.perform(deed);
    if (!written.ok) return;
    for (const field of [this.amount, this.weight, this.note]) field.set('');
    this.tried.set(false);
    this.done.emit();
  }

  /** What closed pieces counted with is put right with it, once somebody has seen what that moves. */
  private async moves(deed: Deed, key: string): Promise<boolean> {
    const household = this.store.household();
    const words = movedWords(
      afterPrice(household, deed, COST_METHODS[this.store.costMethod()]),
      piecesWith(household, key).length,
      this.format,
    );
    return words === '' || this.ask.confirm('Correct what was counted with it?', words, 'Correct all of it');
  }

  /** The price as it would be written down; null while it is none. */
  private read(): PriceNote | null {
    const price = this.price();
    if (price === null) return null;
    const [grade, note] = [this.grade().trim(), this.note().trim()];
    return {
      item: this.item(),
      shop: this.shop().trim() || 'unnamed shop',
      ...price,
      on: this.day() || this.today(),
      ...(this.unit() === 'kg' ? {} : { typed: `${priceParts(this.amount()).amount.trim()}/${this.unit()}` }),
      ...(this.offer() ? { offer: true } : {}),
      ...(grade ? { grade } : {}),
      ...(note ? { note } : {}),
    };
  }

  protected async remove(): Promise<void> {
    const key = this.editing()?.key;
    if (!key) return;
    if ((await this.store.perform(deletePrice(key))).ok) this.done.emit();
  }
}
