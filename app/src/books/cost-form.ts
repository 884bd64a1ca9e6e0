import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { NO_COSTS, type CostSettings } from '@core/journal/settings';
import { Figures } from '../data/figures';
import { HouseholdStore } from '../data/household-store';
import { Notices } from '../data/notices';
import { draftOf } from '../kit/draft-of';

interface ToolRow {
  readonly name: string;
  readonly paid: string;
  readonly years: string;
}

/** What the work costs beside the meat: set once. */
@Component({
  selector: 'v-cost-form',
  imports: [FormsModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <form (ngSubmit)="save()" autocomplete="off">
      <div class="grid">
        <div class="field">
          <label for="bag">A bag or wrapping</label
          ><input
            id="bag"
            class="text"
            name="bag"
            inputmode="decimal"
            [(ngModel)]="bag"
            [attr.aria-invalid]="money(bag()) === null"
          />
        </div>
        <div class="field">
          <label for="label-cost">A label</label
          ><input
            id="label-cost"
            class="text"
            name="label"
            inputmode="decimal"
            [(ngModel)]="label"
            [attr.aria-invalid]="money(label()) === null"
          />
        </div>
        <div class="field">
          <label for="hour">An hour’s worth, empty for none</label
          ><input
            id="hour"
            class="text"
            name="hour"
            inputmode="decimal"
            [(ngModel)]="hour"
            [attr.aria-invalid]="money(hour()) === null"
          />
        </div>
      </div>
      <h3>Tools, written off over the years</h3>
      @for (tool of tools(); track $index) {
        <div class="tool">
          <input
            class="text"
            [name]="'tool' + $index"
            [attr.aria-label]="'Tool ' + ($index + 1)"
            placeholder="what it is"
            [ngModel]="tool.name"
            (ngModelChange)="set($index, { name: $event })"
          />
          <input
            class="text"
            [name]="'paid' + $index"
            inputmode="decimal"
            [attr.aria-label]="'Paid for tool ' + ($index + 1)"
            [placeholder]="figures.currencySign()"
            [ngModel]="tool.paid"
            (ngModelChange)="set($index, { paid: $event })"
          />
          <input
            class="text"
            [name]="'years' + $index"
            inputmode="decimal"
            [attr.aria-label]="'Years of tool ' + ($index + 1)"
            placeholder="years"
            [ngModel]="tool.years"
            (ngModelChange)="set($index, { years: $event })"
          />
          <button
            type="button"
            class="quiet small"
            [attr.aria-label]="'Take out ' + (tool.name || 'tool ' + ($index + 1))"
            (click)="remove($index)"
          >
            Take out
          </button>
        </div>
      }
      <button type="button" class="quiet small" (click)="add()">Add a tool</button>
      <div class="end"><button type="submit" class="quiet">Save costs</button></div>
    </form>
  `,
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
      align-items: center;
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
  protected readonly figures = inject(Figures);
  private readonly store = inject(HouseholdStore);
  private readonly notices = inject(Notices);

  private readonly costs = computed(() => this.store.settings().costs ?? NO_COSTS);
  protected readonly bag = draftOf(() => this.text(this.costs().bagMinor));
  protected readonly label = draftOf(() => this.text(this.costs().labelMinor));
  protected readonly hour = draftOf(() => this.text(this.costs().hourMinor));
  protected readonly tools = draftOf<readonly ToolRow[]>(() =>
    this.costs().tools.map(({ name, paidMinor, years }) => ({
      name,
      paid: this.text(paidMinor),
      years: this.figures.number(years, 0),
    })),
  );

  protected money(text: string): number | null {
    if (text.trim() === '') return 0;
    const minor = this.figures.parseMoney(text);
    return minor !== null && minor >= 0 ? minor : null;
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
    const [bagMinor, labelMinor, hourMinor] = [
      this.money(this.bag()),
      this.money(this.label()),
      this.money(this.hour()),
    ];
    const tools = this.tools().map((tool) => this.toolOf(tool));
    if (bagMinor === null || labelMinor === null || hourMinor === null)
      return this.notices.problem('One of the amounts cannot be read. Nothing was changed.');
    if (!tools.every((tool) => tool !== null))
      return this.notices.problem(
        'Each tool needs a name, what was paid for it, and how many years it lasts. Nothing was changed.',
      );
    const costs: CostSettings = { bagMinor, labelMinor, hourMinor, tools };
    this.notices.tell(await this.store.changeSettings(() => ({ costs })), 'Saved');
  }

  private toolOf({ name, paid, years }: ToolRow): CostSettings['tools'][number] | null {
    const [paidMinor, span] = [this.figures.parseMoney(paid), this.figures.parseNumber(years)];
    const right =
      name.trim() !== '' && paidMinor !== null && paidMinor >= 0 && span !== null && span > 0 && span <= 100;
    return right ? { name: name.trim(), paidMinor, years: span } : null;
  }

  private text(minor: number): string {
    return minor === 0 ? '' : this.figures.plainMoney(minor).replace('.', this.store.settings().decimal);
  }
}
