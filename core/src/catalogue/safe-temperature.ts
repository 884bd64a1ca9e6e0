import { ANIMALS, isBird, type Animals } from '../ledger/animal';

/** Least temperature in the middle of the meat, °C. */
export interface SafeTemperature {
  readonly what: string;
  readonly celsius: number;
  /** Whether it must rest for 3 minutes afterwards. */
  readonly rest: boolean;
  readonly groundCelsius: number;
}

const POULTRY: SafeTemperature = { what: 'All poultry', celsius: 73.9, rest: false, groundCelsius: 73.9 };
const RED: SafeTemperature = { what: 'Whole cuts', celsius: 62.8, rest: true, groundCelsius: 71.1 };

/**
 * Least internal temperatures. Local codes and licensed practice come first.
 *
 * @source USDA FSIS and FDA Food Code (from memory): poultry 165 °F, ground other meat 160 °F,
 *   whole cuts of beef, pork, lamb 145 °F and 3 minutes' rest
 */
export function safeTemperature(animal: string, animals: Animals = ANIMALS): SafeTemperature {
  return isBird(animal, animals) ? POULTRY : RED;
}
