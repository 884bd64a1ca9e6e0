import type { KindWish } from '../cost/kind-wish';
import type { Deed } from './deed';

/** Changes a part of what is wished of a kind of piece, and keeps the rest for the next time. */
export function wishOfKind(kind: string, wish: KindWish): Deed {
  return { records: [{ type: 'wish', key: kind, change: (known) => ({ ...known, ...wish }) }] };
}
