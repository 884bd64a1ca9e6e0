import { isBird } from '../ledger/animal';
import type { ColdEvent, Lot } from '../ledger/lot';
import { addDays, addHours, daysBetween, type Instant, type IsoDate } from '../units/date';
import type { MassDg } from '../units/mass';
import { bestOf } from './bought';
import { packFreezing } from './pack-freezing';
import { frozenAfter } from './power-cut-note';
import { thawedThere } from './thawing';
import { dayOfEvent, momentOf, type ColdContext, type FreezerFacts, type Running } from './running';

/** Back in the freezer within so many hours, nothing has happened: less than the published two in all. */
const NOTHING_HAPPENED_H = 2;

/** Hours where nobody knows how thick it lies; ours, above what Plank's equation gives for the usual. */
const UNKNOWN = { usual: 24, large: 48, largeBird: 72 };
/** From so much on it is large, each of several; tenths of a gram. */
const LARGE_DG = { piece: 20_000, bird: 60_000 };

/**
 * Hours until a pack or a piece is frozen in the middle: by how thick it lies, or with much to spare
 * where nobody knows.
 *
 * @param massDg of all of it
 * @source Pham's method for what lies flat; 24, 48 and 72 hours are ours (Plank alone, h 8, −18 °C: a slab
 *   of 50 mm 14.6 h, of 100 mm 31.4 h, a sphere of 250 mm 31.8 h)
 * @example a turkey of 7 kg: 72; steaks of nobody knows what thickness: 24
 */
export function hoursToFreeze(
  { thicknessMm, animal, count }: Pick<Lot, 'thicknessMm' | 'animal' | 'count'>,
  massDg: MassDg,
  freezer: Pick<FreezerFacts, 'airC' | 'h'>,
): number {
  if (thicknessMm !== null) {
    const { value } = packFreezing(thicknessMm, animal, freezer);
    if (value !== undefined) return value;
  }
  const eachDg = massDg / Math.max(1, count);
  if (isBird(animal) && eachDg > LARGE_DG.bird) return UNKNOWN.largeBird;
  return eachDg > LARGE_DG.piece ? UNKNOWN.large : UNKNOWN.usual;
}

/** The clock of what goes into a freezer. */
export function intoFreezer(
  running: Running,
  event: ColdEvent,
  lot: Lot,
  freezer: FreezerFacts | null,
  context: ColdContext,
): Running {
  const { phase, thaw } = running;
  if (phase === 'frozen' || phase === 'freezing') return running;
  const { from } = momentOf(event, context);
  const isBackSoon = thaw !== null && isSoonAfter(from, thaw.startedAt);
  if (isBackSoon && thaw.way === 'refrigerator' && !thaw.isForSale)
    return { ...thaw.before, keeping: running.keeping, fault: running.fault ?? thaw.before.fault };
  const hours = freezer ? context.hoursInBatch(lot, event, freezer) : UNKNOWN.usual;
  return freezes(running, event, lot, hours, context);
}

/** What is soft begins to freeze. */
function freezes(running: Running, event: ColdEvent, lot: Lot, hours: number, context: ColdContext): Running {
  const { thaw, lastOn } = running;
  const on = dayOfEvent(event, context);
  const { to } = momentOf(event, context);
  const late = lastOn !== null && on > lastOn ? 'late' : null;
  const wet = thaw?.cookByAt != null ? 'wet-again' : null;
  return {
    ...running,
    phase: 'freezing',
    openOn: null,
    thaw: null,
    freezing: { frozenAt: frozenAfter(to, hours, context.cuts), hours, before: running },
    frozenOn: on,
    fault: running.fault ?? wet ?? late,
    ...(thaw === null || running.basis === 'never-frozen'
      ? { bestOn: bestOf(lot, running, on) }
      : {
          isRefrozen: true,
          daysThawed: running.daysThawed + Math.max(0, daysBetween(thaw.throughOn, on)),
          bestOn: halfLeft(thaw.isForSale ? bestOf(lot, running, on) : thaw.before.bestOn, on),
        }),
  };
}

/**
 * Somebody looked at what lay in a freezer without power. What still froze freezes on, its whole time anew;
 * what was hard and is soft, but cold, is frozen again. What kept its ice is as it was.
 */
export function lookedAt(running: Running, event: ColdEvent, lot: Lot, context: ColdContext): Running {
  if (event.found === 'warm') return { ...running, fault: running.fault ?? 'warm' };
  const { freezing } = running;
  if (freezing && (event.found === 'ice' || event.found === 'cold')) {
    const frozenAt = frozenAfter(momentOf(event, context).to, freezing.hours, context.cuts);
    return { ...running, freezing: { ...freezing, frozenAt } };
  }
  if (running.phase !== 'frozen' || event.found !== 'cold') return running;
  const cold = context.coldOf(lot.place ?? '');
  const isFreezer = cold !== undefined && cold !== 'refrigerator';
  const hours = isFreezer ? hoursToFreeze(lot, event.massDg, cold) : UNKNOWN.usual;
  return freezes(thawedThere(running, event, context), event, lot, hours, context);
}

/** Within the time in which nothing has happened yet; clocks that disagree prove nothing. */
function isSoonAfter(at: Instant, start: Instant): boolean {
  return at >= start && at <= addHours(start, NOTHING_HAPPENED_H);
}

/** Frozen again, half of the quality time that was left is left; ours, nothing is published. */
function halfLeft(bestOn: IsoDate | null, on: IsoDate): IsoDate | null {
  return bestOn === null ? null : addDays(on, Math.max(0, Math.floor(daysBetween(on, bestOn) / 2)));
}
