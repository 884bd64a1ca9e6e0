import type { GoingPrice } from './going-price';

const YEAR_DAYS = 365;

/** Whether a price that counts was last seen over a year ago: then that is said beside it. */
export const isOld = ({ ageDays }: Pick<GoingPrice, 'ageDays'>): boolean => ageDays > YEAR_DAYS;
