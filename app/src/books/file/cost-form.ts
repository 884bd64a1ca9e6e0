import { saveCosts } from '@core/deeds/change-settings';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { NO_COSTS, type CostSettings } from '@core/cost/cost-settings';
import { Format } from '@core/format/format';
import { draftKey } from '../../household/draft-key';
import { HouseholdStore } from '../../household/household-store';
import { draftOf } from '../../ui/form/draft-of';
import { TextField } from '../../ui/field/text-field';
import { keepInTab } from '../../ui/form/keep-in-tab';
import { ReadableForm } from '../../ui/form/readable-form';

interface ToolRow {
  readonly name: string;
  readonly paid: string;
  readonly years: string;
}

/** What the work costs beside the meat: set once. */
@Component({
  selector: 'v-cost-form',
  imports: [FormsModule, ReadableForm, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './cost-form.html',
  styles: `
    .grid {
      display: grid;
      grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
      gap: 12px 16px;
      margin: 10px 0 16px;
      align-items: end;
    }
    .tool {
      display: grid;
      grid-template-columns: minmax(0, 1fr) 110px 90px auto;
      gap: 10px;
      margin: 8px 0;
      align-items: start;
    }
    .end {
      margin-top: 14px;
    }
    @media (max-width: 900px) {
      .tool {
        grid-template-columns: 1fr 1fr;
      }
    }
  `,
})
export class CostForm {
  protected readonly format = inject(Format);
  private readonly store = inject(HouseholdStore);

  private readonly costs = computed(() => this.store.settings().costs ?? NO_COSTS);
  protected readonly bag = draftOf(() => this.text(this.costs().bagMinor));
  protected readonly label = draftOf(() => this.text(this.costs().labelMinor));
  protected readonly hour = draftOf(() => this.text(this.costs().hourMinor));
  protected readonly energy = draftOf(() => this.text(this.costs().energyMinor ?? 0));
  protected readonly trip = draftOf(() => this.text(this.costs().tripMinor ?? 0));
  protected readonly tools = draftOf<readonly ToolRow[]>(() =>
    this.costs().tools.map(({ name, paidMinor, years }) => ({
      name,
      paid: this.text(paidMinor),
      years: this.format.number(years, 0),
    })),
  );

  constructor() {
    const draft = draftKey('costs');
    keepInTab(() => `${draft()} ${JSON.stringify(this.costs())}`, {
      bag: this.bag,
      label: this.label,
      hour: this.hour,
      energy: this.energy,
      trip: this.trip,
      tools: this.tools,
    });
  }

  protected money(text: string): number | null {
    if (text.trim() === '') return 0;
    const minor = this.format.parseMoney(text);
    return minor !== null && minor >= 0 ? minor : null;
  }

  /** What is missing is said once somebody wants to go on. */
  protected readonly tried = signal(false);

  protected amountProblem(text: string): string {
    return this.money(text) === null ? `“${text}” is no amount.` : '';
  }

  protected yearsRight(text: string): boolean {
    const span = this.format.parseNumber(text);
    return span !== null && span > 0 && span <= 100;
  }

  protected set(index: number, part: Partial<ToolRow>): void {
    this.tools.update((tools) => tools.map((tool, at) => (at === index ? { ...tool, ...part } : tool)));
  }

  protected add(): void {
    this.tools.update((tools) => [...tools, { name: '', paid: '', years: '10' }]);
  }

  protected remove(index: number): void {
    this.tools.update((tools) => tools.filter((_, at) => at !== index));
  }

  protected async save(): Promise<void> {
    const [bagMinor, labelMinor, hourMinor, energyMinor, tripMinor] = [
      this.bag,
      this.label,
      this.hour,
      this.energy,
      this.trip,
    ].map((field) => this.money(field()));
    const tools = this.tools().map((tool) => this.toolOf(tool));
    this.tried.set(true);
    if (bagMinor == null || labelMinor == null || hourMinor == null) return;
    if (energyMinor == null || tripMinor == null) return;
    if (!tools.every((tool) => tool !== null)) return;
    const costs: CostSettings = { bagMinor, labelMinor, hourMinor, energyMinor, tripMinor, tools };
    await this.store.perform(saveCosts(costs));
  }

  private toolOf({ name, paid, years }: ToolRow): CostSettings['tools'][number] | null {
    const [paidMinor, span] = [this.format.parseMoney(paid), this.format.parseNumber(years)];
    const isFull = name.trim() !== '' && paidMinor !== null && paidMinor >= 0;
    return isFull && span !== null && this.yearsRight(years)
      ? { name: name.trim(), paidMinor, years: span }
      : null;
  }

  private text(minor: number): string {
    return minor === 0 ? '' : this.format.plainMoney(minor).replace('.', this.store.settings().decimal);
  }
}
