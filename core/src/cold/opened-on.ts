import { addDays, type IsoDate } from '../units/date';
import { daysOf, earliest, type Running } from './running';

/** Opening a bag starts the chart; never past its last day unopened. */
export function openedOn(running: Running, on: IsoDate): Running {
  if (running.phase !== 'sealed') return running;
  const [short, long] = daysOf(running.keeping);
  return {
    ...running,
    phase: 'fresh',
    openOn: null,
    dueOn: earliest(addDays(on, short), running.useBy),
    lastOn: earliest(addDays(on, long), running.useBy),
    basis: 'opened',
  };
}
