import { failure, success, type Result } from '../units/result';
import type { Amount, Entry } from './entry';
import type { Draft } from './draft';
import { type Flow, type FlowWay, type Lot, totalDg } from './lot';
import { addFlow } from './make-lot';
import type { Refusal } from './refusal';
import { scaleToleranceDg } from './scale-tolerance';
import { stretchOf } from '../units/cumulative';

/** What an amount comes to on a lot: exact mass, with portions and plates that go with it. */
export interface Taken {
  readonly massDg: number;
  readonly count: number;
  readonly plates: number;
  /** How much the scale found beyond what was left (within its tolerance). */
  readonly foundDg: number;
}

/**
 * Works out what an amount of a lot is. Portions and plates are taken by cumulative rounding, so
 * that taking them one by one leaves nothing over; the last of them takes the rest.
 *
 * @returns the taken, or why the lot does not have it
 */
export function measure(lot: Lot, amount: Amount): Result<Taken, Refusal> {
  const { leftDg, countLeft, platesLeft } = lot;
  if (leftDg === 0) return failure<Refusal>({ code: 'nothing-left', lot: lot.id });
  if (amount === 'all') return success({ massDg: leftDg, count: countLeft, plates: platesLeft, foundDg: 0 });
  if ('massDg' in amount) return byMass(lot, amount.massDg);
  if ('plates' in amount) {
    if (amount.plates > platesLeft + 1e-9) {
      return failure<Refusal>({
        code: 'too-many',
        lot: lot.id,
        wanted: amount.plates,
        left: Math.floor(platesLeft + 1e-9),
        of: 'plates',
      });
    }
    return success(share(lot, stretchOf(leftDg, 0, amount.plates, platesLeft), amount.plates / platesLeft));
  }
  if (amount.count > countLeft) {
    return failure<Refusal>({
      code: 'too-many',
      lot: lot.id,
      wanted: amount.count,
      left: countLeft,
      of: 'portions',
    });
  }
  const fraction = amount.count / countLeft;
  return success({
    ...share(lot, stretchOf(leftDg, 0, amount.count, countLeft), fraction),
    count: amount.count,
  });
}

function byMass(lot: Lot, massDg: number): Result<Taken, Refusal> {
  const over = massDg - lot.leftDg;
  if (over > scaleToleranceDg(totalDg(lot))) {
    return failure<Refusal>({ code: 'too-much', lot: lot.id, wantedDg: massDg, leftDg: lot.leftDg });
  }
  if (over >= 0) return success({ massDg, count: lot.countLeft, plates: lot.platesLeft, foundDg: over });
  return success(share(lot, massDg, massDg / lot.leftDg));
}

/** A stretch of a lot: portions go with it as far as whole ones do, plates in proportion. */
function share(lot: Lot, massDg: number, fraction: number): Taken {
  if (massDg >= lot.leftDg)
    return { massDg: lot.leftDg, count: lot.countLeft, plates: lot.platesLeft, foundDg: 0 };
  const count = Math.min(Math.round(lot.countLeft * fraction), Math.max(lot.countLeft - 1, 0));
  return { massDg, count, plates: lot.platesLeft * fraction, foundDg: 0 };
}

/** The entry by which something leaves a lot. */
type By = Pick<Entry, 'id' | 'at' | 'deed'>;

/** Lets the taken leave a lot by one entry. */
export function flowOut(
  draft: Draft,
  lot: Lot,
  taken: Taken,
  by: By,
  flow: Pick<Flow, 'way' | 'lot' | 'on'>,
): void {
  const { massDg, count, plates, foundDg } = taken;
  const after = draft.change(lot);
  after.foundDg += foundDg;
  after.leftDg += foundDg - massDg;
  after.countLeft -= count;
  after.platesLeft -= plates;
  after.thawingDg = Math.max(0, after.thawingDg - massDg);
  addFlow(after, {
    entry: by.id,
    at: by.at,
    deed: by.deed ?? by.id,
    way: flow.way,
    massDg,
    count,
    plates,
    lot: flow.lot,
    on: flow.on,
  });
}

/** Lets mass leave a lot without portions or plates, such as liquid. */
export function loss(draft: Draft, lot: Lot, massDg: number, by: By, way: FlowWay): void {
  if (massDg > 0) flowOut(draft, lot, { massDg, count: 0, plates: 0, foundDg: 0 }, by, { way });
}
