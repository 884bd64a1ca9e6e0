import type { Lot } from './lot';

/** Whether nothing is off a piece yet but its liquid. */
export const isWhole = ({ flows, countedUpDg, count, countLeft }: Lot): boolean =>
  countedUpDg === 0 && countLeft === count && flows.every(({ way }) => way === 'liquid');
