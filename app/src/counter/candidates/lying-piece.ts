import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  linkedSignal,
  output,
  untracked,
} from '@angular/core';
import type { Kind } from '@core/catalogue/kind-schema';
import { unusualWeight } from '@core/deeds/questions';
import { inAllWords, leftOverWords, portionsWords, slipWords } from '@core/format/candidate-words';
import { Format } from '@core/format/format';
import { PRICED_BY, type AskedOfLabel, type LabelAnswer } from '@core/format/label-words';
import { typedPrice } from '@core/price/typed-price';
import type { ReadLying } from '@core/price/read-lying';
import type { ComparedCandidate } from '@core/yield/candidates';
import { HouseholdStore } from '../../household/household-store';
import { Choice, type Options } from '../../ui/field/choice';
import { Few } from '../../ui/field/few';
import { TextField } from '../../ui/field/text-field';
import { PieceDrawing } from '../../ui/piece/piece-drawing';
import type { Span } from '../../ui/tape/tape-layout';
import { GapPrices } from '../answer/gap-prices';
import { LabelQuestion } from '../label/label-question';
import { MarksSeen } from '../label/marks-seen';
import { UNITS_ASKED } from '../label/priced-by';
import { figuresOf, type Lying } from './compared';
import { PortionRuler } from './portion-ruler';

/** One of the pieces that lie there, as a row of the one ruler; its figures and what is seen on it open in it. */
@Component({
  selector: 'v-lying-piece',
  imports: [Choice, Few, GapPrices, LabelQuestion, MarksSeen, PieceDrawing, PortionRuler, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './lying-piece.html',
  styleUrl: './lying-piece.css',
})
export class LyingPiece {
  protected readonly format = inject(Format);
  private readonly store = inject(HouseholdStore);
  /** Null while nobody has said which. */
  readonly kind = input.required<Kind | null>();
  /** What it is called here, and the how manieth it is. */
  readonly name = input.required<string>();
  readonly number = input.required<number>();
  readonly lying = input.required<Lying>();
  readonly read = input.required<ReadLying | null>();
  readonly result = input.required<ComparedCandidate | undefined>();
  /** What is asked of its figures where they cannot be meant. */
  readonly doubt = input<AskedOfLabel | null>(null);
  readonly span = input.required<Span | null>();
  readonly isBest = input(false);
  readonly canGo = input(false);
  /** What one goes for, to stand in while no price is typed. */
  readonly goingPerKg = input.required<number | null>();
  readonly changed = output<Partial<Lying>>();
  readonly taken = output();
  readonly gone = output();

  private readonly id = computed(() => this.lying().id);
  /** A piece without a price is open for it, and stays open while it is typed. */
  protected readonly isOpen = linkedSignal({
    source: this.id,
    computation: () => untracked(() => this.lying().price.trim() === ''),
  });

  protected readonly units = UNITS_ASKED;
  protected readonly pricedBy = PRICED_BY;
  protected readonly kinds = computed((): Options<string> => [
    ['', 'which piece?'],
    ...this.store.kinds().map(({ id, name }) => [id, name] as const),
  ]);
  protected readonly ways = computed((): Options<string> =>
    (this.kind()?.ways ?? []).map(({ id, name }) => [id, name] as const),
  );
  protected readonly way = computed(() => this.result()?.candidate.way.id ?? this.lying().way);

  /** The price as it is asked, and the weight, typed or taken. */
  protected readonly asked = computed(() => {
    const [read, { price, pricedBy }] = [this.read(), this.lying()];
    if (!read || read.perKgMinor === null) return '';
    const of = { kg: '/kg', lb: '/lb', '100g': '/100 g', piece: ' each' }[pricedBy];
    const minor = typedPrice(price, this.format.style())?.minor;
    const typed = minor === undefined ? '' : this.format.money(minor) + of;
    const weight = read.isUsualWeight
      ? `a usual ${this.format.roughMass(read.massDg)}`
      : this.format.mass(read.massDg);
    return `${read.isGoing ? `goes for ${this.format.perUnit(read.perKgMinor)}` : typed} · ${weight}`;
  });
  protected readonly goingText = computed(() => {
    const going = this.goingPerKg();
    const isByWeight = this.lying().pricedBy === this.format.priceUnit();
    return going === null || !isByWeight
      ? this.format.currencySign()
      : `going ${this.format.plainPerUnit(going)}`;
  });
  protected readonly problem = computed(() => {
    const [kind, read] = [this.kind(), this.read()];
    if (!kind || !read) return { price: '', weight: '' };
    const { weight, price } = this.lying();
    const isAsked = (field: 'price' | 'weight'): boolean =>
      this.doubt()?.answers.some(({ mended }) => field in mended) ?? false;
    const isAlone = weight.trim() !== '' && price.trim() === '' && this.goingPerKg() === null;
    return {
      price: (isAsked('price') ? '' : read.wrong.price) || (isAlone ? 'Type its price: none is known.' : ''),
      weight: isAsked('weight') ? '' : read.wrong.weight,
    };
  });
  protected readonly weightHint = computed(() => {
    const [kind, read] = [this.kind(), this.read()];
    if (!kind || !read) return '';
    if (this.doubt()) return '';
    if (read.isUsualWeight) return `A usual ${this.format.roughMass(read.massDg)} is taken.`;
    const [question] = unusualWeight(kind.id, read.massDg);
    return question ? `One is usually ${this.format.roughSpan(...question.usualDg)}. Is it right?` : '';
  });

  protected answer({ mended, isSure }: LabelAnswer): void {
    this.changed.emit(isSure ? { sureOf: figuresOf(this.lying()) } : mended);
  }

  protected readonly say = (minor: number): string => this.format.money(Math.round(minor));
  protected readonly marks = computed(() => {
    const result = this.result();
    return result
      ? { ours: result.portionMinor, range: result.portionRange, shop: result.shopPortionMinor }
      : null;
  });
  protected readonly more = computed(() => (this.result()?.isLowerBound ? ' or more' : ''));
  protected readonly told = computed(() => {
    const result = this.result();
    if (!result) return '';
    const [low, high] = result.portionRange.map(this.say);
    const shop =
      result.shopPortionMinor === null
        ? ''
        : `, bought cut ${this.say(result.shopPortionMinor)}${this.more()}`;
    return `A portion costs ${this.say(result.portionMinor)}${shop}; four times in five ${low} to ${high}`;
  });
  /** Portions as they stand beside what one costs, and the time. */
  protected readonly makes = computed(() => {
    const result = this.result();
    if (!result) return '';
    return `${portionsWords(result.portions, this.format)} · ${result.minutes} min`;
  });
  protected readonly saves = computed(() => {
    const result = this.result();
    return result ? inAllWords(result, this.format) : '';
  });
  /** What it comes to besides. */
  protected readonly besides = computed(() => {
    const result = this.result();
    if (!result) return [];
    const partOf = (id: string): string => {
      const part = this.kind()?.parts.find((each) => each.id === id);
      return part?.portion ?? part?.name ?? id;
    };
    return [
      ['You pay', this.format.money(result.paidMinor)],
      ['Left over', leftOverWords(result, this.format)],
      ['A slip', slipWords(result, partOf, this.format)],
    ].filter(([, value]) => value !== '');
  });
  protected readonly hasGaps = computed(() => this.result()?.isLowerBound ?? false);
}
