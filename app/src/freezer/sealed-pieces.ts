import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import type { Lot } from '@core/journal/lot';
import { lotName } from '@core/journal/lot-name';
import { Clock } from '../data/clock';
import { Figures } from '../data/figures';
import { HOUSEHOLD_NAME } from '../data/household-name';
import { HouseholdStore } from '../data/household-store';
import { Notices } from '../data/notices';
import { Acts } from '../kit/acts';

/** Pieces that were bought and are still sealed: where they wait, and until when by their label. */
@Component({
  selector: 'v-sealed-pieces',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (pieces().length > 0) {
      <section aria-label="Sealed and waiting">
        <h2>Sealed, and waits to be cut</h2>
        @for (piece of pieces(); track piece.id) {
          <div>
            <a [routerLink]="['/', household, 'block', piece.id]">{{ lotName(piece) }}</a>
            <span>{{ figures.mass(piece.leftDg) }}</span>
            <label
              >date on its label
              <input
                class="text"
                type="date"
                [value]="piece.until ?? ''"
                (change)="setUntil(piece, $any($event.target).value)"
            /></label>
            <label
              >lies in
              <select class="text" (change)="move(piece, $any($event.target).value)">
                @if (!piece.place) {
                  <option value="">no place</option>
                }
                @for (each of store.shelves(); track each.id) {
                  <option [value]="each.id" [selected]="each.id === piece.place">{{ each.name }}</option>
                }
              </select></label
            >
            @if (piece.until && piece.until < today) {
              <b class="bad">past its date</b>
            }
          </div>
        }
      </section>
    }
  `,
  styles: `
    section {
      margin-bottom: 18px;
    }
    h2 {
      font-size: 1.1rem;
      margin-bottom: 6px;
    }
    div {
      display: flex;
      gap: 8px 18px;
      flex-wrap: wrap;
      align-items: center;
      border-top: 1px solid var(--line);
      padding: 6px 0;
    }
    a {
      font-weight: 600;
    }
    label {
      display: flex;
      gap: 8px;
      align-items: center;
      color: var(--soft);
    }
    .text {
      width: auto;
    }
  `,
})
export class SealedPieces {
  protected readonly store = inject(HouseholdStore);
  protected readonly figures = inject(Figures);
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly acts = inject(Acts);
  private readonly notices = inject(Notices);
  protected readonly today = inject(Clock).today();
  protected readonly lotName = lotName;
  protected readonly pieces = computed(() =>
    this.store.openPieces().filter(({ flows }) => flows.length === 0),
  );

  protected setUntil(piece: Lot, date: string): void {
    if (!/^\d{4}-\d{2}-\d{2}$/.test(date))
      return this.notices.problem('That is no date. The old one stands.');
    void this.acts.write(`${lotName(piece)}: ${this.figures.dayAndYear(date)} on its label`, [
      { type: 'corrected', entry: piece.made, set: { until: date } },
    ]);
  }

  protected move(piece: Lot, place: string): void {
    if (place !== '')
      void this.acts.write(`${lotName(piece)} is in ${this.store.placeNames().get(place)}`, [
        { type: 'placed', lot: piece.id, place },
      ]);
  }
}
