import type { CostSettings } from './cost-settings';
import { addDays, type IsoDate } from '../units/date';
import { roundHalfUp, type Minor } from '../units/money';

/** What a piece cost beside the meat, and what that leaves of the saving. */
export interface WorkingCosts {
  readonly suppliesMinor: Minor;
  readonly toolsMinor: Minor;
  readonly timeMinor: Minor;
  readonly netSavedMinor: Minor;
  /** What an hour at the board brought in, before its own worth; null without working time. */
  readonly savedAnHourMinor: Minor | null;
  readonly netSavedAnHourMinor: Minor | null;
}

/** What the working costs of one piece follow from. */
export interface Work {
  readonly savedMinor: Minor;
  readonly packs: number;
  readonly minutes: number;
  /** How many pieces carry the tools of the year this one was bought in. */
  readonly piecesOfTheYear: number;
}

/**
 * Supplies, tools and time of one piece, apart from what the meat cost. Tools are written off
 * evenly over their years and shared by the pieces bought in the year up to this one. An hour
 * saved after supplies and tools is what the work brought in; the hour's own worth is not in it.
 *
 * @example 27.22 saved, 4 packs at 0.25, 45 minutes at 12.00 an hour: 1.00 supplies, 9.00 time,
 *   17.22 net, 34.96 net saved an hour
 */
export function workingCosts(
  { savedMinor, packs, minutes, piecesOfTheYear }: Work,
  settings: CostSettings,
): WorkingCosts {
  const suppliesMinor = packs * (settings.bagMinor + settings.labelMinor);
  const yearly = settings.tools.reduce((total, { paidMinor, years }) => total + paidMinor / years, 0);
  const toolsMinor = roundHalfUp(yearly / Math.max(1, piecesOfTheYear));
  const timeMinor = roundHalfUp((settings.hourMinor * minutes) / 60);
  const anHour = (minor: Minor): Minor | null => (minutes > 0 ? roundHalfUp((minor * 60) / minutes) : null);
  return {
    suppliesMinor,
    toolsMinor,
    timeMinor,
    netSavedMinor: savedMinor - suppliesMinor - toolsMinor - timeMinor,
    savedAnHourMinor: anHour(savedMinor),
    netSavedAnHourMinor: anHour(savedMinor - suppliesMinor - toolsMinor),
  };
}

/** How many of the days lie in the year up to one, itself included. */
export function countOfTheYear(days: readonly IsoDate[], on: IsoDate): number {
  const since = addDays(on, -365);
  return days.filter((day) => day > since && day <= on).length;
}
