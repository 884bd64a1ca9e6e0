import { computed, effect, inject, Injectable } from '@angular/core';
import { wholePieceItem, type ShopItem } from '@core/catalogue/shop-items';
import { usualWeightDg } from '@core/catalogue/usual-weight';
import { unusualWeight } from '@core/deeds/questions';
import { Format } from '@core/format/format';
import { askOfLabel, type AskedOfLabel } from '@core/format/label-words';
import { howLowWords } from '@core/format/price-words';
import { tellVerdict } from '@core/format/verdict-words';
import { bestSeen } from '@core/price/best-seen';
import { goingPrice } from '@core/price/going-price';
import { howLow } from '@core/price/how-low';
import { typedPrice } from '@core/price/typed-price';
import { labelDoubts } from '@core/price/label-doubts';
import { habitOfWay, isWorthKnown, kindAndWay, predict } from '@core/yield/prediction';
import { roomForSlips } from '@core/yield/room-for-slips';
import { verdictOf } from '@core/yield/verdict';
import { WorthDraws } from '../../compute/worth-draws';
import { Clock } from '../../household/clock';
import { HouseholdStore } from '../../household/household-store';
import { PieceAsked } from '../piece/piece-asked';
import { ReadyCut } from './ready-cut';

/** The answer at the Counter, as far as it can be given: all that follows from what was said. */
@Injectable()
export class AnswerNow {
  private readonly store = inject(HouseholdStore);
  private readonly format = inject(Format);
  private readonly clock = inject(Clock);
  private readonly piece = inject(PieceAsked);
  private readonly label = this.piece.label;
  private readonly readyCut = inject(ReadyCut);
  private readonly draws = inject(WorthDraws);

  readonly on = computed(() => this.readyCut.date() || this.clock.today());
  private readonly book = computed(() => this.readyCut.basis().pricing.book);
  readonly asked = computed(() => {
    const kind = this.piece.kind();
    return kind && (kindAndWay(kind.id, this.piece.wayId()) ?? { kind, way: kind.ways[0]! });
  });
  private readonly habit = computed(() => {
    const asked = this.asked();
    return asked && habitOfWay(this.store.state(), asked);
  });
  private readonly item = computed(() => wholePieceItem(this.piece.kind()?.id ?? ''));
  readonly going = computed(() => goingPrice(this.book(), this.item(), this.on(), this.piece.grade()));
  readonly best = computed(() => bestSeen(this.book(), this.item(), this.on()));

  /** A usual weight stands in while none is typed. */
  readonly massDg = computed(() => {
    const kind = this.piece.kind();
    const typedDg = this.second() ? null : this.label.massDg();
    return typedDg ?? (kind ? usualWeightDg(kind) * this.piece.pieces() : 0);
  });
  readonly kg = computed(() => this.massDg() / 10_000);
  private readonly isRefused = computed(() =>
    Object.values(this.label.wrong()).some((problem) => problem !== ''),
  );
  /** While something of it is in doubt nothing counts it. */
  private readonly isInDoubt = computed(() => this.second() !== null);
  /** What is asked for a kilogram once all is off; by the piece, for one of the usual weight. */
  readonly perKg = computed(() => {
    const perKg = this.isInDoubt() ? null : this.label.paidPerKg();
    if (perKg !== null || this.isInDoubt() || this.label.pricedBy() !== 'piece' || this.isRefused())
      return perKg;
    const price = typedPrice(this.label.price(), this.label.format().style());
    const coins = this.label.coins();
    const each = price?.minor ?? 0;
    if (each <= 0 || coins === null) return null;
    return (each * coins * this.piece.pieces()) / this.kg();
  });

  readonly prediction = computed(() => {
    const [asked, habit] = [this.asked(), this.habit()];
    if (!asked || !habit) return null;
    const question = { massDg: this.massDg(), marks: this.piece.marks(), on: this.on() };
    return predict(asked, habit, this.readyCut.basis(), question);
  });
  /** Whether enough of it has a price bought cut to say where it is even money. */
  private readonly isPriced = computed(() => {
    const prediction = this.prediction();
    return prediction !== null && isWorthKnown(prediction);
  });
  readonly isMissing = computed(() => (this.prediction()?.missing.length ?? 0) > 0);
  readonly verdict = computed(() => {
    const [prediction, worth, perKg] = [this.prediction(), this.draws.worth(), this.perKg()];
    return prediction && worth && perKg !== null ? verdictOf(prediction, worth, perKg, this.kg()) : null;
  });
  readonly told = computed(() => {
    const verdict = this.verdict();
    return verdict && tellVerdict(verdict, this.isMissing(), this.format);
  });
  /** Even money for a kilogram; null while nothing is priced. */
  readonly even = computed(() => {
    const mean = this.isPriced() ? (this.prediction()?.worthPerKg.mean ?? 0) : 0;
    return mean > 0 ? mean : null;
  });
  /** Where even money lies four times in five. */
  readonly evenRange = computed((): readonly [number, number] | null => {
    const worth = this.draws.worth();
    const at = (share: number): number => worth?.[Math.round(share * (worth.length - 1))] ?? 0;
    return worth && this.isPriced() ? [at(0.1), at(0.9)] : null;
  });

  /** What settles an open answer: what the shop calls it, and the one to ask for first. */
  readonly settles = computed(() => {
    const [settles, prediction] = [this.verdict()?.settles, this.prediction()];
    if (!settles || !prediction) return null;
    const items = settles.parts.flatMap((part): ShopItem[] => {
      const price = prediction.parts.find((each) => each.part === part)?.price;
      return price?.item ? [price.item] : [];
    });
    return { ...settles, items: [...new Set(items)] };
  });

  readonly slips = computed(() => {
    const [prediction, kind, perKgMinor] = [this.prediction(), this.piece.kind(), this.perKg()];
    if (!prediction || !kind || perKgMinor === null || this.verdict()?.answer === 'open') return null;
    const { pricing } = this.readyCut.basis();
    return roomForSlips(prediction, kind, pricing, { perKgMinor, massDg: this.massDg(), on: this.on() });
  });

  /** How the price stands among those seen. */
  readonly howLow = computed(() => {
    const perKg = this.perKg();
    const low = perKg === null ? null : howLow(this.book(), this.item(), perKg, this.on());
    return low ? howLowWords(low, this.clock.today()) : '';
  });
  /** A weight that one piece does not usually have is said to be that while it is typed. */
  readonly weightHint = computed(() => {
    const [kind, massDg] = [this.piece.kind(), this.label.massDg()];
    if (!kind || massDg === null || this.second()) return '';
    const [question] = unusualWeight(kind.id, massDg / this.piece.pieces());
    return question ? `One is usually ${this.format.roughSpan(...question.usualDg)}. Is it right?` : '';
  });
  /** What deserves a second look, with what can be answered. */
  readonly second = computed((): AskedOfLabel | null => {
    const kind = this.piece.kind();
    if (!kind || this.label.isSure()) return null;
    const [going, coins] = [this.going()?.perKgMinor ?? null, this.label.coins()];
    const known = { goingPerKg: going && coins && going / coins, usualG: kind.usualG };
    const [text, format] = [this.label.text(), this.label.format()];
    const [doubt] = labelDoubts(text, this.label.asPrinted(), format.labelStyle(), known);
    return doubt ? askOfLabel(doubt, text, format) : null;
  });
  /** What is wrong with a field, where it is not asked about already. */
  problemOf(field: 'price' | 'weight'): string {
    const isAsked = this.second()?.answers.some(({ mended }) => field in mended) ?? false;
    return isAsked ? '' : this.label.wrong()[field];
  }
  /** What stands in the way of buying; empty where nothing does. */
  readonly obstacle = computed(() => {
    if (!this.piece.kind()) return 'Choose first which piece it is.';
    return this.second()?.says ?? this.label.obstacle();
  });

  constructor() {
    effect(() => {
      const model = this.prediction()?.model;
      if (model) void this.draws.ask(model);
    });
  }

  /** What the shop sells, within a sentence. */
  nameOf({ name }: ShopItem): string {
    return name.charAt(0).toLowerCase() + name.slice(1);
  }
}
