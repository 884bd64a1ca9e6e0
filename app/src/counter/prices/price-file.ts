import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { notePrices, renameShop } from '@core/deeds/note-prices';
import { MOST_PRICES, writePriceCsv, type PriceFile as FileRead } from '@core/exchange/price-csv';
import { Format } from '@core/format/format';
import type { DecimalSign } from '@core/units/number-style';
import { PriceFiles } from '../../compute/price-files';
import { Progress } from '../../ui/told/progress';
import { Clock } from '../../household/clock';
import { HouseholdStore } from '../../household/household-store';
import { Ask } from '../../ui/ask/ask';
import { Choice, type Options } from '../../ui/field/choice';
import { FileChoice } from '../../ui/field/file-choice';
import { Pick } from '../../ui/field/pick';
import { saveText } from '../../ui/save-text';

const SHOWN_BAD = 8;

/** The price book as a table of another program, and shops that are called otherwise now. */
@Component({
  selector: 'v-price-file',
  imports: [Choice, FileChoice, Pick, Progress],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './price-file.html',
  styles: `
    .row {
      display: flex;
      gap: 10px;
      flex-wrap: wrap;
      margin: 10px 0;
      align-items: end;
    }
    .row .field {
      min-width: min(100%, 250px);
    }
    .read {
      border: 1.5px dashed var(--ink);
      padding: 12px 18px;
      margin-top: 14px;
    }
    .read > .quiet {
      margin-right: 10px;
    }
  `,
})
export class PriceFile {
  protected readonly store = inject(HouseholdStore);
  protected readonly format = inject(Format);
  private readonly clock = inject(Clock);
  private readonly ask = inject(Ask);
  protected readonly files = inject(PriceFiles);
  private csv: File | null = null;

  private readonly book = computed(() => this.store.basis().pricing.book);
  protected readonly file = signal<FileRead | null>(null);
  protected readonly problem = signal('');
  protected readonly badShown = computed(() => this.file()?.bad.slice(0, SHOWN_BAD) ?? []);

  protected readonly renameFrom = signal('');
  protected readonly renameTo = signal('');
  protected readonly shops = computed((): Options<string> => [
    ['', 'none'],
    ...this.store.shops().map((shop) => [shop, shop] as const),
  ]);

  protected saveCsv(): void {
    const text = writePriceCsv(this.book(), this.store.settings().currency);
    saveText(`vendicus-prices-${this.clock.today()}.csv`, text, 'text/csv');
  }

  protected async readCsv(file: File): Promise<void> {
    this.csv = file;
    this.file.set(null);
    await this.readAs(this.store.settings().decimal);
  }

  /** Reads the file that was chosen, with this sign before fractions where it does not say which. */
  protected async readAs(decimal: DecimalSign): Promise<void> {
    const { csv } = this;
    if (!csv) return;
    this.problem.set('');
    const { currency } = this.store.settings();
    const known = { book: this.book(), currency, decimal, items: this.store.shopItems() };
    const read = await this.files.csv(csv, known);
    if (!read) return this.problem.set(`${csv.name}: called off. Nothing was read.`);
    this.file.set(read.value ?? null);
    this.problem.set(read.ok ? '' : `${csv.name}: ${read.problem} Nothing was read.`);
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
    if (good.length > MOST_PRICES)
      return this.problem.set(
        `${this.format.count(good.length, 'price')} are more than a household looks at: up to ${MOST_PRICES} go in at a time. Leave out what you do not buy, or split it. Nothing was written.`,
      );
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

  private isMeant(farOff: readonly number[]): Promise<boolean> {
    const lines = farOff.slice(0, SHOWN_BAD).join(', ') + (farOff.length > SHOWN_BAD ? ' …' : '');
    return this.ask.confirm(
      farOff.length === 1 ? 'One price is far off' : `${farOff.length} prices are far off`,
      `${farOff.length === 1 ? 'It is' : 'They are'} four times, or a quarter of, what the same goes for, or further: line ${lines}. A sign or a unit may be another than you think.`,
      'Take them all over',
    );
  }

  /** A shop that is called otherwise now, or is the same as another: both go under one name. */
  protected async rename(): Promise<void> {
    const written = await this.store.perform(
      renameShop(this.renameFrom(), this.renameTo(), this.clock.newId()),
    );
    if (!written.ok) return;
    this.renameFrom.set('');
    this.renameTo.set('');
  }
}
