import { buy } from '@core/deeds/buy';
import { howLowWords } from '@core/format/price-words';
import { ChangeDetectionStrategy, Component, computed, effect, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { ActivatedRoute, Router } from '@angular/router';
import { findKinds } from '@core/catalogue/find-kinds';
import { KINDS } from '@core/catalogue/kinds';
import type { Lot } from '@core/ledger/lot';
import { rollup } from 'd3-array';
import type { Kind } from '@core/catalogue/kind-schema';
import { wholePieceItem } from '@core/catalogue/shop-items';
import { coldAsBought } from '@core/freeze/as-bought';
import { keepingOf } from '@core/freeze/keeping';
import { roomOfAll } from '@core/freeze/room';
import type { FactOf } from '@core/ledger/entry';
import { askQuestion, questionsAbout, unusualWeight } from '@core/deeds/questions';
import { meanPlateDg } from '@core/pack/eater';
import { meatPerWeekDg } from '@core/pack/pace';
import { goingPrice } from '@core/price/going-price';
import { howLow } from '@core/price/how-low';
import { daysBetween } from '@core/units/date';
import { toDg } from '@core/units/mass';
import { usualMinutes } from '@core/yield/minutes';
import { habitOfWay, kindAndWay, predict } from '@core/yield/prediction';
import { verdictOf } from '@core/yield/verdict';
import { Clock } from '../household/clock';
import { Format } from '@core/format/format';
import { HOUSEHOLD_NAME } from '../household/household-name';
import { HouseholdStore } from '../household/household-store';
import { Notices } from '../household/notices';
import { WorthDraws } from '../compute/worth-draws';
import { Ask } from '../ui/ask/ask';
import { EnterGoesOn } from '../ui/form/enter-goes-on';
import { LabelDate } from '../household/parts/label-date';
import { AnswerRibbon } from './answer/answer-ribbon';
import { AnswerSlip, type Consideration } from './answer/answer-slip';
import { ExpectedParts } from './answer/expected-parts';
import { LabelForm } from './label/label-form';
import { MarksSeen } from './label/marks-seen';
import { PieceAsked } from './answer/piece-asked';
import { PriceCurve } from './answer/price-curve';
import { StickerReader, type LabelDay } from './label/sticker-reader';
import { ShopPrices } from './answer/shop-prices';
import { WaysCompared } from './answer/ways-compared';
import { ReadyCut } from './answer/ready-cut';

/** The question at the counter: at this price, for us, now, is this piece worth it? */
@Component({
  selector: 'v-counter-page',
  imports: [
    EnterGoesOn,
    LabelDate,
    FormsModule,
    AnswerRibbon,
    AnswerSlip,
    ExpectedParts,
    LabelForm,
    MarksSeen,
    PriceCurve,
    ShopPrices,
    WaysCompared,
    StickerReader,
  ],
  providers: [WorthDraws],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './counter-page.html',
  styleUrl: './counter-page.css',
})
export class CounterPage {
  protected readonly store = inject(HouseholdStore);
  protected readonly format = inject(Format);
  private readonly piece = inject(PieceAsked);
  protected readonly label = this.piece.label;
  protected readonly draws = inject(WorthDraws);
  private readonly clock = inject(Clock);
  private readonly notices = inject(Notices);
  private readonly ask = inject(Ask);
  private readonly router = inject(Router);
  private readonly household = inject(HOUSEHOLD_NAME);

  protected readonly search = signal('');
  /** What another page asks about. */
  private readonly asks = inject(ActivatedRoute).snapshot.queryParamMap.get('kind');
  protected readonly kind = this.piece.kind;
  protected readonly wayId = this.piece.wayId;
  protected readonly marks = this.piece.marks;
  protected readonly readyCut = inject(ReadyCut);
  protected readonly shop = this.readyCut.shop;
  protected readonly date = this.readyCut.date;
  protected readonly today = this.clock.today;
  protected readonly dated = this.piece.dated;
  protected readonly until = this.piece.until;
  protected readonly kept = this.piece.kept;

  protected readonly found = computed(() => findKinds(this.store.kinds(), this.search()));
  protected readonly showsAll = signal(false);
  /** While nothing is searched, the kinds bought most often; the chosen one stays in sight. */
  protected readonly shown = computed(() => {
    const found = this.found();
    if (this.search().trim() !== '' || this.showsAll() || found.length <= SHOWN_KINDS) return found;
    const often = mostBought(found, this.store.pieces());
    return often.slice(0, SHOWN_KINDS).includes(this.kind())
      ? often.slice(0, SHOWN_KINDS)
      : [...often.slice(0, SHOWN_KINDS - 1), this.kind()];
  });
  protected readonly isCounted = computed(() => this.kind().severalAtOnce ?? false);
  protected readonly isBird = this.piece.isBird;
  protected readonly pieces = computed(() => (this.isCounted() ? this.label.pieces() || 1 : 1));
  private readonly on = computed(() => this.date() || this.today());

  private readonly asked = computed(
    () => kindAndWay(this.kind().id, this.wayId()) ?? { kind: this.kind(), way: this.kind().ways[0]! },
  );
  private readonly habit = computed(() => habitOfWay(this.store.state(), this.asked()));

  /** What the piece goes for, to stand in while no price is typed. */
  protected readonly going = computed(() =>
    goingPrice(this.readyCut.basis().pricing.book, wholePieceItem(this.kind().id), this.on()),
  );
  protected readonly goingPerKg = computed(() => this.going()?.perKgMinor ?? null);
  protected readonly perKg = computed(() => this.label.paidPerKg() ?? this.goingPerKg());
  protected readonly massDg = computed(() => this.label.massDg() ?? usualDg(this.kind()) * this.pieces());
  protected readonly kg = computed(() => this.massDg() / 10_000);

  protected readonly prediction = computed(() =>
    predict(this.asked(), this.habit(), this.readyCut.basis(), {
      massDg: this.massDg(),
      marks: this.marks(),
      on: this.on(),
    }),
  );
  protected readonly isPriced = computed(() => this.prediction().model.perKgMinor.some((value) => value > 0));
  protected readonly verdict = computed(() => {
    const [worth, perKg] = [this.draws.worth(), this.perKg()];
    return worth && perKg !== null ? verdictOf(this.prediction(), worth, perKg, this.kg()) : null;
  });
  /** What settles an open answer, as the shop calls it. */
  protected readonly settlesOn = computed(() => {
    const parts = this.verdict()?.settles?.parts ?? [];
    const names = [...new Set(parts.map((part) => this.shopName(part)))];
    return names.length > 1 ? `${LIST.format(names)}, one with another,` : (names[0] ?? '');
  });
  /** The price that the slider is at: it moves what is typed. */
  protected readonly sliderPrice = computed(() => this.perKg() ?? this.prediction().worthPerKg.mean);

  protected readonly assumption = computed(() => {
    const price =
      this.label.paidPerKg() !== null
        ? `at ${this.format.perUnit(this.label.paidPerKg()!)}`
        : this.goingPerKg() !== null
          ? `at the going price, ${this.format.perUnit(this.goingPerKg()!)}`
          : 'price not known yet';
    return `${price}, ${this.label.massDg() !== null ? this.format.mass(this.massDg()) : `a usual ${this.format.roughMass(this.massDg())}`}`;
  });
  protected readonly why = computed(() => {
    const { missing, usable } = this.prediction();
    if (this.perKg() === null) return 'Type what is asked for it, and the answer is here.';
    // "breast, bone-in" in a row of names would read as two of them.
    const names = missing.map((part) => this.partName(part).replace(/, (.*)/, ' ($1)'));
    const unknown = ` Not known: the shop’s price of ${LIST.format(names)}`;
    const rest =
      missing.length === 0
        ? ''
        : this.verdict()?.answer === 'open'
          ? `${unknown}. Type it below, and there is an answer.`
          : `${unknown}; whatever it may be, the answer stays.`;
    return `${this.format.percent(usable.share, 0)} of it is usable, so a usable ${this.format.priceUnit()} comes to ${this.format.perUnit(this.perKg()! / usable.share).split('/')[0]}.${rest}`;
  });

  /** Raw boneless meat that it is expected to give. */
  private readonly meatDg = computed(() => this.prediction().meat.share * this.massDg());
  private readonly plateDg = computed(() => meanPlateDg(this.store.settings()));
  private readonly eaters = computed(() => Math.max(1, this.store.settings().eaters.length));
  protected readonly packDg = computed(() => this.plateDg() * this.eaters());
  private readonly pace = computed(() => meatPerWeekDg(this.store.state(), this.today()));
  protected readonly facts = computed<Consideration[]>(() =>
    [this.plateFact(), this.dinnersFact(), this.weeksFact(), this.roomFact(), this.knifeFact()].filter(
      (fact) => fact !== null,
    ),
  );

  protected readonly priceHint = computed(() => {
    const perKg = this.label.paidPerKg();
    const low =
      perKg === null
        ? null
        : howLow(this.readyCut.basis().pricing.book, wholePieceItem(this.kind().id), perKg, this.on());
    return low ? howLowWords(low, this.clock.today()) : '';
  });

  /** A weight that one piece does not usually have is said to be that while it is typed, not only when it is bought. */
  protected readonly weightHint = computed(() => {
    const [massDg, pieces] = [this.label.massDg(), Math.max(1, this.label.pieces())];
    const [question] = massDg === null ? [] : unusualWeight(this.kind().id, massDg / pieces);
    return question ? `One is usually ${this.format.roughSpan(...question.usualDg)}. Is it right?` : '';
  });

  constructor() {
    // A kind of one's own may have been changed, or taken out, since it was asked about.
    const wanted = this.asks ?? this.kind().id;
    // What was typed for another kind is not this one's label.
    if (wanted !== this.kind().id) this.piece.forget();
    this.kind.set(this.store.kinds().find(({ id }) => id === wanted) ?? (KINDS[0] as Kind));
    effect(() => {
      this.draws.ask(this.prediction().model);
    });
  }

  /** What a sticker says of itself. */
  protected recognise({ shop, kind }: { readonly shop?: string; readonly kind?: Kind }): void {
    if (shop !== undefined) this.shop.set(shop);
    if (kind) this.choose(kind);
  }

  /** What a carton's code says of its date. */
  protected takeDate(day: LabelDay | null): void {
    this.dated.set(day?.dated ?? '');
    this.until.set(day?.until ?? '');
  }

  /** Until when it would keep, where that is short; and what a reduced one lacks. */
  protected readonly shortDate = computed(() => {
    if (this.label.discountKind() === 'reduced' && !this.until())
      return 'Reduced, because its date is short: write the date below. Until when to cut or freeze it follows from that.';
    const [now, dayOf] = [this.clock.now(), (at: string) => this.clock.dayOf(at)];
    const cold = this.until()
      ? coldAsBought(
          this.fact(),
          { instant: now, today: this.today() },
          { settings: this.store.settings(), dayOf },
        )
      : null;
    if (!cold?.cookBy || daysBetween(this.today(), cold.cookBy) > SHORT_DAYS) return '';
    return cold.overdue
      ? 'It is past its date: leave it.'
      : `Cut or freeze it by ${this.format.weekday(cold.cookBy)}: its date is short.`;
  });

  /** Enter in the search takes what was found first; the directive goes on to its figures. */
  protected chooseFound(): void {
    const [first] = this.found();
    if (this.search().trim() !== '' && first) this.choose(first);
  }

  protected choose(kind: Kind): void {
    this.kind.set(kind);
    // The field for the count is gone then, and must not go on counting.
    if (!this.isCounted()) this.label.type({ count: '1' });
  }

  protected slide(perKgMinor: number): void {
    const price = this.format.plainPerUnit(perKgMinor);
    this.label.type({ total: '', pricedBy: this.format.priceUnit(), price });
  }

  protected partName(part: string): string {
    return (
      this.kind()
        .parts.find(({ id }) => id === part)
        ?.name.toLowerCase() ?? part
    );
  }

  /** As the shop calls what a part is compared with. */
  private shopName(part: string): string {
    const price = this.prediction().parts.find((each) => each.part === part)?.price;
    const name = price?.item?.name ?? this.partName(part);
    return name.charAt(0).toLowerCase() + name.slice(1);
  }

  private plateFact(): Consideration | null {
    const perKg = this.perKg();
    if (perKg === null) return null;
    const { share, low, high } = this.prediction().meat;
    const plate = (part: number): string =>
      this.format.money(Math.round((perKg * this.plateDg()) / 10_000 / part));
    return {
      name: 'a plate',
      value: plate(share),
      note: `${plate(high)} to ${plate(low)}, ${this.format.mass(this.plateDg())} raw, without bone`,
    };
  }

  private dinnersFact(): Consideration {
    const plates = Math.floor(this.meatDg() / this.plateDg());
    const dinners = plates / this.eaters();
    return {
      name: 'makes',
      value: `${this.format.number(dinners, Number.isInteger(dinners) || dinners >= 10 ? 0 : 1)} dinners for ${this.eaters()}`,
      note: this.format.count(plates, 'plate'),
    };
  }

  private weeksFact(): Consideration | null {
    if (this.pace() === 0) return null;
    const weeks = this.meatDg() / this.pace();
    const main = this.kind().parts.find(({ destination }) => destination === 'main');
    const keeping = keepingOf({
      animal: this.kind().animal,
      destination: 'main',
      part: main?.id ?? null,
      kind: this.kind().id,
      form: 'part',
      name: null,
    });
    return {
      name: 'lasts',
      value: `${this.format.number(weeks, weeks < 3 ? 1 : 0)} weeks`,
      note: keeping ? `at your pace; best within ${keeping.months[1]} months` : 'at your pace',
    };
  }

  private roomFact(): Consideration {
    const room = roomOfAll(this.store.appliances(), this.store.stock(), this.store.settings().freezerL);
    if (!room) return { name: 'freezer', value: 'size unknown', note: 'set it in the Freezer, under Places' };
    const { freeDg, perDayDg } = room;
    const neededDg = this.massDg() * (1 - (this.prediction().parts.at(-1)?.share ?? 0));
    const days = Math.ceil(neededDg / perDayDg);
    const keeping = keepingOf({
      animal: this.kind().animal,
      destination: 'main',
      part: 'x',
      kind: this.kind().id,
      form: 'part',
      name: null,
    });
    const waits =
      days - 1 <= (keeping?.days[1] ?? 2)
        ? `freeze it over ${days} days, the rest in the refrigerator`
        : `that would take ${days} days to freeze: longer than it keeps fresh`;
    return neededDg <= freeDg
      ? {
          name: 'freezer',
          value: 'it fits',
          note: `room for ${this.format.roughMass(freeDg)}${days > 1 ? `; ${waits}` : ''}`,
        }
      : {
          name: 'freezer',
          value: 'it does not fit',
          note: `room for ${this.format.roughMass(freeDg)} only`,
        };
  }

  private knifeFact(): Consideration {
    const minutes = usualMinutes(this.asked().kind, this.asked().way) * this.pieces();
    return {
      name: 'work',
      value: `${minutes} minutes`,
      note: this.kind().knife.enough ? 'a knife is enough' : 'needs a saw: ask the shop',
    };
  }

  /** The piece as far as it has been said. */
  private fact(): FactOf<'received'> {
    return {
      type: 'received',
      lot: '-',
      kind: this.kind().id,
      count: this.pieces(),
      massDg: this.massDg(),
      paidMinor: 0,
      shop: this.shop().trim() || undefined,
      way: this.wayId(),
      on: this.on(),
      until: this.until() || undefined,
      dated: (this.until() && this.dated()) || undefined,
      // A bird in its wrapping is sealed by its use-by date alone.
      kept: this.isBird() && this.kept() === 'open' ? undefined : this.kept(),
    };
  }

  protected async buy(prices: ShopPrices): Promise<void> {
    const purchase = this.label.purchase();
    const obstacle = this.label.obstacle();
    if (!purchase || obstacle) return this.notices.problem(obstacle);
    const fact: FactOf<'received'> = {
      ...this.fact(),
      lot: this.clock.newId(),
      massDg: purchase.massDg,
      typed: this.label.typedWeight(),
      paidMinor: purchase.paidMinor,
    };
    const questions = questionsAbout(this.store.state(), fact).map((question) =>
      askQuestion(question, (massDg) => this.format.mass(massDg)),
    );
    if (
      questions.length > 0 &&
      !(await this.ask.confirm('Is this right?', questions.join(' '), 'Yes, buy it'))
    )
      return;
    const noted = await prices.sure();
    if (!noted) return;
    const written = await this.store.perform(
      buy(fact, {
        marks: this.marks(),
        prices: noted,
        apart: this.label.apart(),
        newId: () => this.clock.newId(),
      }),
    );
    if (written.ok) {
      prices.taken();
      this.piece.forget();
      await this.router.navigate(['/', this.household, 'block', fact.lot]);
    }
  }
}

/** A date is short where it is so few days ahead. */
const SHORT_DAYS = 3;
/** How many kinds are offered before one searches. */
const SHOWN_KINDS = 6;
const LIST = new Intl.ListFormat('en-GB');

/** Those bought most often first; of two bought as often, the order of the catalogue. */
function mostBought(kinds: readonly Kind[], pieces: readonly Pick<Lot, 'kind'>[]): Kind[] {
  const count = rollup(
    pieces,
    (all) => all.length,
    ({ kind }) => kind,
  );
  return [...kinds].sort((a, b) => (count.get(b.id) ?? 0) - (count.get(a.id) ?? 0));
}

/** A usual weight of one piece, to stand in while none is typed. */
function usualDg({ usualG: [low, high] }: Kind): number {
  return toDg(Math.round((low + high) / 200) * 100, 'g');
}
