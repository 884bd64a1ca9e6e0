import type { ColdEvent, Lot } from '../ledger/lot';
import { intoFreezer, lookedAt } from './freezing';
import { openedOn } from './opened-on';
import { dayOfEvent, momentOf, settled, type ColdContext, type Running } from './running';
import { felt, outOfFreezer } from './thawing';

/** The clock after one more thing has happened. */
export function after(before: Running, event: ColdEvent, lot: Lot, context: ColdContext): Running {
  const running = settled(before, momentOf(event, context).from);
  switch (event.what) {
    case 'opened':
      return opened(running, event, context);
    case 'checked':
      return lookedAt(felt(running, event, context), event, lot, context);
    case 'refrozen':
      return intoFreezer(running, event, lot, null, context);
    case 'thawing':
      return outOfFreezer(running, event, lot, context);
    case 'placed':
      return placed(running, event, lot, context);
  }
}

function placed(running: Running, event: ColdEvent, lot: Lot, context: ColdContext): Running {
  const cold = context.coldOf(event.place ?? '');
  if (cold === undefined) return running;
  if (cold !== 'refrigerator') return intoFreezer(running, event, lot, cold, context);
  return running.phase === 'frozen' || running.phase === 'freezing'
    ? outOfFreezer(running, event, lot, context)
    : running;
}

/** A bag is opened, or was found leaking: what leaked was never sealed. */
function opened(running: Running, event: ColdEvent, context: ColdContext): Running {
  if (running.phase === 'freezing' && running.freezing) {
    const before = opened(running.freezing.before, event, context);
    const { dueOn, lastOn } = before;
    const fault = running.fault ?? before.fault;
    return { ...running, dueOn, lastOn, fault, freezing: { ...running.freezing, before } };
  }
  if (event.found === 'leaking') {
    const phase = running.phase === 'sealed' ? 'fresh' : running.phase;
    return { ...running, phase, openOn: null, fault: 'leaked' };
  }
  return openedOn(running, dayOfEvent(event, context));
}
