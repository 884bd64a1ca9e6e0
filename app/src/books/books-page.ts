import datatable from '@primeuix/themes/aura/datatable';
import paginator from '@primeuix/themes/aura/paginator';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { TableModule } from 'primeng/table';
import { sum } from 'd3-array';
import { kindById } from '@core/catalogue/kinds';
import { PIECE_COLUMNS } from '@core/exchange/books-csv';
import { figuresCsv, type FiguresStyle } from '@core/exchange/figures-csv';
import { summarisePurchases } from '@core/books/purchase-summary';
import { boughtTogether } from '@core/ledger/bought-together';
import { summarisePiece, totalsOf, type PieceSummary } from '@core/books/piece-summary';
import type { Lot } from '@core/ledger/lot';
import { lotName } from '@core/catalogue/lot-name';
import { Clock } from '../household/clock';
import { Format } from '@core/format/format';
import { HOUSEHOLD_NAME } from '../household/household-name';
import { HouseholdStore } from '../household/household-store';
import { saveText } from '../ui/save-text';
import { Choice, type Options } from '../ui/field/choice';
import { TextField } from '../ui/field/text-field';
import { PopoverButton } from '../ui/over/popover-button';
import { Slips } from '../ui/told/slips';
import { BarePicture } from '../ui/told/bare-picture';
import { wears } from '../ui/wears';

wears({ datatable, paginator });

interface Row {
  readonly summary: PieceSummary;
  readonly id: string;
  /** The pieces that it was split into. */
  readonly together: readonly string[];
  readonly name: string;
  readonly on: string;
  readonly shop: string;
  readonly kind: string;
  readonly month: string;
  readonly minutes: number | null;
}

type Column = 'name' | 'on' | 'shop' | 'weight' | 'paid' | 'yield' | 'usable' | 'saved';
type Grouping = 'none' | 'kind' | 'shop' | 'month';
/** A line of the table: a piece, or what stands over a group of them. */
type Line =
  | { readonly row: Row; readonly group?: undefined }
  | { readonly row?: undefined; readonly group: string; readonly totals: ReturnType<typeof totalsOf> };

const COLUMNS: readonly { id: Column; name: string; figure: boolean }[] = [
  { id: 'name', name: 'Piece', figure: false },
  { id: 'on', name: 'Bought', figure: false },
  { id: 'shop', name: 'Shop', figure: false },
  { id: 'weight', name: 'Weight', figure: true },
  { id: 'paid', name: 'Paid', figure: true },
  { id: 'yield', name: 'Yield', figure: true },
  { id: 'usable', name: 'Usable', figure: true },
  { id: 'saved', name: 'Saved', figure: true },
];
const VALUE: Record<Column, (row: Row) => string | number> = {
  name: ({ name }) => name,
  on: ({ on }) => on,
  shop: ({ shop }) => shop,
  weight: ({ summary }) => summary.lot.inDg,
  paid: ({ summary }) => summary.lot.paidMinor ?? 0,
  yield: ({ summary }) => summary.yield,
  usable: ({ summary }) => summary.perUsableKgMinor ?? 0,
  saved: ({ summary }) => summary.comparison.savedMinor,
};
const GROUP: Record<Exclude<Grouping, 'none'>, (row: Row) => string> = {
  kind: ({ kind }) => kind,
  shop: ({ shop }) => shop || 'no shop',
  month: ({ month }) => month,
};
const GROUPINGS: Options<Grouping> = [
  ['none', 'not grouped'],
  ['kind', 'by kind'],
  ['shop', 'by shop'],
  ['month', 'by month'],
];
/** From so many lines on, only those on the screen are drawn. */
const VIRTUAL_FROM = 120;

/** Every piece that was ever bought, and what it came to. */
@Component({
  selector: 'v-books-page',
  imports: [BarePicture, Slips, PopoverButton, Choice, TextField, RouterLink, TableModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './books-page.html',
  styleUrl: './books-page.css',
})
export class BooksPage {
  protected readonly store = inject(HouseholdStore);
  protected readonly format = inject(Format);
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly clock = inject(Clock);
  protected readonly columns = COLUMNS;
  protected readonly groupings = GROUPINGS;
  protected readonly sortings = COLUMNS.map(({ id, name }) => [id, `by ${name.toLowerCase()}`] as const);

  protected readonly search = signal('');
  protected readonly grouping = signal<Grouping>('none');
  protected readonly sort = signal<{ by: Column; down: boolean }>({ by: 'on', down: true });

  private readonly rows = computed<Row[]>(() => {
    const [state, basis, shopName, minutes] = [
      this.store.state(),
      this.store.basis(),
      this.store.shopName(),
      this.store.minutes(),
    ];
    const minutesOf = (lots: readonly Lot[]): number | null =>
      lots.some(({ id }) => minutes.has(id)) ? sum(lots, ({ id }) => minutes.get(id) ?? 0) : null;
    const summaries = this.store.pieces().map((lot) => summarisePiece(state, lot, basis));
    return summarisePurchases(summaries).map(({ lot, ...rest }) => ({
      summary: { lot, ...rest },
      together: boughtTogether(state, lot).map(({ id }) => id),
      id: lot.id,
      name: lotName(lot),
      on: lot.on ?? '',
      shop: shopName(lot.shop),
      kind: kindById(lot.kind)?.name ?? lot.kind ?? '',
      month: lot.on ? this.format.month(lot.on) : 'no day',
      minutes: minutesOf(boughtTogether(state, lot)),
    }));
  });

  private readonly found = computed(() => {
    const words = this.search().toLowerCase().split(/\s+/).filter(Boolean);
    const notes = this.store.pieceNotes();
    const noted = ({ together }: Row): string => together.map((id) => notes.get(id)?.text ?? '').join(' ');
    return this.rows().filter((row) => {
      const text = `${row.name} ${row.kind} ${row.shop} ${row.on} ${row.month} ${noted(row)}`.toLowerCase();
      return words.every((word) => text.includes(word));
    });
  });

  private readonly sorted = computed(() => {
    const { by, down } = this.sort();
    const value = VALUE[by];
    const rows = this.found().map((row) => ({ row, value: value(row) }));
    rows.sort((a, b) => (a.value < b.value ? -1 : a.value > b.value ? 1 : 0) * (down ? -1 : 1));
    return rows.map(({ row }) => row);
  });

  protected readonly lines = computed<Line[]>(() => {
    const grouping = this.grouping();
    if (grouping === 'none') return this.sorted().map((row) => ({ row }));
    const groups = new Map<string, Row[]>();
    for (const row of this.sorted()) {
      const name = GROUP[grouping](row);
      const known = groups.get(name);
      if (known) known.push(row);
      else groups.set(name, [row]);
    }
    return [...groups].flatMap(([group, rows]) => [
      { group, totals: totalsOf(rows.map(({ summary }) => summary)) },
      ...rows.map((row) => ({ row })),
    ]);
  });
  /** On a phone a long list is turned page by page. */
  protected readonly isNarrow = matchMedia('(max-width: 699px)').matches;
  protected readonly isLong = computed(() => this.lines().length > VIRTUAL_FROM);
  protected readonly isEmpty = computed(() => this.rows().length === 0);
  protected readonly totals = computed(() => totalsOf(this.found().map(({ summary }) => summary)));

  protected sortBy(by: Column): void {
    this.sort.update((sort) => ({ by, down: sort.by === by ? !sort.down : by !== 'name' && by !== 'shop' }));
  }

  protected ariaSort(column: Column): 'ascending' | 'descending' | null {
    const { by, down } = this.sort();
    return by === column ? (down ? 'descending' : 'ascending') : null;
  }

  protected saveCsv(units: FiguresStyle['units']): void {
    const rows = this.sorted().map(({ summary, kind, shop, minutes }) => ({
      ...summary,
      kind,
      shop,
      minutes,
    }));
    const text = figuresCsv(PIECE_COLUMNS, rows, { units, ...this.store.settings() });
    saveText(`vendicus-pieces-${this.clock.today()}.csv`, text, 'text/csv');
  }
}
