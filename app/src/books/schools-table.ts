import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { PartCost } from '@core/cost/cost-by-part';
import { SCHOOL_IDS, SCHOOLS, type SchoolId } from '@core/cost/school';
import { Figures } from '../data/figures';
import { HouseholdStore } from '../data/household-store';
import { Swatch } from '../kit/swatch';

/** What each part cost under the four schools, side by side. */
@Component({
  selector: 'v-schools-table',
  imports: [Swatch],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="scroll" tabindex="0" role="group" aria-label="Table, to be scrolled sideways">
      <table class="ledger">
        <thead>
          <tr>
            <th>Part</th>
            <th class="figure">Weight</th>
            @for (id of ids; track id) {
              <th class="figure" [class.on]="id === store.school()">{{ schools[id].name }}</th>
            }
          </tr>
        </thead>
        <tbody>
          @for (row of costs(); track row.part + row.destination) {
            <tr>
              <td>
                <v-swatch
                  [of]="row.destination"
                  [word]="nameOf()(row.part) + (row.count > 1 ? ' × ' + row.count : '')"
                />
              </td>
              <td class="figure">{{ figures.mass(row.massDg) }}</td>
              @for (id of ids; track id) {
                <td class="figure" [class.on]="id === store.school()">
                  {{ figures.money(row.minor[id]) }}<br /><small class="soft"
                    >{{
                      row.minor[id] > 0 ? figures.perUnit((row.minor[id] * 10000) / row.massDg) : ''
                    }}&nbsp;</small
                  >
                </td>
              }
            </tr>
          }
        </tbody>
        <tfoot>
          <tr>
            <td>Paid</td>
            <td></td>
            @for (id of ids; track id) {
              <td class="figure" [class.on]="id === store.school()">{{ figures.money(sum(id)) }}</td>
            }
          </tr>
        </tfoot>
      </table>
    </div>
    @if (surplusMinor() > 0) {
      <p class="soft">
        By-product credit: the lesser parts alone would have cost {{ figures.money(surplusMinor()) }} more
        than was paid for everything, so the main cut is free.
      </p>
    }
    <details>
      <summary>How is this computed?</summary>
      @for (id of ids; track id) {
        <p>
          <b>{{ schools[id].name }}.</b> {{ schools[id].about }}
        </p>
      }
      <p>Shares are rounded by largest remainder, so each column sums to what was paid, to the coin.</p>
    </details>
  `,
  styles: `
    @media screen {
      .ledger {
        min-width: 720px;
      }
    }
    .ledger td {
      vertical-align: top;
      padding-left: 10px;
    }
    .ledger td:first-child {
      padding-left: 0;
    }
    td.on {
      background: var(--sheet);
      font-weight: 600;
    }
    td.on small {
      font-weight: 400;
    }
    .ledger th.on {
      color: var(--ink);
      font-weight: 650;
      box-shadow: inset 0 4px 0 var(--act);
    }
    details {
      margin-top: 10px;
      color: var(--soft);
    }
    summary {
      cursor: pointer;
      min-height: 30px;
    }
  `,
})
export class SchoolsTable {
  protected readonly figures = inject(Figures);
  protected readonly store = inject(HouseholdStore);
  protected readonly ids = SCHOOL_IDS;
  protected readonly schools = SCHOOLS;
  readonly costs = input.required<readonly PartCost[]>();
  readonly surplusMinor = input.required<number>();
  readonly nameOf = input.required<(part: string | null) => string>();
  private readonly sums = computed(
    () =>
      new Map(SCHOOL_IDS.map((id) => [id, this.costs().reduce((total, { minor }) => total + minor[id], 0)])),
  );

  protected sum(school: SchoolId): number {
    return this.sums().get(school) ?? 0;
  }
}
