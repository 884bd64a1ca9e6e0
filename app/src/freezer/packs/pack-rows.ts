import { computed, inject, Injectable } from '@angular/core';
import { NEAR_DAYS } from '@core/dinner/propose-week';
import { platesOf } from '@core/dinner/plates-of';
import { daysOfPack } from '@core/dinner/week';
import { isInFreezer, type Cold } from '@core/cold/cold';
import { keepingOf, type Keeping } from '@core/cold/keeping';
import { lotName } from '@core/catalogue/lot-name';
import type { Lot } from '@core/ledger/lot';
import { plateOf } from '@core/pack/eater';
import { shortNumber } from '@core/label/short-number';
import { packState, type PackState } from '@core/pack/pack-state';
import { daysBetween, type IsoDate } from '@core/units/date';
import { Clock } from '../../household/clock';
import { Colds } from '../../household/colds';
import { costsOfLots } from '../../household/costs';
import { HouseholdStore } from '../../household/household-store';

/** A pack with what its row and its picture say of it. */
export interface PackRow {
  readonly lot: Lot;
  readonly name: string;
  readonly number: string;
  readonly state: PackState;
  readonly keeping: Keeping | null;
  /** What it is between warm and cold, and until when. */
  readonly cold: Cold;
  /** Past its best in the freezer: for quality only. */
  readonly isPast: boolean;
  readonly isNear: boolean;
  readonly place: string;
  /** Plates, counted or from its weight. */
  readonly plates: number;
  readonly costMinor: number | null;
  readonly planned: readonly IsoDate[];
  /** What it is kept for; null where any plan may take it. */
  readonly keptFor: string | null;
  /** What it is found by. */
  readonly text: string;
}

const KEPT = {
  'bought-frozen': 'bought frozen',
  'frozen-before': 'frozen before',
  sealed: 'sealed',
  open: 'not sealed',
} as const;

/** What a pack was when it came, in words; that it was frozen again its clock knows. */
export function keptWord(lot: Lot): string {
  return lot.kept === null ? '' : KEPT[lot.kept];
}

/** Everything in the cold, the most urgent first: thawing, near its date, then the oldest. Worked out once for all pages. */
@Injectable()
export class PackRows {
  private readonly store = inject(HouseholdStore);
  private readonly costOf = costsOfLots();
  private readonly clock = inject(Clock);
  private readonly colds = inject(Colds);
  readonly all = computed(() => {
    const today = this.clock.today();
    const rank = (row: PackRow): string =>
      row.cold.overdue
        ? `0${row.cold.cookBy}`
        : row.cold.cookBy !== null && !isInFreezer(row.cold)
          ? `1${row.cold.cookBy}`
          : row.isPast || row.isNear
            ? `2${row.cold.bestBefore}`
            : `3${row.lot.on ?? ''}`;
    const ranked = this.store
      .stock()
      .map((lot) => this.rowOf(lot, today))
      .map((row) => ({ row, rank: rank(row) }));
    return ranked.sort((a, b) => (a.rank < b.rank ? -1 : a.rank > b.rank ? 1 : 0)).map(({ row }) => row);
  });
  readonly byId = computed(() => new Map(this.all().map((row) => [row.lot.id, row])));

  private rowOf(lot: Lot, today: IsoDate): PackRow {
    const cold = this.colds.of()(lot);
    const daysLeft = cold.bestBefore === null ? null : daysBetween(today, cold.bestBefore);
    const cost = this.costOf().get(lot.id);
    const place =
      lot.place === null ? 'no place' : (this.store.placeNames().get(lot.place) ?? 'a place that is gone');
    const number = shortNumber(lot.id);
    const keptFor = this.store.reserved().get(lot.id)?.for ?? null;
    return {
      lot,
      name: lotName(lot),
      number,
      state: packState(lot),
      keeping: keepingOf(lot),
      cold,
      isPast: daysLeft !== null && daysLeft < 0,
      isNear: daysLeft !== null && daysLeft >= 0 && daysLeft <= NEAR_DAYS,
      place,
      plates: Math.round(platesOf(lot, plateOf(this.store.settings())) * 10) / 10,
      costMinor: cost?.complete ? cost.leftMinor : null,
      planned: daysOfPack(lot.id, this.planned()),
      keptFor,
      text: `${lotName(lot)} ${place} ${lot.animal ?? ''} ${lot.destination} ${lot.part ?? ''} ${lot.kind ?? ''} ${number} ${keptWord(lot)} ${cold.state}${cold.overdue ? ' overdue' : ''}${keptFor === null ? '' : ` kept for ${keptFor}`}`.toLowerCase(),
    };
  }

  /** Dinners that are still to come. */
  private readonly planned = computed(
    () => new Map([...this.store.meals()].filter(([date]) => date >= this.clock.today())),
  );
}
