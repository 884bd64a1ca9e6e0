import type { Kept, Merged } from '../disk/joining';

/** The merge that a kept text tells of; null where it tells of something else. */
export function mergeOf({ why, text }: Kept): Merged | null {
  return why === 'merged' ? (JSON.parse(text) as Merged) : null;
}
