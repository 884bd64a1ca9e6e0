import { ChangeDetectionStrategy, Component, inject, input, output } from '@angular/core';
import { lotName } from '@core/catalogue/lot-name';
import { Format } from '@core/format/format';
import type { Lot } from '@core/ledger/lot';
import { Swatch } from '../../ui/piece/swatch';

/** What came off so far in figures: for those who want a table, for copying and for screen readers. */
@Component({
  selector: 'v-weighed-list',
  imports: [Swatch],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (cuts().length > 0) {
      <table class="ledger">
        <thead>
          <tr>
            <th>Part</th>
            <th>Goes to</th>
            <th class="figure">Weight</th>
            <th><span class="visually-hidden">Put right</span></th>
          </tr>
        </thead>
        <tbody>
          @for (cut of cuts(); track cut.id) {
            <tr>
              <td>{{ name(cut) }}{{ cut.count > 1 ? ' × ' + cut.count : '' }}</td>
              <td><v-swatch [of]="cut.destination" /></td>
              <td class="figure">
                {{ format.mass(cut.inDg) }}
                @if (cut.count > 1) {
                  <span class="soft">≈ {{ format.mass(cut.inDg / cut.count) }} each</span>
                }
              </td>
              <td class="figure">
                <button
                  type="button"
                  class="quiet small"
                  [attr.aria-label]="'Put right ' + name(cut) + ', ' + format.mass(cut.inDg)"
                  (click)="opened.emit(cut)"
                >
                  Put right
                </button>
              </td>
            </tr>
          }
        </tbody>
      </table>
    } @else {
      <p class="soft">Nothing has been weighed yet.</p>
    }
  `,
  styles: `
    .soft {
      font-size: var(--small);
      margin-left: 6px;
    }
  `,
})
export class WeighedList {
  protected readonly format = inject(Format);
  readonly cuts = input.required<readonly Lot[]>();
  readonly opened = output<Lot>();
  protected readonly name = lotName;
}
