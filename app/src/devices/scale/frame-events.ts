import type { Line } from '@core/scale/frame-reader';
import type { ScaleEvent } from '@core/scale/scale-source';

/** What a line of a scale means, heard now. */
export function eventOf(line: Line): ScaleEvent {
  if ('rubbish' in line) return { type: 'rubbish', line: line.rubbish };
  return { type: 'reading', reading: { ...line.frame, atMs: performance.now() } };
}
