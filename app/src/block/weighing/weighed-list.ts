import { correctWeight, sendTo } from '@core/deeds/correct-cut';
import { ChangeDetectionStrategy, Component, inject, input, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { DESTINATION_IDS, type Destination } from '@core/ledger/destination';
import type { Lot } from '@core/ledger/lot';
import { lotName } from '@core/catalogue/lot-name';
import { Format } from '@core/format/format';
import { HouseholdStore } from '../../household/household-store';
import { Notices } from '../../household/notices';
import { Swatch } from '../../ui/piece/swatch';
import { BenchActs } from '../bench/bench-acts';

/** What came off so far, each with its weight; weight and destination can be set right here. */
@Component({
  selector: 'v-weighed-list',
  imports: [FormsModule, Swatch],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (cuts().length > 0) {
      <table class="ledger">
        <thead>
          <tr>
            <th>Part</th>
            <th>Goes to</th>
            <th class="figure">Weight</th>
            <th><span class="visually-hidden">Correct</span></th>
          </tr>
        </thead>
        <tbody>
          @for (cut of cuts(); track cut.id) {
            <tr>
              <td>{{ name(cut) }}{{ cut.count > 1 ? ' × ' + cut.count : '' }}</td>
              <td>
                <span class="to"
                  ><v-swatch [of]="cut.destination" word="" />
                  <select
                    [attr.aria-label]="'Destination of ' + name(cut)"
                    [ngModel]="cut.destination"
                    (ngModelChange)="send(cut, $event)"
                  >
                    @for (each of destinations; track each) {
                      <option [value]="each">{{ each }}</option>
                    }
                  </select></span
                >
              </td>
              <td class="figure">
                @if (editing() === cut.id) {
                  <input
                    class="text"
                    [attr.aria-label]="'Right weight of ' + name(cut)"
                    [(ngModel)]="text"
                    (keydown.enter)="correct(cut)"
                    (keydown.escape)="editing.set(null)"
                  />
                } @else {
                  {{ format.mass(cut.inDg) }}
                  @if (cut.count > 1) {
                    <span class="soft" title="Weighed together: single weights are estimates"
                      >≈ {{ format.mass(cut.inDg / cut.count) }} each</span
                    >
                  }
                }
              </td>
              <td class="figure">
                @if (editing() === cut.id) {
                  <button type="button" class="link" (click)="correct(cut)">Save</button>
                } @else {
                  <button
                    type="button"
                    class="link"
                    (click)="edit(cut)"
                    [attr.aria-label]="'Correct the weight of ' + name(cut)"
                  >
                    Correct
                  </button>
                  <button
                    type="button"
                    class="link"
                    (click)="acts.takeOut(cut)"
                    [attr.aria-label]="'Take out ' + name(cut) + ', ' + format.mass(cut.inDg)"
                  >
                    Take out
                  </button>
                }
              </td>
            </tr>
          }
        </tbody>
      </table>
    }
  `,
  styles: `
    .to {
      display: inline-flex;
      align-items: center;
      gap: 4px;
    }
    select {
      font: inherit;
      background: transparent;
      border: 0;
      border-bottom: 1px solid var(--field-line);
      color: var(--ink);
      min-height: 34px;
    }
    select option {
      background: var(--sheet);
    }
    td:last-child {
      white-space: nowrap;
    }
    .link + .link {
      margin-left: 12px;
    }
    .link {
      color: var(--soft);
    }
    input.text {
      width: 120px;
      min-height: 38px;
      text-align: right;
    }
    .soft {
      font-size: var(--small);
      margin-left: 6px;
    }
  `,
})
export class WeighedList {
  protected readonly acts = inject(BenchActs);
  protected readonly format = inject(Format);
  private readonly store = inject(HouseholdStore);
  private readonly notices = inject(Notices);

  readonly cuts = input.required<readonly Lot[]>();
  protected readonly destinations = DESTINATION_IDS;
  protected readonly editing = signal<string | null>(null);
  protected readonly text = signal('');
  protected readonly name = lotName;

  protected edit(cut: Lot): void {
    this.text.set(this.format.mass(cut.inDg));
    this.editing.set(cut.id);
  }

  protected async send(cut: Lot, destination: Destination): Promise<void> {
    await this.store.perform(sendTo(cut, destination));
  }

  protected async correct(cut: Lot): Promise<void> {
    const doubt = this.format.massDoubt(this.text(), 'small');
    if (doubt) return this.notices.problem(doubt);
    const mass = this.format.parseMass(this.text(), 'small');
    const written = await this.store.perform(correctWeight(cut, mass, this.format));
    if (written.ok) this.editing.set(null);
  }
}
