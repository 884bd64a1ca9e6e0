import { ChangeDetectionStrategy, Component, computed, input, output, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import type { Eater, Settings } from '@core/journal/settings';
import { fromDg } from '@core/units/mass';
import { formatNumber } from '@core/units/number-style';
import { toldIn } from '@core/units/prose';
import { parseMass } from '@core/units/parse-mass';
import { draftOf } from './draft-of';

/** Currencies offered by name; any other three-letter code can be typed. */
const CURRENCIES = [
  'EUR',
  'GBP',
  'USD',
  'CHF',
  'CAD',
  'AUD',
  'NZD',
  'SEK',
  'NOK',
  'DKK',
  'PLN',
  'CZK',
  'JPY',
  'KWD',
];

interface Row {
  readonly name: string;
  readonly plate: string;
  readonly byAnimal?: Eater['byAnimal'];
}

/** Units, currency, and who eats here with how much raw meat a plate is for each. */
@Component({
  selector: 'v-settings-form',
  imports: [FormsModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <form (ngSubmit)="save()" autocomplete="off">
      <div class="grid">
        <div class="field">
          <label for="s-system">Weights in</label>
          <select id="s-system" class="text" name="system" [(ngModel)]="system">
            <option value="metric">kilograms and grams</option>
            <option value="imperial">pounds and ounces</option>
          </select>
        </div>
        <div class="field">
          <label for="s-decimal">Fractions written</label>
          <select id="s-decimal" class="text" name="decimal" [(ngModel)]="decimal">
            <option value=".">1.5</option>
            <option value=",">1,5</option>
          </select>
        </div>
        <div class="field">
          <label for="s-currency">Currency</label>
          <input
            id="s-currency"
            class="text"
            name="currency"
            list="currencies"
            maxlength="3"
            [(ngModel)]="currency"
            [attr.aria-invalid]="!currencyRight()"
          />
          <datalist id="currencies">
            @for (each of currencies; track each) {
              <option [value]="each"></option>
            }
          </datalist>
        </div>
      </div>
      <h2>Who eats here?</h2>
      <p class="soft">
        And how much raw, boneless meat a plate is for each. Many count {{ usualPlate() }}; change it as you
        learn.
      </p>
      @for (row of rows(); track $index) {
        <div class="eater">
          <input
            class="text"
            [name]="'eater' + $index"
            [attr.aria-label]="'Name of eater ' + ($index + 1)"
            placeholder="name"
            [ngModel]="row.name"
            (ngModelChange)="set($index, { name: $event })"
          />
          <input
            class="text"
            [name]="'plate' + $index"
            [attr.aria-label]="'Plate of eater ' + ($index + 1)"
            [ngModel]="row.plate"
            (ngModelChange)="set($index, { plate: $event })"
            [attr.aria-invalid]="!plateRight(row)"
          />
          <button
            type="button"
            class="quiet small"
            [attr.aria-label]="'Take out ' + (row.name || 'eater ' + ($index + 1))"
            (click)="remove($index)"
          >
            Take out
          </button>
        </div>
      }
      <button type="button" class="quiet small" (click)="add()">Add someone</button>
      @if (tried() && !ready()) {
        <p class="bad" role="alert">
          Give everyone a name and a plate in {{ system() === 'imperial' ? 'ounces' : 'grams' }}, and the
          currency as three letters. Take out whom you do not count.
        </p>
      }
      <div class="end">
        <button type="submit" class="act" [attr.aria-disabled]="!ready() || null">{{ action() }}</button>
      </div>
    </form>
  `,
  styles: `
    .grid {
      display: grid;
      grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
      gap: 14px 16px;
      margin: 10px 0 20px;
    }
    .eater {
      display: grid;
      grid-template-columns: minmax(0, 1fr) 130px auto;
      gap: 10px;
      margin-bottom: 8px;
      max-width: 560px;
      align-items: center;
    }
    .end {
      margin-top: 22px;
    }
  `,
})
export class SettingsForm {
  readonly settings = input.required<Settings>();
  readonly action = input.required<string>();
  readonly saved = output<Settings>();

  protected readonly currencies = CURRENCIES;
  protected readonly usualPlate = computed(() =>
    toldIn('150 to 225 g', { system: this.system(), decimal: this.decimal() }),
  );
  protected readonly system = draftOf(() => this.settings().system);
  protected readonly decimal = draftOf(() => this.settings().decimal);
  protected readonly currency = draftOf(() => this.settings().currency);
  protected readonly rows = draftOf<Row[]>(() =>
    this.settings().eaters.map(({ name, plateDg, byAnimal }) => ({
      name,
      plate: this.plateText(plateDg),
      byAnimal,
    })),
  );

  protected readonly currencyRight = computed(() => /^[A-Za-z]{3}$/.test(this.currency().trim()));
  protected readonly ready = computed(
    () => this.currencyRight() && this.rows().every((row) => row.name.trim() !== '' && this.plateRight(row)),
  );

  protected readonly tried = signal(false);

  protected plateRight(row: Row): boolean {
    const dg = this.plateDg(row);
    return dg !== null && dg > 0 && dg <= 20_000;
  }

  protected set(index: number, part: Partial<Row>): void {
    this.rows.update((rows) => rows.map((row, at) => (at === index ? { ...row, ...part } : row)));
  }

  protected add(): void {
    this.rows.update((rows) => [...rows, { name: '', plate: this.plateText(1800) }]);
  }

  protected remove(index: number): void {
    this.rows.update((rows) => rows.filter((_, at) => at !== index));
  }

  protected save(): void {
    this.tried.set(true);
    if (!this.ready()) return;
    this.saved.emit({
      system: this.system(),
      decimal: this.decimal(),
      currency: this.currency().trim().toUpperCase(),
      eaters: this.rows().map((row) => ({
        name: row.name.trim(),
        plateDg: this.plateDg(row) ?? 0,
        ...(row.byAnimal ? { byAnimal: row.byAnimal } : {}),
      })),
    });
  }

  private plateDg({ plate }: Row): number | null {
    return parseMass(plate, this.system() === 'imperial' ? 'oz' : 'g', this.decimal())?.massDg ?? null;
  }

  private plateText(dg: number): string {
    const unit = this.system() === 'imperial' ? 'oz' : 'g';
    return `${formatNumber(fromDg(dg, unit), unit === 'oz' ? 1 : 0, this.decimal())} ${unit}`;
  }
}
