import type { OverlayListenerOptions } from 'primeng/api';

/**
 * Whether something that happens to the page closes a list over it. On a screen that is touched a finger
 * that scrolls, or the keyboard that comes, closes nothing: only a touch elsewhere does.
 */
export function closesList({ type, valid = true }: OverlayListenerOptions = {}): boolean {
  return valid && (type === 'outside' || !matchMedia('(pointer: coarse)').matches);
}
