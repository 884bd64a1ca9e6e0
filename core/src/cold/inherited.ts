import type { Lot } from '../ledger/lot';
import { addDays } from '../units/date';
import { keepingOf, stricter } from './keeping';
import { openedOn } from './opened-on';
import { daysOf, earliest, nothingKnown, settled, type ColdContext, type Running } from './running';

/** A lot that another was made of, with its clock at that moment. */
export interface ClockSource {
  readonly lot: Lot;
  readonly running: Running;
}

/**
 * The clock of what was made from other lots, as it starts: the strictest of theirs; cut small, or
 * tenderised, it has the shorter-lived class from then on, never past the last day of what it came from.
 */
export function inherited(lot: Lot, from: readonly ClockSource[], context: ColdContext): Running {
  const sources = from.map((source) => ({ ...source, running: atHand(lot, source, context) }));
  const clocks = sources.map(({ running }) => running);
  const [first] = [...clocks].sort(byStrictness);
  if (!first) return nothingKnown(lot);
  const isFrozen = first.phase === 'frozen';
  const all: Running = {
    ...first,
    boughtOn: earliest(...clocks.map(({ boughtOn }) => boughtOn)),
    dueOn: isFrozen ? null : earliest(...clocks.map(({ dueOn }) => dueOn)),
    lastOn: isFrozen ? null : earliest(...clocks.map(({ lastOn }) => lastOn)),
    useBy: earliest(...clocks.map(({ useBy }) => useBy)),
    bestOn: earliest(...clocks.map(({ bestOn }) => bestOn)),
    keeping: clocks.reduce((class_, { keeping }) => stricter(class_, keeping), keepingOf(lot)),
    daysThawed: Math.max(...clocks.map(({ daysThawed }) => daysThawed)),
    isRefrozen: clocks.some(({ isRefrozen }) => isRefrozen),
    fault: clocks.find(({ fault }) => fault !== null)?.fault ?? null,
  };
  const livedLonger = clocks.some(({ keeping }) => daysOf(keeping)[1] > daysOf(all.keeping)[1]);
  return livedLonger ? cutSmall(all, lot, context) : all;
}

/**
 * What freezes and is cut, ground or mixed has been taken out for it: it is as if it had stayed in the
 * refrigerator. Out of one pack into another it stays where it lies. What is ground or mixed was opened.
 */
function atHand(lot: Lot, { lot: source, running }: ClockSource, { dayOf }: ColdContext): Running {
  const now = settled(running, lot.madeAt);
  const stays = lot.form !== 'mix' && (source.form === 'pack' || lot.form === 'pack');
  const out = now.phase === 'freezing' && !stays ? (now.freezing?.before ?? now) : now;
  return lot.form === 'mix' ? openedOn(out, lot.on ?? dayOf(lot.madeAt)) : out;
}

/** What thaws counts before what is fresh, and that before what is frozen; of two the earlier last day. */
function byStrictness(a: Running, b: Running): number {
  const rank = { thawing: 0, fresh: 1, sealed: 2, freezing: 3, frozen: 4 };
  return rank[a.phase] - rank[b.phase] || (a.lastOn ?? '9').localeCompare(b.lastOn ?? '9');
}

function cutSmall(running: Running, lot: Lot, { dayOf }: ColdContext): Running {
  const [short, long] = daysOf(running.keeping);
  if (running.phase === 'frozen' || running.lastOn === null) return running;
  const on = lot.on ?? dayOf(lot.madeAt);
  const lastOn = earliest(addDays(on, long), running.lastOn);
  return { ...running, dueOn: earliest(addDays(on, short), lastOn), lastOn };
}
