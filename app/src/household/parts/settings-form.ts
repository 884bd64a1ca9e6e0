import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  input,
  linkedSignal,
  output,
} from '@angular/core';
import { FormsModule } from '@angular/forms';
import type { Settings } from '@core/records/settings';
import type { Eater } from '@core/pack/eater';
import { fromDg } from '@core/units/mass';
import { formatNumber } from '@core/units/number-style';
import { toldIn } from '@core/units/prose';
import { parseMass } from '@core/units/parse-mass';
import type { Options } from '../../ui/field/choice';
import { Check } from '../../ui/field/check';
import { draftOf } from '../../ui/form/draft-of';
import { keepFormInTab } from '../../ui/form/keep-form-in-tab';
import { Few } from '../../ui/field/few';
import { TextField } from '../../ui/field/text-field';
import { CurrencyChoice } from './currency-choice';

interface Row {
  readonly name: string;
  readonly plate: string;
  /** What is said of them elsewhere, and stays. */
  readonly more?: Omit<Eater, 'name' | 'plateDg'>;
}

/** Units, currency, and who eats here with how much raw meat a plate is for each. */
@Component({
  selector: 'v-settings-form',
  imports: [Check, CurrencyChoice, Few, FormsModule, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './settings-form.html',
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
      align-items: start;
    }
    .skin {
      display: flex;
      margin-top: 12px;
    }
    .end {
      margin-top: 22px;
    }
  `,
})
export class SettingsForm {
  readonly settings = input.required<Settings>();
  readonly action = input.required<string>();
  /** All of it, or one screen of the first questions. */
  readonly asks = input<'all' | 'units' | 'eaters'>('all');
  readonly saved = output<Settings>();
  /** What stands there now, also where it is not done yet. */
  readonly drafted = output<Settings>();

  protected readonly systems: Options<Settings['system']> = [
    ['metric', 'kilograms'],
    ['imperial', 'pounds'],
  ];
  protected readonly decimals: Options<Settings['decimal']> = [
    ['.', '1.5'],
    [',', '1,5'],
  ];
  protected readonly usualPlate = computed(() =>
    toldIn('150 to 225 g', { system: this.system(), decimal: this.decimal() }),
  );
  protected readonly system = draftOf(() => this.settings().system);
  protected readonly decimal = draftOf(() => this.settings().decimal);
  protected readonly currency = draftOf(() => this.settings().currency);
  protected readonly eatsSkin = draftOf(() => this.settings().skin !== 'left');
  /** As the household weighs until now: another system chosen here changes nothing that was typed. */
  protected readonly rows = draftOf<Row[]>(() =>
    this.settings().eaters.map(({ name, plateDg, ...more }) => ({
      name,
      plate: plateText(plateDg, this.settings()),
      more,
    })),
  );

  protected readonly ready = computed(() =>
    this.rows().every((row) => row.name.trim() !== '' && this.plateRight(row)),
  );

  /** Only what was left out on this screen is said. */
  protected readonly tried = linkedSignal({ source: this.asks, computation: () => false });

  /** Waits in the tab under this name; empty where somebody else keeps it. */
  readonly keptAs = input('');

  constructor() {
    const key = (): string =>
      this.keptAs() === '' ? '' : `${this.keptAs()} ${JSON.stringify(this.settings())}`;
    keepFormInTab(key, {
      system: this.system,
      decimal: this.decimal,
      currency: this.currency,
      eatsSkin: this.eatsSkin,
      rows: this.rows,
    });
    effect(() => this.drafted.emit(this.now()));
  }

  protected plateRight(row: Row): boolean {
    const dg = this.plateDg(row);
    return dg !== null && dg > 0 && dg <= 20_000;
  }

  protected set(index: number, part: Partial<Row>): void {
    this.rows.update((rows) => rows.map((row, at) => (at === index ? { ...row, ...part } : row)));
  }

  protected add(): void {
    // As much as the one before, until somebody says otherwise.
    this.rows.update((rows) => [
      ...rows,
      { name: '', plate: rows.at(-1)?.plate ?? plateText(1800, this.now()) },
    ]);
  }

  protected remove(index: number): void {
    this.rows.update((rows) => rows.filter((_, at) => at !== index));
  }

  protected save(): void {
    this.tried.set(true);
    if (this.asks() === 'units' || this.ready()) this.saved.emit(this.now());
  }

  private now(): Settings {
    return {
      system: this.system(),
      decimal: this.decimal(),
      currency: this.currency(),
      eaters: this.rows().map((row) => ({
        name: row.name.trim(),
        plateDg: this.plateDg(row) ?? 0,
        ...row.more,
      })),
      ...this.skin(),
    };
  }

  /** What was never said stays unsaid: it counts as eaten. */
  private skin(): Pick<Settings, 'skin'> {
    const { skin } = this.settings();
    if (this.eatsSkin()) return skin === undefined ? {} : { skin: 'eaten' };
    return { skin: 'left' };
  }

  private plateDg({ plate }: Row): number | null {
    return parseMass(plate, this.system() === 'imperial' ? 'oz' : 'g', this.decimal())?.massDg ?? null;
  }
}

function plateText(dg: number, { system, decimal }: Pick<Settings, 'system' | 'decimal'>): string {
  const unit = system === 'imperial' ? 'oz' : 'g';
  return `${formatNumber(fromDg(dg, unit), unit === 'oz' ? 1 : 0, decimal)} ${unit}`;
}
