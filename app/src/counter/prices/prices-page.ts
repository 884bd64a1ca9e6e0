import { notePrices, renameShop } from '@core/deeds/note-prices';
import { howLowWords } from '@core/format/price-words';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { SHOP_ITEMS, shopItem } from '@core/catalogue/shop-items';
import { readPriceCsv, writePriceCsv, type PriceFile } from '@core/exchange/price-csv';
import { evenMoney } from '@core/yield/even-money';
import { goingPrice } from '@core/price/going-price';
import { howLow } from '@core/price/how-low';
import { notesOf, type KeyedNote } from '@core/price/price-book';
import { saleRhythm } from '@core/price/sale-rhythm';
import { Clock } from '../../household/clock';
import { Format } from '@core/format/format';
import { HouseholdStore } from '../../household/household-store';
import { PriceChart } from '../../household/parts/price-chart';
import type { DecimalSign } from '@core/units/number-style';
import { Ask } from '../../ui/ask/ask';
import { saveText } from '../../ui/save-text';
import { PriceForm } from './price-form';
import { Slips } from '../../ui/told/slips';

const SHOWN_NOTES = 12;
const SHOWN_BAD = 8;

/** What each shop asked for what, over time: write down, look up, see the rhythm coming. */
@Component({
  selector: 'v-prices-page',
  imports: [Slips, FormsModule, PriceChart, PriceForm],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './prices-page.html',
  styleUrl: './prices-page.css',
})
export class PricesPage {
  protected readonly store = inject(HouseholdStore);
  protected readonly format = inject(Format);
  private readonly clock = inject(Clock);
  private readonly ask = inject(Ask);
  private readonly today = this.clock.today;
  private csv = { name: '', text: '' };

  protected readonly search = signal('');
  protected readonly item = signal(SHOP_ITEMS[0]?.id ?? '');
  protected readonly editing = signal<KeyedNote | null>(null);
  protected readonly showAll = signal(false);

  private readonly book = computed(() => this.store.basis().pricing.book);
  protected readonly rows = computed(() => {
    const words = this.search().toLowerCase().split(/\s+/).filter(Boolean);
    const found = this.store
      .shopItems()
      .filter(({ name, animal }) => words.every((word) => `${name} ${animal}`.toLowerCase().includes(word)));
    return found.map((item) => {
      const going = goingPrice(this.book(), item.id, this.today());
      return {
        item,
        going,
        count: notesOf(this.book(), item.id).length,
        unwanted: this.store.basis().pricing.choices.get(item.id)?.unwanted ?? false,
      };
    });
  });

  protected readonly chosen = computed(() => shopItem(this.item()));
  protected readonly notes = computed(() => notesOf(this.book(), this.item()));
  protected readonly listed = computed(() => {
    const latest = [...this.notes()].reverse();
    return this.showAll() ? latest : latest.slice(0, SHOWN_NOTES);
  });
  protected readonly going = computed(() => goingPrice(this.book(), this.item(), this.today()));
  protected readonly lowness = computed(() => {
    const latest = this.notes().at(-1);
    const low = latest ? howLow(this.book(), this.item(), latest.perKgMinor, latest.on) : null;
    return latest && low
      ? `${latest.shop} last asked ${this.format.perUnit(latest.perKgMinor)}: ${howLowWords(low, this.clock.today())}.`
      : '';
  });
  protected readonly rhythm = computed(() => saleRhythm(this.book(), this.item(), this.today()).slice(0, 5));
  protected readonly purchases = computed(() => {
    const kind = this.chosen()?.piece;
    if (!kind) return [];
    return this.store
      .pieces()
      .filter((lot) => lot.kind === kind && lot.on && lot.inDg > 0)
      .map((lot) => ({ on: lot.on!, perKgMinor: ((lot.paidMinor ?? 0) * 10_000) / lot.inDg }))
      .reverse();
  });
  /** Even money for the next piece of that kind, as at the Counter. */
  protected readonly even = computed(() => {
    const kind = this.chosen()?.piece;
    return kind ? evenMoney(this.store.state(), kind, this.store.basis(), this.today()) : null;
  });

  protected readonly file = signal<PriceFile | null>(null);
  protected readonly fileProblem = signal('');
  protected readonly badShown = computed(() => this.file()?.bad.slice(0, SHOWN_BAD) ?? []);

  protected readonly renameFrom = signal('');
  protected readonly renameTo = signal('');

  protected choose(item: string): void {
    this.item.set(item);
    this.editing.set(null);
    this.showAll.set(false);
  }

  protected saveCsv(): void {
    saveText(
      `vendicus-prices-${this.today()}.csv`,
      writePriceCsv(this.book(), this.store.settings().currency),
      'text/csv',
    );
  }

  protected async readCsv(input: HTMLInputElement): Promise<void> {
    const file = input.files?.[0];
    input.value = '';
    if (!file) return;
    this.csv = { name: file.name, text: await file.text() };
    this.readAs(this.store.settings().decimal);
  }

  /** Reads the file that was chosen, with this sign before fractions where it does not say which. */
  protected readAs(decimal: DecimalSign): void {
    const { name, text } = this.csv;
    const { currency } = this.store.settings();
    const read = readPriceCsv(text, this.book(), currency, decimal, this.store.shopItems());
    this.file.set(read.value ?? null);
    this.fileProblem.set(read.ok ? '' : `${name}: ${read.problem} Nothing was read.`);
  }

  /** The first prices of the file as they were read, to look at. */
  protected readonly examples = computed(() =>
    (this.file()?.good ?? [])
      .slice(0, 3)
      .map(({ note }) => this.format.perUnit(note.perKgMinor))
      .join(', '),
  );

  protected async takeOver(): Promise<void> {
    const { good, farOff } = this.file() ?? { good: [], farOff: [] };
    if (farOff.length > 0 && !(await this.isMeant(farOff))) return;
    const written = await this.store.perform(
      notePrices(
        good.map(({ note }) => note),
        `${this.format.count(good.length, 'price')} written down.`,
        () => this.clock.newId(),
      ),
    );
    if (written.ok) this.file.set(null);
  }

  /** A shop that is called otherwise now, or is the same as another: both go under one name. */
  private isMeant(farOff: readonly number[]): Promise<boolean> {
    const lines = farOff.slice(0, SHOWN_BAD).join(', ') + (farOff.length > SHOWN_BAD ? ' …' : '');
    return this.ask.confirm(
      farOff.length === 1 ? 'One price is far off' : `${farOff.length} prices are far off`,
      `${farOff.length === 1 ? 'It is' : 'They are'} four times, or a quarter of, what the same goes for, or further: line ${lines}. A sign or a unit may be another than you think.`,
      'Take them all over',
    );
  }

  protected async rename(): Promise<void> {
    const written = await this.store.perform(
      renameShop(this.renameFrom(), this.renameTo(), this.clock.newId()),
    );
    if (!written.ok) return;
    this.renameFrom.set('');
    this.renameTo.set('');
  }
}
