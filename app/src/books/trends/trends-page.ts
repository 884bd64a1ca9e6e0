import { groups, max, mean, min, sum } from 'd3-array';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { kindById, KINDS } from '@core/catalogue/kinds';
import { wholePieceItem } from '@core/catalogue/shop-items';
import { platesFrom } from '@core/cost/carriers';
import { lossesBy } from '@core/books/losses';
import { PERIOD_COLUMNS } from '@core/exchange/books-csv';
import { figuresCsv, type FiguresStyle } from '@core/exchange/figures-csv';
import { summarisePiece, totalsOf } from '@core/books/piece-summary';
import { notesOf } from '@core/price/price-book';
import { evenMoney } from '@core/yield/even-money';
import { yearlyTrend } from '@core/books/trend';
import { Clock } from '../../household/clock';
import { RouterLink } from '@angular/router';
import { Format } from '@core/format/format';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { costsOfLots } from '../../household/costs';
import { HouseholdStore } from '../../household/household-store';
import { PriceChart } from '../../household/parts/price-chart';
import { saveText } from '../../ui/save-text';
import { YieldTrend } from './yield-trend';
import { type Options } from '../../ui/field/choice';
import { Few } from '../../ui/field/few';
import { Slips } from '../../ui/told/slips';
import { PopoverButton } from '../../ui/over/popover-button';
import { BarePicture } from '../../ui/told/bare-picture';

/** Totals by month and year, yields by kind with their trend, and prices over time. */
@Component({
  selector: 'v-trends-page',
  imports: [RouterLink, BarePicture, PopoverButton, Slips, Few, PriceChart, YieldTrend],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './trends-page.html',
  styleUrl: './trends-page.css',
})
export class TrendsPage {
  protected readonly store = inject(HouseholdStore);
  private readonly costOf = costsOfLots();
  protected readonly format = inject(Format);
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly clock = inject(Clock);
  protected readonly spans: Options<'year' | 'month'> = [
    ['year', 'by year'],
    ['month', 'by month'],
  ];
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
    const periodOf = (on: string): string =>
      this.span() === 'year' ? on.slice(0, 4) : this.format.month(on);
    const [state, basis] = [this.store.state(), this.store.basis()];
    return groups(this.finished(), ({ lot }) => periodOf(lot.on ?? '')).map(([name, summaries]) => {
      const plates = sum(summaries, ({ lot }) => platesFrom(state, lot.id, basis));
      return { name, totals: totalsOf(summaries), dinners: plates / this.eaters() };
    });
  });

  protected readonly kinds = computed(() =>
    groups(this.finished(), ({ lot }) => lot.kind ?? '').map(([id, of]) => {
      const yields = of.map((each) => each.yield);
      const totals = totalsOf(of);
      return {
        id,
        name: kindById(id)?.name ?? id,
        pieces: of.length,
        mean: mean(yields) ?? 0,
        low: min(yields) ?? 0,
        high: max(yields) ?? 0,
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
      this.costOf(),
      periodOf,
    );
    return rows.map((row) => ({
      ...row,
      name: row.period.length === 4 ? row.period : this.format.month(`${row.period}-01`),
    }));
  });

  protected saveCsv(units: FiguresStyle['units']): void {
    const text = figuresCsv(PERIOD_COLUMNS, this.periods(), { units, ...this.store.settings() });
    saveText(`vendicus-totals-${this.clock.today()}.csv`, text, 'text/csv');
  }
}
