import { thawFacts } from '@core/dinner/use-facts';
import type { Serving } from '@core/dinner/meal';
import { meatOf } from '@core/cold/meat-properties';
import { daysUntilThrough, THAWING, thawingHours, waterHours } from '@core/cold/thawing-time';
import type { Lot, ThawedBy } from '@core/ledger/lot';
import { REFRIGERATOR } from '../story/household';
import type { Open, Scribe } from './scribe';

/** Takes a pack out to thaw, or some of it: what thaws. */
export function takeOut(
  scribe: Scribe,
  chapter: Open,
  id: string,
  { amount = 'all', way = 'refrigerator' }: { amount?: Serving['amount']; way?: ThawedBy } = {},
): string {
  const newId = amount === 'all' ? '' : scribe.name('part');
  const on = scribe.day;
  const { facts, lot } = thawFacts(scribe.lot(id), amount, { way, refrigerator: REFRIGERATOR, newId, on });
  scribe.write(chapter, facts);
  return lot;
}

/** Whole days in the refrigerator until it is ready. */
export function daysToThaw({ leftDg, thicknessMm, animal }: Lot): number {
  const hours = thawingHours(leftDg, thicknessMm, THAWING.refrigerator, meatOf(animal));
  return Math.max(daysUntilThrough(leftDg), Math.ceil(hours / 24));
}

/** Minutes in cold water until it is ready. */
export function minutesInWater({ leftDg }: Lot): number {
  return Math.ceil(waterHours(leftDg).readyH * 60);
}
