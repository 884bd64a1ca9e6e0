import { failure, success, type Result } from '../units/result';
import * as z from 'zod';
import { isUsable } from '../ledger/destination';
import { clockAt } from '../books/clock-at';
import type { Cold } from '../cold/cold';
import { whyOf } from '../cold/why';
import { readyBy, type PanTime } from '../freeze/ready-by';
import { settingsOf, type Household } from '../records/household';
import { lotName } from '../catalogue/lot-name';
import type { Lot } from '../ledger/lot';
import { USUAL_COOK_MINUTES, USUAL_DINNERS } from '../dinner/dinners';
import { perishableOf } from '../pack/stock';
import { addHours } from '../units/date';
import { instantAt, wallAt } from '../units/zone';

/** One lot in stock, and until when it keeps. Described in docs/command-line.md. */
export interface KeepsRow extends Pick<
  Cold,
  | 'state'
  | 'boughtOn'
  | 'daysThawed'
  | 'frozenOn'
  | 'frozenAt'
  | 'bestBefore'
  | 'bestRange'
  | 'dueOn'
  | 'cookBy'
  | 'cookByAt'
  | 'openOn'
  | 'readyAt'
  | 'softAt'
  | 'overdue'
  | 'toCheck'
  | 'mayRefreeze'
  | 'refrozen'
> {
  readonly why: string;
  readonly id: string;
  readonly name: string;
  readonly place: string | null;
  readonly massG: number;
  /** Whether and how it can be on the table tonight; null where it cannot. */
  readonly tonight: { readonly ready: boolean; readonly way: string; readonly outBy: string | null } | null;
}

/** When and where the question is asked. */
export interface KeepsRequest {
  readonly on: string;
  /** Time of day, `HH:MM`; noon where nothing is said. */
  readonly at: string;
  readonly zone: string;
}

/** Until when everything keeps that the household has, as a report; or what is wrong with the request. */
export function keepsReport(household: Household, { on, at, zone }: KeepsRequest): Result<KeepsRow[]> {
  if (!z.iso.date().safeParse(on).success) return failure(`"${on}" is no day. Write it like 2026-11-26.`);
  if (!/^([01]\d|2[0-3]):[0-5]\d$/.test(at))
    return failure(`"${at}" is no time of day. Write it like 18:30.`);
  const now = instantAt(on, at, zone);
  const clockOf = clockAt(household, zone, now);
  const { at: dinnerAt, cookMinutes = USUAL_COOK_MINUTES } = settingsOf(household).dinners ?? USUAL_DINNERS;
  const pan: PanTime = { now, panAt: addHours(instantAt(on, dinnerAt, zone), -cookMinutes / 60), on };
  const rows = perishableOf(household.journal.state).map((lot): KeepsRow => {
    const cold = clockOf(lot);
    const {
      state,
      because: _code,
      keeping: _class,
      readyOn: _on,
      frozenBy: _by,
      moreLeft: _left,
      faulty: _no,
      ...dates
    } = cold;
    const where = { id: lot.id, name: lotName(lot), state, place: lot.place, massG: lot.leftDg / 10 };
    return { ...where, ...dates, tonight: tonightOf(lot, clockOf, pan, zone), why: whyOf(cold) };
  });
  return success(rows);
}

function tonightOf(lot: Lot, clockOf: (lot: Lot) => Cold, pan: PanTime, zone: string): KeepsRow['tonight'] {
  const [ready] = isUsable(lot.destination) ? readyBy([lot], pan, clockOf) : [];
  if (!ready || ready.way === null) return null;
  const isOut = ready.way === 'fresh' || ready.way === 'thawed';
  return {
    ready: isOut,
    way: ready.way,
    outBy: ready.outBy === null ? null : wallAt(ready.outBy, zone).time,
  };
}
