import { sum } from 'd3-array';
import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import type { Kind } from '@core/catalogue/kind-schema';
import { isUsable } from '@core/ledger/destination';
import { habitOfWay, predict, type Prediction } from '@core/yield/prediction';
import { answerAt } from '@core/yield/verdict';
import { packsOf } from './packs-of';
import { Format } from '@core/format/format';
import type { Plate } from '@core/cost/plates';
import { HouseholdStore } from '../../household/household-store';
import { minutesHere } from '../../household/minutes-here';
import { ReadyCut } from './ready-cut';

/** Every way to cut a piece at today's prices: packs, worth, saving, minutes. */
@Component({
  selector: 'v-ways-compared',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <p class="soft">At today’s prices, for {{ format.mass(massDg()) }}. Choose one to see it through.</p>
    <div class="scroll" tabindex="0" role="group" aria-label="Table, to be scrolled sideways">
      <table class="ledger">
        <thead>
          <tr>
            <th>Way</th>
            <th class="figure wide">Usable</th>
            <th class="figure">Packs</th>
            <th class="figure wide">Bought cut</th>
            <th class="figure">Saves</th>
            <th class="figure">Minutes</th>
          </tr>
        </thead>
        <tbody>
          @for (row of rows(); track row.id) {
            <tr [class.on]="row.id === way()">
              <td>
                <button
                  type="button"
                  class="pick"
                  [attr.aria-pressed]="row.id === way()"
                  (click)="chosen.emit(row.id)"
                >
                  {{ row.name }}
                </button>
                @if (row.estimated && row.pieces === 0) {
                  <small class="soft"> estimate</small>
                }
              </td>
              <td class="figure wide">{{ format.mass(row.usableDg) }}</td>
              <td class="figure">{{ row.packs }}</td>
              <td class="figure wide">
                {{ row.worthMinor > 0 ? format.wholeMoney(row.worthMinor) + row.orMore : 'unknown' }}
              </td>
              <td class="figure" [class.bad]="row.savedMinor !== null && row.savedMinor < 0">
                @if (row.savedMinor === null) {
                  <span class="soft">{{ row.isOpen ? 'open' : '–' }}</span>
                } @else {
                  <b>{{ format.wholeMoney(row.savedMinor) }}</b>{{ row.orMore }}
                }
              </td>
              <td class="figure">{{ row.minutes }}</td>
            </tr>
          }
        </tbody>
      </table>
    </div>
  `,
  styles: `
    p {
      margin: 0 0 6px;
    }
    @media (max-width: 900px) {
      .wide {
        display: none;
      }
    }
    .pick {
      background: none;
      border: 0;
      padding: 0;
      font: inherit;
      color: inherit;
      text-align: left;
      text-decoration: underline;
      text-underline-offset: 3px;
      cursor: pointer;
      min-height: 32px;
    }
    tr.on td {
      background: var(--sheet);
    }
    tr.on td:first-child {
      box-shadow: inset 4px 0 0 var(--act);
      padding-left: 10px;
    }
    tr.on .pick {
      font-weight: 650;
      text-decoration: none;
    }
  `,
})
export class WaysCompared {
  protected readonly format = inject(Format);
  private readonly store = inject(HouseholdStore);
  private readonly minutesOf = minutesHere();
  private readonly readyCut = inject(ReadyCut);
  readonly kind = input.required<Kind>();
  readonly way = input.required<string>();
  readonly massDg = input.required<number>();
  readonly count = input.required<number>();
  /** Null while no price of the piece is known. */
  readonly perKgMinor = input.required<number | null>();
  readonly marks = input.required<readonly string[]>();
  readonly on = input.required<string>();
  readonly pack = input.required<Plate>();
  readonly chosen = output<string>();

  private readonly habits = computed(() =>
    this.kind().ways.map((way) => habitOfWay(this.store.state(), { kind: this.kind(), way })),
  );
  /** Apart from the price, which moves with every twitch of the slider. */
  private readonly predictions = computed(() =>
    this.kind().ways.map((way, index) =>
      predict({ kind: this.kind(), way }, this.habits()[index]!, this.readyCut.basis(), {
        massDg: this.massDg(),
        marks: this.marks(),
        on: this.on(),
      }),
    ),
  );
  protected readonly rows = computed(() =>
    this.kind().ways.map((way, index) => {
      const prediction = this.predictions()[index]!;
      const { habit, parts, usable, worthPerKg, missing } = prediction;
      const worthMinor = (worthPerKg.mean * this.massDg()) / 10_000;
      const packed = parts.filter(
        ({ destination, massDg }) => destination && isUsable(destination) && massDg > 500,
      );
      return {
        id: way.id,
        name: way.name,
        estimated: way.estimated,
        pieces: habit.pieces,
        usableDg: Math.round(usable.share * this.massDg()),
        packs: sum(packed, (part) => packsOf(part, this.kind().id, this.pack())),
        worthMinor,
        ...this.savingOf(prediction, worthMinor),
        orMore: missing.length > 0 ? ' or more' : '',
        minutes: this.minutesOf()(this.kind(), way) * this.count(),
      };
    }),
  );

  /** What it saves; null where no price is asked, or where prices that nobody knows could turn the answer. */
  private savingOf(
    prediction: Prediction,
    worthMinor: number,
  ): { readonly savedMinor: number | null; readonly isOpen: boolean } {
    const perKg = this.perKgMinor();
    if (perKg === null) return { savedMinor: null, isOpen: false };
    const isOpen = answerAt(prediction, perKg) === 'open';
    return { savedMinor: isOpen ? null : worthMinor - (perKg * this.massDg()) / 10_000, isOpen };
  }
}
