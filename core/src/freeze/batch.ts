import { sum } from 'd3-array';
import type { Lot } from '../ledger/lot';
import { addDays, type IsoDate } from '../units/date';
import type { MassDg } from '../units/mass';
import type { Appliance, Shelf } from '../cold/cold-places';
import { isInFreezer } from '../cold/cold';
import type { ClockOf } from '../cold/household-clocks';
import { roomIn } from './room';

/** Where and when a pack of a batch goes in. */
export interface GoesIn {
  readonly lot: Lot;
  readonly on: IsoDate;
  readonly shelf: Shelf;
  readonly appliance: Appliance;
}

/** A new batch: what goes in when and where, and what cannot. */
export interface Batch {
  /** In the order in which to put it in. */
  readonly goesIn: readonly GoesIn[];
  /** What would wait in the refrigerator for longer than it keeps: cook it, or give it to a neighbour's freezer. */
  readonly tooLate: readonly { readonly lot: Lot; readonly by: IsoDate }[];
  /** What finds no room. */
  readonly noRoom: readonly Lot[];
  /** What may not be frozen, raw, any more: past its day, or thawed in a way that forbids it. */
  readonly notRaw: readonly Lot[];
}

/** The last day on which something still goes into the freezer; what is frozen goes in at once. */
export function freezeBy(lot: Lot, clockOf: ClockOf, today: IsoDate): IsoDate {
  const cold = clockOf(lot);
  return isInFreezer(cold) ? today : (cold.cookBy ?? today);
}

interface Space {
  readonly appliance: Appliance;
  readonly shelf: Shelf;
  freeDg: MassDg;
  /** What this batch has brought, for spreading it. */
  newDg: MassDg;
}

/**
 * Plans the freezing of a batch. What keeps shortest goes in first, of that the thickest, which
 * freezes slowest. No freezer takes more in a day than it freezes well; the rest waits in the
 * refrigerator. Each pack goes to the drawer that has got least, so that warm ones do not touch.
 * A pack larger than a day's load goes in alone. A freezer of which nobody knows the size takes what
 * is left, for nobody can say that it is full.
 *
 * @param waiting what waits to be frozen
 * @param stock what lies in the freezers already; what was put in today counts for today
 */
export function planBatch(
  waiting: readonly Lot[],
  appliances: readonly Appliance[],
  stock: readonly Lot[],
  clockOf: ClockOf,
  today: IsoDate,
): Batch {
  const notRaw = waiting.filter((lot) => clockOf(lot).mayRefreeze === false);
  const fresh = waiting.filter((lot) => !notRaw.includes(lot));
  const freezers = appliances.filter(({ cold }) => cold === 'freezer');
  const spaces = freezers.flatMap((appliance) =>
    appliance.shelves.flatMap((shelf) => spaceOf(appliance, shelf, stock)),
  );
  const loads = new Map<string, MassDg>();
  for (const freezer of freezers) loads.set(keyOf(freezer, today), loadedOn(freezer, stock, clockOf, today));
  const goesIn: GoesIn[] = [];
  const tooLate: { lot: Lot; by: IsoDate }[] = [];
  const noRoom: Lot[] = [];
  for (const lot of inOrder(fresh, clockOf, today)) {
    const fitting = spaces.filter(({ freeDg }) => freeDg >= lot.leftDg);
    if (fitting.length === 0) {
      noRoom.push(lot);
      continue;
    }
    const isFrozen = clockOf(lot).state === 'frozen';
    const { space, on } = isFrozen
      ? { space: fitting[0] as Space, on: today }
      : firstDay(lot, fitting, loads, today);
    const by = freezeBy(lot, clockOf, today);
    if (on > by) {
      tooLate.push({ lot, by });
      continue;
    }
    space.freeDg -= lot.leftDg;
    space.newDg += lot.leftDg;
    if (!isFrozen)
      loads.set(keyOf(space.appliance, on), (loads.get(keyOf(space.appliance, on)) ?? 0) + lot.leftDg);
    goesIn.push({ lot, on, shelf: space.shelf, appliance: space.appliance });
  }
  return { goesIn: goesIn.sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0)), tooLate, noRoom, notRaw };
}

const keyOf = (appliance: Appliance, on: IsoDate): string => `${appliance.id} ${on}`;

function spaceOf(appliance: Appliance, shelf: Shelf, stock: readonly Lot[]): Space[] {
  if (shelf.litres === null) return [{ appliance, shelf, freeDg: Infinity, newDg: 0 }];
  const storedDg = sum(
    stock.filter(({ place }) => place === shelf.id),
    ({ leftDg }) => leftDg,
  );
  return [{ appliance, shelf, freeDg: roomIn(shelf.litres, storedDg).freeDg, newDg: 0 }];
}

/** What was put into a freezer on a day and is still warm that day. */
export function loadedOn(
  { id, shelves }: Appliance,
  stock: readonly Lot[],
  clockOf: ClockOf,
  day: IsoDate,
): MassDg {
  return sum(
    stock.filter(
      (lot) =>
        (lot.place === id || shelves.some((shelf) => shelf.id === lot.place)) &&
        lot.kept !== 'bought-frozen' &&
        clockOf(lot).frozenOn === day,
    ),
    ({ leftDg }) => leftDg,
  );
}

function inOrder(fresh: readonly Lot[], clockOf: ClockOf, today: IsoDate): Lot[] {
  return [...fresh].sort(
    (a, b) =>
      compare(freezeBy(a, clockOf, today), freezeBy(b, clockOf, today)) ||
      (b.thicknessMm ?? 0) - (a.thicknessMm ?? 0) ||
      b.leftDg - a.leftDg ||
      compare(a.id, b.id),
  );
}

function firstDay(
  lot: Lot,
  fitting: readonly Space[],
  loads: ReadonlyMap<string, MassDg>,
  today: IsoDate,
): { space: Space; on: IsoDate } {
  const spread = [...fitting].sort(
    (a, b) =>
      Number(a.shelf.litres === null) - Number(b.shelf.litres === null) ||
      a.newDg / (a.shelf.litres ?? 1) - b.newDg / (b.shelf.litres ?? 1) ||
      (b.freeDg > a.freeDg ? 1 : b.freeDg < a.freeDg ? -1 : 0),
  );
  for (let on = today; ; on = addDays(on, 1)) {
    const space = spread.find(({ appliance }) => {
      const loadDg = loads.get(keyOf(appliance, on)) ?? 0;
      return (
        appliance.litres === null ||
        loadDg === 0 ||
        loadDg + lot.leftDg <= roomIn(appliance.litres, 0).perDayDg
      );
    });
    if (space) return { space, on };
  }
}

const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);
