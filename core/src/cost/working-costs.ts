import type { CostSettings } from './cost-settings';
import { addDays, type IsoDate } from '../units/date';
import { roundHalfUp, type Minor } from '../units/money';

/** What a piece cost beside the meat, and what that leaves of the saving. Time stands beside it. */
export interface WorkingCosts {
  readonly suppliesMinor: Minor;
  readonly toolsMinor: Minor;
  readonly energyMinor: Minor;
  readonly tripMinor: Minor;
  /** What was thrown away later, at shop value. */
  readonly thrownAwayMinor: Minor;
  readonly netSavedMinor: Minor;
  /** What the working time is worth to the household; not in the net saving. */
  readonly timeMinor: Minor;
  /** What an hour at the board brought in, before and after all that; null below a quarter of an hour. */
  readonly savedAnHourMinor: Minor | null;
  readonly netSavedAnHourMinor: Minor | null;
}

/** What the working costs of one piece follow from. */
export interface Work {
  readonly savedMinor: Minor;
  /** Packs, each counted for one piece. */
  readonly packs: number;
  readonly minutes: number;
  /** How many pieces were bought in the last twelve months. */
  readonly piecesOfTheYear: number;
  /** How many were bought on the same day in the same shop. */
  readonly piecesOfTheTrip?: number;
  readonly thrownAwayMinor?: Minor;
}

/** Of a shorter time an hour would say more than is known. */
const LEAST_MINUTES = 15;
/** Tools and the freezer are shared by a piece a month at least: the first of a year does not carry all. */
const LEAST_PIECES = 12;

/**
 * Supplies, tools, energy, the trip, and what was thrown away of one piece, apart from what the meat
 * cost. Tools are written off evenly over their years; they and the freezer's energy are shared by the
 * pieces of the last twelve months, twelve at least. Time stands beside it.
 *
 * @example 27.22 saved, 4 packs at 0.25, 45 minutes at 12.00 an hour: 1.00 supplies, 26.22 net,
 *   34.96 net saved an hour, 9.00 of time beside it
 */
export function workingCosts(
  { savedMinor, packs, minutes, piecesOfTheYear, piecesOfTheTrip = 1, thrownAwayMinor = 0 }: Work,
  settings: CostSettings,
): WorkingCosts {
  const pieces = Math.max(LEAST_PIECES, piecesOfTheYear);
  const suppliesMinor = packs * (settings.bagMinor + settings.labelMinor);
  const yearly = settings.tools.reduce((total, { paidMinor, years }) => total + paidMinor / years, 0);
  const toolsMinor = roundHalfUp(yearly / pieces);
  const energyMinor = roundHalfUp((settings.energyMinor ?? 0) / pieces);
  const tripMinor = roundHalfUp((settings.tripMinor ?? 0) / Math.max(1, piecesOfTheTrip));
  const netSavedMinor = savedMinor - suppliesMinor - toolsMinor - energyMinor - tripMinor - thrownAwayMinor;
  const anHour = (minor: Minor): Minor | null =>
    minutes >= LEAST_MINUTES ? roundHalfUp((minor * 60) / minutes) : null;
  return {
    suppliesMinor,
    toolsMinor,
    energyMinor,
    tripMinor,
    thrownAwayMinor,
    netSavedMinor,
    timeMinor: roundHalfUp((settings.hourMinor * minutes) / 60),
    savedAnHourMinor: anHour(savedMinor),
    netSavedAnHourMinor: anHour(netSavedMinor),
  };
}

/** How many of the days lie in the year up to one, itself included. */
export function countOfTheYear(days: readonly IsoDate[], on: IsoDate): number {
  const since = addDays(on, -365);
  return days.filter((day) => day > since && day <= on).length;
}
