import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { kindById, KINDS } from '@core/catalogue/kinds';
import { wholePieceItem } from '@core/catalogue/shop-items';
import { platesFrom } from '@core/cost/carriers';
import { lossesBy } from '@core/cost/losses';
import { writeCsv } from '@core/files/csv';
import { summarisePiece, totalsOf, type PieceSummary } from '@core/files/piece-summary';
import { notesOf } from '@core/price/price-book';
import { evenMoney } from '@core/yield/even-money';
import { yearlyTrend } from '@core/yield/trend';
import { Clock } from '../data/clock';
import { Figures } from '../data/figures';
import { HouseholdStore } from '../data/household-store';
import { PageTabs } from '../kit/page-tabs';
import { PriceChart } from '../kit/price-chart';
import { saveText } from '../kit/save-text';
import { BOOKS_PAGES } from './pages';
import { YieldTrend } from './yield-trend';

/** Totals by month and year, yields by kind with their trend, and prices over time. */
@Component({
  selector: 'v-trends-page',
  imports: [FormsModule, PageTabs, PriceChart, YieldTrend],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="page">
      <v-page-tabs of="Books" [tabs]="pages" />
      <header class="head">
        <h1>Totals and trends</h1>
        <div class="tools no-print">
          <select class="text" name="span" aria-label="Totals by" [(ngModel)]="span">
            <option value="year">by year</option>
            <option value="month">by month</option></select
          ><button type="button" class="quiet" (click)="saveCsv()">CSV</button>
        </div>
      </header>
      @if (periods().length === 0) {
        <div class="empty">
          <h2>Nothing finished yet</h2>
          <p>Totals come with the first closed piece.</p>
        </div>
      } @else {
        <div class="scroll" tabindex="0" role="group" aria-label="Table, to be scrolled sideways">
          <table class="ledger">
            <thead>
              <tr>
                <th>{{ span() === 'year' ? 'Year' : 'Month' }}</th>
                <th class="figure">Pieces</th>
                <th class="figure">Bought</th>
                <th class="figure">Paid</th>
                <th class="figure">Usable</th>
                <th class="figure">Dinners</th>
                <th class="figure">Saved</th>
              </tr>
            </thead>
            <tbody>
              @for (row of periods(); track row.name) {
                <tr>
                  <td>{{ row.name }}</td>
                  <td class="figure">{{ row.totals.pieces }}</td>
                  <td class="figure">{{ figures.mass(row.totals.receivedDg) }}</td>
                  <td class="figure">{{ figures.money(row.totals.paidMinor) }}</td>
                  <td class="figure">{{ figures.mass(row.totals.usableDg) }}</td>
                  <td class="figure">{{ figures.number(row.dinners, 0) }}</td>
                  <td class="figure" [class.bad]="row.totals.savedMinor < 0">
                    {{ figures.money(row.totals.savedMinor)
                    }}<small class="soft">
                      {{ figures.bound(row.totals.savedMinor, row.totals.complete) }}</small
                    >
                  </td>
                </tr>
              }
            </tbody>
          </table>
        </div>
        <details>
          <summary>How is this computed?</summary>
          <p>
            Finished pieces, by the day they were bought. Dinners are the plates of their packs ÷
            {{ eaters() }} eaters. Saved is what the same parts would have cost cut, less what was paid,
            before supplies and time.
          </p>
        </details>
        @if (losses().length > 0) {
          <h2>Shrinkage, and what was thrown away</h2>
          <div class="scroll" tabindex="0" role="group" aria-label="Table, to be scrolled sideways">
            <table class="ledger">
              <thead>
                <tr>
                  <th>{{ span() === 'year' ? 'Year' : 'Month' }}</th>
                  <th>What became of it</th>
                  <th class="figure">Packs</th>
                  <th class="figure">Weight</th>
                  <th class="figure">Paid for it</th>
                </tr>
              </thead>
              <tbody>
                @for (row of losses(); track $index) {
                  <tr>
                    <td>{{ row.name }}</td>
                    <td>
                      {{ row.way === 'shrunk' ? 'shrinkage: ' : 'thrown away: '
                      }}{{ row.reason.replace('stock-take: ', '') }}
                    </td>
                    <td class="figure">{{ row.packs }}</td>
                    <td class="figure">{{ figures.mass(row.massDg) }}</td>
                    <td class="figure">
                      {{ row.isCostKnown ? '' : 'at least ' }}{{ figures.money(row.costMinor) }}
                    </td>
                  </tr>
                }
              </tbody>
            </table>
          </div>
        }
        <h2>Yield by kind</h2>
        <div class="scroll" tabindex="0" role="group" aria-label="Table, to be scrolled sideways">
          <table class="ledger">
            <thead>
              <tr>
                <th>Kind</th>
                <th class="figure">Pieces</th>
                <th class="figure">Mean yield</th>
                <th class="figure">Range</th>
                <th class="figure">Trend a year</th>
                <th class="figure">Usable {{ figures.priceUnit() }}, mean</th>
              </tr>
            </thead>
            <tbody>
              @for (row of kinds(); track row.id) {
                <tr [class.on]="row.id === kind()">
                  <td>
                    <button
                      type="button"
                      class="link"
                      [attr.aria-pressed]="row.id === kind()"
                      (click)="kind.set(row.id)"
                    >
                      {{ row.name }}
                    </button>
                  </td>
                  <td class="figure">{{ row.pieces }}</td>
                  <td class="figure">{{ figures.percent(row.mean) }}</td>
                  <td class="figure">{{ figures.percent(row.low) }} to {{ figures.percent(row.high) }}</td>
                  <td class="figure">
                    {{
                      row.trend === null
                        ? '–'
                        : (row.trend > 0 ? '+' : '') + figures.number(row.trend * 100, 1) + ' points'
                    }}
                  </td>
                  <td class="figure">{{ figures.perUnit(row.perUsable).split('/')[0] }}</td>
                </tr>
              }
            </tbody>
          </table>
        </div>
        <div class="two">
          <section>
            <h3>{{ name() }}: yield, piece by piece</h3>
            <v-yield-trend [points]="points()" />
          </section>
          <section>
            <h3>{{ name() }}: asked and paid over time</h3>
            <v-price-chart [notes]="notes()" [purchases]="purchases()" [breakEven]="breakEven()" />
            <p class="soft">
              Triangles are offers, diamonds your purchases; the dashed line is even money for your next one.
            </p>
          </section>
        </div>
      }
    </div>
  `,
  styles: `
    .head {
      display: flex;
      justify-content: space-between;
      gap: 16px;
      flex-wrap: wrap;
      align-items: center;
    }
    .tools {
      display: flex;
      gap: 10px;
    }
    .tools select {
      width: 150px;
    }
    .tools .quiet {
      min-height: 48px;
    }
    h2 {
      margin: 30px 0 8px;
    }
    h3 {
      margin: 20px 0 8px;
    }
    details {
      margin-top: 8px;
      color: var(--soft);
    }
    summary {
      cursor: pointer;
      min-height: 30px;
    }
    .link {
      background: none;
      border: 0;
      padding: 0;
      font: inherit;
      color: inherit;
      text-decoration: underline;
      text-underline-offset: 3px;
      cursor: pointer;
      min-height: 32px;
    }
    tr.on td {
      background: var(--sheet);
    }
    tr.on td:first-child {
      box-shadow: inset 5px 0 0 var(--act);
      padding-left: 12px;
    }
    .two {
      display: grid;
      grid-template-columns: repeat(auto-fit, minmax(min(100%, 430px), 1fr));
      gap: 0 36px;
    }
    section {
      min-width: 0;
    }
    @media (max-width: 900px) {
      .ledger {
        font-size: 0.92rem;
      }
      .ledger td,
      .ledger th {
        padding-right: 8px;
      }
    }
  `,
})
export class TrendsPage {
  protected readonly store = inject(HouseholdStore);
  protected readonly figures = inject(Figures);
  private readonly clock = inject(Clock);
  protected readonly pages = BOOKS_PAGES;
  protected readonly span = signal<'year' | 'month'>('year');
  protected readonly kind = signal(KINDS[0]?.id ?? '');
  protected readonly name = computed(() => kindById(this.kind())?.name ?? this.kind());
  protected readonly eaters = computed(() => Math.max(1, this.store.settings().eaters.length));

  private readonly finished = computed(() => {
    const [state, basis] = [this.store.state(), this.store.basis()];
    return this.store
      .pieces()
      .filter((lot) => lot.closed && lot.on)
      .map((lot) => summarisePiece(state, lot, basis));
  });

  protected readonly periods = computed(() => {
    const groups = new Map<string, PieceSummary[]>();
    for (const summary of this.finished()) {
      const on = summary.lot.on ?? '';
      const name = this.span() === 'year' ? on.slice(0, 4) : this.figures.month(on);
      const known = groups.get(name);
      if (known) known.push(summary);
      else groups.set(name, [summary]);
    }
    const [state, basis] = [this.store.state(), this.store.basis()];
    return [...groups].map(([name, summaries]) => {
      const plates = summaries.reduce((sum, { lot }) => sum + platesFrom(state, lot.id, basis), 0);
      return { name, totals: totalsOf(summaries), dinners: plates / this.eaters() };
    });
  });

  protected readonly kinds = computed(() =>
    [...new Set(this.finished().map(({ lot }) => lot.kind ?? ''))].map((id) => {
      const of = this.finished().filter(({ lot }) => lot.kind === id);
      const yields = of.map((each) => each.yield);
      const totals = totalsOf(of);
      return {
        id,
        name: kindById(id)?.name ?? id,
        pieces: of.length,
        mean: yields.reduce((sum, each) => sum + each, 0) / of.length,
        low: Math.min(...yields),
        high: Math.max(...yields),
        trend: yearlyTrend(of.map(({ lot, yield: part }) => ({ on: lot.on ?? '', value: part }))),
        perUsable: totals.usableDg > 0 ? (totals.paidMinor * 10_000) / totals.usableDg : 0,
      };
    }),
  );

  private readonly ofKind = computed(() =>
    this.finished()
      .filter(({ lot }) => lot.kind === this.kind())
      .reverse(),
  );
  protected readonly points = computed(() =>
    this.ofKind().map(({ lot, yield: part }) => ({ on: lot.on ?? '', yield: part })),
  );
  protected readonly notes = computed(() =>
    notesOf(this.store.basis().pricing.book, wholePieceItem(this.kind())),
  );
  protected readonly purchases = computed(() =>
    this.ofKind().map(({ lot, perKgMinor }) => ({ on: lot.on ?? '', perKgMinor })),
  );
  /** Even money for the next piece, as at the Counter; what each past piece came to stands in its own books. */
  protected readonly breakEven = computed(
    () =>
      evenMoney(this.store.state(), this.kind(), this.store.basis(), this.clock.today())?.perKgMinor ?? null,
  );

  /** What nobody ate, by the same periods. */
  protected readonly losses = computed(() => {
    const periodOf = (day: string): string => (this.span() === 'year' ? day.slice(0, 4) : day.slice(0, 7));
    const rows = lossesBy(
      this.store.state(),
      this.store.household().journal.entries,
      this.store.costs(),
      periodOf,
    );
    return rows.map((row) => ({
      ...row,
      name: row.period.length === 4 ? row.period : this.figures.month(`${row.period}-01`),
    }));
  });

  protected saveCsv(): void {
    const { plainMoney } = this.figures;
    const rows = this.periods().map(({ name, totals, dinners }) => [
      name,
      totals.pieces,
      totals.receivedDg / 10,
      plainMoney(totals.paidMinor),
      totals.usableDg / 10,
      Math.round(dinners * 10) / 10,
      plainMoney(totals.savedMinor),
      totals.complete ? 'yes' : 'no',
    ]);
    saveText(
      `vendicus-totals-${this.clock.today()}.csv`,
      writeCsv([this.span(), 'pieces', 'bought_g', 'paid', 'usable_g', 'dinners', 'saved', 'complete'], rows),
      'text/csv',
    );
  }
}
