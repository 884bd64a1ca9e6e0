import { computed, inject, Injectable } from '@angular/core';
import { NEAR_DAYS } from '@core/dinner/propose-week';
import { platesOf } from '@core/dinner/plates-of';
import { daysOfPack } from '@core/dinner/week';
import { bestBefore, keepingOf, type Keeping } from '@core/freeze/keeping';
import { cookBy } from '@core/freeze/cook-by';
import { lotName } from '@core/journal/lot-name';
import type { Lot } from '@core/journal/lot';
import { meanPlateDg } from '@core/journal/settings';
import { shortNumber } from '@core/label/short-number';
import { packState, type PackState } from '@core/pack/pack-state';
import { daysBetween, type IsoDate } from '@core/units/date';
import { Clock } from '../data/clock';
import { HouseholdStore } from '../data/household-store';

/** A pack with what its row and its picture say of it. */
export interface PackRow {
  readonly lot: Lot;
  readonly name: string;
  readonly number: string;
  readonly state: PackState;
  readonly keeping: Keeping | null;
  readonly until: IsoDate | null;
  /** The last day to cook what is thawing, or fresh. */
  readonly cookBy: IsoDate | null;
  readonly isRefrigerated: boolean;
  readonly isPast: boolean;
  readonly isNear: boolean;
  readonly place: string;
  /** Plates, counted or from its weight. */
  readonly plates: number;
  readonly costMinor: number | null;
  readonly planned: readonly IsoDate[];
  /** What it is found by. */
  readonly text: string;
}

const KEPT = {
  'bought-frozen': 'bought frozen',
  'frozen-before': 'frozen before',
  sealed: 'sealed',
} as const;

/** What a pack was when it came, in words. */
export function keptWord(lot: Lot): string {
  return lot.refrozenOn !== null ? 'frozen again' : lot.kept === null ? '' : KEPT[lot.kept];
}

/** Everything in the cold, the most urgent first: thawing, near its date, then the oldest. Worked out once for all pages. */
@Injectable()
export class PackRows {
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  readonly all = computed(() => {
    const today = this.clock.today();
    const rank = (row: PackRow): string =>
      row.cookBy !== null
        ? `0${row.cookBy}`
        : row.isPast || row.isNear
          ? `1${row.until}`
          : `2${row.lot.on ?? ''}`;
    const ranked = this.store
      .stock()
      .map((lot) => this.rowOf(lot, today))
      .map((row) => ({ row, rank: rank(row) }));
    return ranked.sort((a, b) => (a.rank < b.rank ? -1 : a.rank > b.rank ? 1 : 0)).map(({ row }) => row);
  });
  readonly byId = computed(() => new Map(this.all().map((row) => [row.lot.id, row])));

  private rowOf(lot: Lot, today: IsoDate): PackRow {
    const until = bestBefore(lot);
    const daysLeft = until === null ? null : daysBetween(today, until);
    const cost = this.store.costs().get(lot.id);
    const place =
      lot.place === null ? 'no place' : (this.store.placeNames().get(lot.place) ?? 'a place that is gone');
    const number = shortNumber(lot.id);
    const isRefrigerated = this.store.refrigerated().has(lot.place ?? '');
    return {
      lot,
      name: lotName(lot),
      number,
      state: packState(lot),
      keeping: keepingOf(lot),
      until,
      cookBy: cookBy(lot, isRefrigerated),
      isRefrigerated,
      isPast: daysLeft !== null && daysLeft < 0,
      isNear: daysLeft !== null && daysLeft >= 0 && daysLeft <= NEAR_DAYS,
      place,
      plates: Math.round(platesOf(lot, meanPlateDg(this.store.settings())) * 10) / 10,
      costMinor: cost?.complete ? cost.leftMinor : null,
      planned: daysOfPack(lot.id, this.planned()),
      text: `${lotName(lot)} ${place} ${lot.animal ?? ''} ${lot.destination} ${lot.part ?? ''} ${lot.kind ?? ''} ${number} ${keptWord(lot)}`.toLowerCase(),
    };
  }

  /** Dinners that are still to come. */
  private readonly planned = computed(
    () => new Map([...this.store.meals()].filter(([date]) => date >= this.clock.today())),
  );
}
