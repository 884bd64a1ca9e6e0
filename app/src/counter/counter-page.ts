import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Router } from '@angular/router';
import { KINDS } from '@core/catalogue/kinds';
import { findKinds } from '@core/catalogue/find-kinds';
import type { Kind } from '@core/catalogue/kind-schema';
import type { FactOf } from '@core/journal/entry';
import { askQuestion, questionsAbout } from '@core/journal/questions';
import { completePurchase, disagrees, type LabelFigures } from '@core/price/complete-purchase';
import { Clock } from '../data/clock';
import { Figures } from '../data/figures';
import { HOUSEHOLD_NAME } from '../data/household-name';
import { HouseholdStore } from '../data/household-store';
import { Notices } from '../data/notices';
import { Ask } from '../kit/ask';
import { ShopPrices } from './shop-prices';

/** Buying a piece: what it is, what it weighs, what was paid; and what the shop asks for it cut. */
@Component({
  selector: 'v-counter-page',
  imports: [FormsModule, ShopPrices],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './counter-page.html',
  styleUrl: './counter-page.css',
})
export class CounterPage {
  protected readonly store = inject(HouseholdStore);
  protected readonly figures = inject(Figures);
  private readonly clock = inject(Clock);
  private readonly notices = inject(Notices);
  private readonly ask = inject(Ask);
  private readonly router = inject(Router);
  private readonly household = inject(HOUSEHOLD_NAME);

  protected readonly search = signal('');
  protected readonly kind = signal<Kind>(KINDS[0] as Kind);
  protected readonly way = linkedSignal(() => this.kind().ways[0]?.id ?? '');
  protected readonly count = signal('1');
  protected readonly shop = signal('');
  protected readonly date = signal(this.clock.today());
  protected readonly weight = signal('');
  protected readonly price = signal('');
  protected readonly total = signal('');
  protected readonly discount = signal('');
  protected readonly today = this.clock.today();

  protected readonly found = computed(() => findKinds(KINDS, this.search()));
  protected readonly isCounted = computed(() => this.kind().animal === 'chicken' || this.kind().animal === 'turkey');
  protected readonly wayAbout = computed(() => this.kind().ways.find(({ id }) => id === this.way())?.about ?? '');

  private readonly typed = computed(() => ({
    mass: this.figures.parseMass(this.weight(), 'large'),
    perKgMinor: this.figures.parsePerUnit(this.price()),
    totalMinor: this.figures.parseMoney(this.total()),
    discountMinor: this.discount().trim() === '' ? 0 : this.figures.parseMoney(this.discount()),
  }));

  private readonly label = computed<LabelFigures>(() => {
    const { mass, perKgMinor, totalMinor, discountMinor } = this.typed();
    return { massDg: mass?.massDg ?? null, perKgMinor, totalMinor, discountMinor: discountMinor ?? 0 };
  });

  protected readonly purchase = computed(() => completePurchase(this.label()));

  /** What is wrong with each field as it stands; nothing while it is empty. */
  protected readonly wrong = computed(() => {
    const { mass, perKgMinor, totalMinor, discountMinor } = this.typed();
    const filled = (text: string): boolean => text.trim() !== '';
    return {
      weight: !filled(this.weight()) ? '' : mass === null ? `That is not a weight. Write it like 5.2 ${this.figures.priceUnit()}, 4 lb 5 oz or 1250 g.` : mass.massDg <= 0 ? 'A weight is more than zero.' : '',
      price: filled(this.price()) && (perKgMinor === null || perKgMinor < 0) ? 'That is not a price.' : '',
      total: filled(this.total()) && (totalMinor === null || totalMinor < 0)
        ? 'That is not an amount of money.'
        : disagrees(this.label()) ? 'Weight times price gives another total. The total counts.' : '',
      discount: filled(this.discount()) && (discountMinor === null || discountMinor < 0)
        ? 'That is not an amount of money.'
        : this.purchase() === null && completePurchase({ ...this.label(), discountMinor: 0 }) !== null ? 'The discount is more than the total.' : '',
      count: this.isCounted() && !/^[1-9]\d{0,2}$/.test(this.count().trim()) ? 'A whole number from 1.' : '',
    };
  });

  protected readonly ready = computed(() => this.purchase() !== null && Object.entries(this.wrong()).every(([field, text]) => text === '' || field === 'total'));

  protected choose(kind: Kind): void {
    this.kind.set(kind);
  }

  private whyNot(): string {
    const wrong = Object.entries(this.wrong()).find(([field, text]) => text !== '' && field !== 'total');
    return wrong?.[1] ?? 'Two of weight, price and total are needed to buy it.';
  }

  protected async buy(prices: ShopPrices): Promise<void> {
    const purchase = this.purchase();
    if (!purchase || !this.ready()) return this.notices.problem(this.whyNot());
    const lot = this.clock.newId();
    const fact: FactOf<'received'> = {
      type: 'received',
      lot,
      kind: this.kind().id,
      count: this.isCounted() ? Number(this.count()) : 1,
      massDg: purchase.massDg,
      typed: this.typed().mass?.typed,
      paidMinor: purchase.paidMinor,
      shop: this.shop().trim() || undefined,
      way: this.way(),
      on: this.date() || this.today,
    };
    const questions = questionsAbout(this.store.state(), fact).map((question) => askQuestion(question, (massDg) => this.figures.mass(massDg)));
    if (questions.length > 0 && !(await this.ask.confirm('Is this right?', questions.join(' '), 'Yes, buy it'))) return;
    if (!(await prices.write())) return;
    const written = await this.store.append(fact);
    if (this.notices.tell(written, `${this.kind().name} bought. It is on the Block.`)) {
      await this.router.navigate(['/', this.household, 'block', lot]);
    }
  }
}
