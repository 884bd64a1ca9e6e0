import { readFileSync } from 'node:fs';
import { shiftDays } from '@core/exchange/shift-days';
import { daysBetween } from '@core/units/date';
import type { SeededFile } from './household-file';

/** Two years of a household with two freezers, its last piece on the board: the tests know what is in it, and nobody else has it. */
const FILE = 'core/src/testing/lived-in.json';

/** That household as it is when its last day is a given one. */
export function livedIn(today: string): SeededFile {
  const file = JSON.parse(readFileSync(FILE, 'utf8')) as { entries: { at: string }[] };
  const last = file.entries.at(-1)?.at.slice(0, 10) ?? today;
  return { text: JSON.stringify(shiftDays(file, daysBetween(last, today))), device: 'kitchen' };
}
