import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { buyNext, type Advice, type BuyNext } from '@core/dinner/buy-next';
import { wholePieceItem } from '@core/catalogue/shop-items';
import { roomOfAll } from '@core/freeze/room';
import { meanPlateDg } from '@core/journal/settings';
import { goingPrice } from '@core/price/going-price';
import { Clock } from '../data/clock';
import { Colds } from '../data/colds';
import { Figures } from '../data/figures';
import { HOUSEHOLD_NAME } from '../data/household-name';
import { HouseholdStore } from '../data/household-store';
import { PageTabs } from '../kit/page-tabs';
import { FREEZER_PAGES } from './pages';

const HEADS: Record<Advice, string> = {
  'buy-now': 'Buy soon',
  'on-offer': 'On offer now',
  'wait-for-offer': 'Wait for the offer',
  'no-room': 'Eat first',
  enough: 'Enough',
  'too-early': 'Too early to say',
};

/** What runs out when, and what to buy: a short list with its reasons. */
@Component({
  selector: 'v-buy-page',
  imports: [PageTabs, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="page">
      <v-page-tabs of="Freezer" [tabs]="pages" />
      <header>
        <h1>What to buy next</h1>
        <p>
          From what you eat, what lies there, and what your price book has seen. Weeks in which nothing was
          eaten do not count.
        </p>
      </header>
      @if (rows().length === 0) {
        <div class="empty">
          <h2>Nothing bought yet</h2>
          <p>Once pieces are bought, cut and eaten, this says which runs out first.</p>
        </div>
      }
      @for (row of rows(); track row.kind) {
        <section [attr.aria-label]="row.name" [class.press]="isPressing(row)">
          <p class="head">{{ heads[row.advice] }}</p>
          <div>
            <h2>{{ row.name }}</h2>
            <p class="why">{{ why(row) }}</p>
          </div>
          <dl>
            <div>
              <dt>Left</dt>
              <dd>
                {{ figures.number(row.plates, 0) }} plates,
                {{ figures.number(row.plates / eaters(), 1) }} dinners
              </dd>
            </div>
            @if (row.rate; as rate) {
              <div>
                <dt>You eat</dt>
                <dd>{{ figures.number(rate.low, 1) }} to {{ figures.number(rate.high, 1) }} plates a week</dd>
              </div>
            }
            @if (row.runsOut; as out) {
              <div>
                <dt>Runs out</dt>
                <dd>{{ row.plates === 0 ? 'none left' : span(out) }}</dd>
              </div>
            }
            @if (going(row); as price) {
              <div>
                <dt>Goes for</dt>
                <dd>{{ figures.perUnit(price) }}</dd>
              </div>
            }
          </dl>
          @if (isPressing(row)) {
            <a class="quiet" [routerLink]="['/', household, 'counter']" [queryParams]="{ kind: row.kind }"
              >Ask at the Counter</a
            >
          }
        </section>
      }
      <details>
        <summary>How is this computed?</summary>
        <p>
          Plates eaten of each kind in the last half year, by week; weeks without any meat at all are left
          out. The range is where your mean pace lies nine times in ten, from how much the weeks differ. Under
          six weeks, or under four dinners of a kind, nothing is claimed. An offer is likely where it came in
          at least as many years as make three in five (Laplace’s rule), within four months. A piece fits when
          its usable part does.
        </p>
      </details>
    </div>
  `,
  styles: `
    section {
      display: grid;
      grid-template-columns: 150px minmax(0, 1fr) 300px;
      gap: 6px 20px;
      border-top: 1px solid var(--line);
      padding: 14px 0;
      align-items: start;
    }
    section:first-of-type {
      border-top: 1.5px solid var(--ink);
    }
    .head {
      margin: 3px 0 0;
      color: var(--soft);
      font-weight: 600;
    }
    .press .head {
      color: var(--act);
    }
    h2 {
      font-size: 1.2rem;
    }
    .why {
      margin: 4px 0 0;
    }
    dl {
      margin: 0;
    }
    dl div {
      display: grid;
      grid-template-columns: 76px 1fr;
      gap: 8px;
    }
    dt {
      color: var(--soft);
    }
    dd {
      margin: 0;
    }
    .quiet {
      grid-column: 2;
      justify-self: start;
    }
    details {
      color: var(--soft);
      margin-top: 18px;
    }
    summary {
      cursor: pointer;
      min-height: 30px;
    }
    @media (max-width: 1000px) {
      section {
        grid-template-columns: minmax(0, 1fr);
      }
      .quiet {
        grid-column: 1;
      }
    }
  `,
})
export class BuyPage {
  protected readonly store = inject(HouseholdStore);
  protected readonly figures = inject(Figures);
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly colds = inject(Colds);
  private readonly today = inject(Clock).today();
  protected readonly pages = FREEZER_PAGES;
  protected readonly heads = HEADS;
  protected readonly eaters = computed(() => Math.max(1, this.store.settings().eaters.length));
  protected readonly rows = computed(() => {
    const settings = this.store.settings();
    const room = roomOfAll(this.store.appliances(), this.store.stock(), settings.freezerL);
    return buyNext({
      state: this.store.state(),
      stock: this.colds.eatable(),
      kinds: this.store.kinds(),
      book: this.store.basis().pricing.book,
      room,
      plateDg: meanPlateDg(settings),
      today: this.today,
    });
  });

  protected isPressing({ advice }: BuyNext): boolean {
    return advice === 'buy-now' || advice === 'on-offer';
  }

  protected going({ kind }: BuyNext): number | null {
    return goingPrice(this.store.basis().pricing.book, wholePieceItem(kind), this.today)?.perKgMinor ?? null;
  }

  protected span({ earliest, latest }: NonNullable<BuyNext['runsOut']>): string {
    const from = this.figures.age(earliest);
    if (latest === null) return `not before ${from.replace('in ', '')}`;
    const to = this.figures.age(latest);
    const [, unit = ''] = /([a-z]+)$/.exec(from) ?? [];
    const short = to.includes(unit.replace(/s$/, '')) ? from.replace(` ${unit}`, '') : from;
    return from === to ? from : `${short} to ${to.replace('in ', '')}`;
  }

  protected why(row: BuyNext): string {
    const { figures } = this;
    const one = `A usual purchase, ${figures.roughMass(row.pieceDg)}, gives about ${figures.number(row.piecePlates, 0)} plates`;
    const fits =
      row.fits === null
        ? 'say under Places how large your freezer is to see whether it fits'
        : row.fits
          ? `it fits${row.overDays > 1 ? `, frozen over ${row.overDays} days` : ''}`
          : 'it does not fit now';
    const offer =
      row.offer &&
      `around ${row.offer.name} it was on offer in ${row.offer.offered} of ${row.offer.years} years${row.offer.depth ? `, up to ${figures.percent(row.offer.depth, 0)} below` : ''}: next from ${figures.day(row.offer.next)}`;
    switch (row.advice) {
      case 'too-early':
        return `Too few weeks or dinners of it are written down to say how fast you eat it.${offer ? ` ${offer.charAt(0).toUpperCase()}${offer.slice(1)}.` : ''}`;
      case 'on-offer':
        return `${figures.perUnit(row.now?.perKgMinor ?? 0)} at ${row.now?.shop}, noted ${figures.age(row.now?.on ?? this.today)}. ${one}; ${fits}.`;
      case 'wait-for-offer':
        return `What is left lasts: ${offer}. ${one}; ${fits}.`;
      case 'no-room':
        return `${one}, but ${fits}.`;
      case 'buy-now':
        return `It runs out within three weeks${offer ? `, before the next likely offer (${offer})` : ', and no offer is likely before'}. ${one}; ${fits}.`;
      case 'enough':
        return `${offer ? `${offer.charAt(0).toUpperCase()}${offer.slice(1)}. ` : ''}${one}; ${fits}.`;
    }
  }
}
