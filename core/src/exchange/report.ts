import { DESTINATION_IDS, type Destination } from '../ledger/destination';
import { basisOf } from '../books/basis-of';
import { compareWithShop } from '../books/comparison';
import { carriersOf } from '../cost/carriers';
import { costOfLots } from '../cost/cost-of-lots';
import type { LotCost } from '../cost/lot-cost';
import { creditsOf, COST_METHODS } from '../cost/method';
import type { CostMethodId } from '../cost/method-ids';
import { clockAt } from '../books/clock-at';
import type { ClockOf } from '../cold/household-clocks';
import { settingsOf, type Household } from '../records/household';
import { leavesOf, leavesOrPiece } from '../ledger/leaves';
import { lotName } from '../catalogue/lot-name';
import type { Lot, LotId } from '../ledger/lot';
import type { State } from '../ledger/replay';
import { packState, type PackState } from '../pack/pack-state';
import { stockOf } from '../pack/stock';
import { roundHalfUp } from '../units/money';
import { yieldTest } from '../yield/yield-test';

/** One part of a purchase in the report. */
export interface PartReport {
  readonly part: string;
  readonly count: number;
  readonly massG: number;
  readonly costMinor: number;
}

/** One pack in the report; cost null where it is unknown. */
export interface PackReport {
  readonly id: string;
  readonly massG: number;
  readonly portions: number;
  readonly costMinor: number | null;
  readonly state: PackState;
}

/** One purchase in the report. */
export interface PurchaseReport {
  readonly id: string;
  readonly kind: string;
  readonly receivedG: number;
  readonly drainedG: number;
  readonly paidMinor: number;
  readonly currency: string;
  readonly destinations: Readonly<Record<Destination | 'unaccounted', number>>;
  readonly yieldPct: number;
  readonly parts: readonly PartReport[];
  readonly packs: readonly PackReport[];
  readonly shop: {
    readonly worthMinor: number;
    readonly savedMinor: number;
    readonly breakEvenPerKgMinor: number;
    readonly complete: boolean;
    readonly missing: readonly string[];
  };
  /** By which lesser parts' shop prices exceed what was paid: under by-product credit the main is then free. */
  readonly surplusMinor: number;
}

/** What the household holds and what each purchase came to. Described in docs/command-line.md. */
export interface Report {
  /** The method of cost; called so in reports since the first. */
  readonly school: CostMethodId;
  readonly purchases: readonly PurchaseReport[];
  readonly stock: readonly (PackReport & {
    readonly name: string;
    readonly wrappedOn: string | null;
    readonly bestBefore: string | null;
    readonly place: string | null;
  })[];
  /** Entries that contradict others and wait for the household. */
  readonly setAside: readonly string[];
}

/** The clock of a household in which nothing has happened. */
const BEGINNING = '1970-01-01T00:00:00.000Z';

/** Reports on a whole household under one method of cost; dates in the cold as of its last entry. */
export function report(
  household: Household,
  method: CostMethodId,
  clockOf: ClockOf = clockAt(household, 'Etc/UTC', household.journal.entries.at(-1)?.at ?? BEGINNING),
): Report {
  const { state } = household.journal;
  const basis = basisOf(household);
  const costs = costOfLots(state, COST_METHODS[method], basis);
  const pieces = [...state.lots.values()].filter((lot) => lot.form === 'piece');
  const { currency } = settingsOf(household);
  return {
    school: method,
    purchases: pieces.map((piece) => ({
      ...purchase(state, piece, costs, currency, compareWithShop(state, piece.id, basis)),
      surplusMinor: creditsOf(carriersOf(state, piece.id, basis), piece.paidMinor ?? 0).surplusMinor,
    })),
    stock: stockOf(state).map((lot) => ({
      ...packReport(lot, costs, lot.leftDg),
      name: lotName(lot),
      wrappedOn: lot.on,
      bestBefore: clockOf(lot).bestBefore,
      place: lot.place,
    })),
    setAside: state.setAside.map(({ entry }) => entry.id),
  };
}

function purchase(
  state: State,
  piece: Lot,
  costs: ReadonlyMap<LotId, LotCost>,
  currency: string,
  { worthMinor, savedMinor, breakEvenPerKgMinor, complete, missing }: PurchaseReport['shop'],
): Omit<PurchaseReport, 'surplusMinor'> {
  const test = yieldTest(state, piece.id);
  const destinations = { ...test.destinations, unaccounted: test.unaccountedDg };
  return {
    id: piece.id,
    kind: piece.kind ?? '',
    receivedG: test.receivedDg / 10,
    drainedG: test.drainedDg / 10,
    paidMinor: piece.paidMinor ?? 0,
    currency,
    destinations: Object.fromEntries(
      [...DESTINATION_IDS, 'unaccounted' as const].map((id) => [id, destinations[id] / 10]),
    ) as PurchaseReport['destinations'],
    yieldPct: Math.round(test.yield * 1000) / 10,
    parts: partsOf(state, piece, costs),
    packs: packsOfPiece(state, piece).map((pack) => packReport(pack, costs, pack.inDg)),
    shop: {
      worthMinor,
      savedMinor,
      breakEvenPerKgMinor: roundHalfUp(breakEvenPerKgMinor),
      complete,
      missing,
    },
  };
}

function partsOf(state: State, piece: Lot, costs: ReadonlyMap<LotId, LotCost>): PartReport[] {
  const parts = new Map<string, PartReport>();
  for (const { lot, massDg } of leavesOrPiece(leavesOf(state, piece.id), piece)) {
    const part = lot.part ?? 'whole';
    const seen = parts.get(part) ?? { part, count: 0, massG: 0, costMinor: 0 };
    parts.set(part, {
      part,
      count: seen.count + lot.count,
      massG: Math.round(seen.massG * 10 + massDg) / 10,
      costMinor: seen.costMinor + (costs.get(lot.id)?.minor ?? 0),
    });
  }
  return [...parts.values()];
}

/** The packs that hold anything of a piece, however it got there. */
export function packsOfPiece(state: State, piece: Lot): Lot[] {
  const reached = new Set<LotId>([piece.id]);
  for (const id of reached) {
    for (const flow of state.lots.get(id)?.flows ?? []) if (flow.lot) reached.add(flow.lot);
  }
  return [...reached].flatMap((id) => state.lots.get(id) ?? []).filter((lot) => lot.form === 'pack');
}

function packReport(lot: Lot, costs: ReadonlyMap<LotId, LotCost>, massDg: number): PackReport {
  const cost = costs.get(lot.id);
  const whole = massDg === lot.inDg;
  return {
    id: lot.id,
    massG: massDg / 10,
    portions: whole ? lot.count : lot.countLeft,
    costMinor: cost?.complete ? (whole ? cost.minor : cost.leftMinor) : null,
    state: packState(lot),
  };
}
