import { exactMass, type ExactMass } from '../units/exact-mass';
import { fromDg, toDg, type MassDg } from '../units/mass';
import type { Asked, PriceNote, PriceUnit } from './price-note';

/**
 * What is asked for meat, exactly: so many smallest coins for a mass. A pound's price is no whole coin
 * a kilogram, so it is multiplied as it was asked and rounded once, in the end.
 */
export interface Rate {
  readonly coins: bigint;
  /** In femtograms; more than zero. */
  readonly per: ExactMass;
  /** Asked by the pound: what was weighed, was weighed in pounds and ounces. */
  readonly isByPound: boolean;
}

/** An exact amount of money: so many smallest coins, as a fraction. */
export interface ExactMinor {
  readonly coins: bigint;
  /** More than zero. */
  readonly over: bigint;
}

const FG_IN_DG = 100_000_000_000_000n;
const UNIT: Record<Exclude<PriceUnit, 'piece' | 'pack'>, ExactMass> = {
  kg: exactMass(1, 'kg'),
  lb: exactMass(1, 'lb'),
  '100g': exactMass(100, 'g'),
};

/**
 * The rate of a price that was noted; older notes have it a kilogram.
 *
 * @example rateOf({ perKgMinor: 1872, asked: { minor: 849, unit: 'lb' } }) // 849 coins a pound
 */
export function rateOf({ perKgMinor, asked }: Pick<PriceNote, 'perKgMinor' | 'asked'>): Rate {
  const exact = asked && rateAsked(asked);
  return exact ?? { coins: BigInt(perKgMinor), per: UNIT.kg, isByPound: false };
}

/** The same of a price just as it is asked; null for a piece or a pack of which nobody knows the weight. */
export function rateAsked({ minor, unit, eachDg }: Asked): Rate | null {
  const per = unit === 'piece' || unit === 'pack' ? exactDg(eachDg ?? 0) : UNIT[unit];
  return per > 0n ? { coins: BigInt(minor), per, isByPound: unit === 'lb' } : null;
}

/** So finely is a price that is a middle of several kept. */
const FINE = 1_000_000_000;

/** A rate of so many coins a kilogram, whole or not. */
export function rateOfNumber(perKgMinor: number): Rate {
  return {
    coins: BigInt(Math.round(perKgMinor * FINE)),
    per: UNIT.kg * BigInt(FINE),
    isByPound: false,
  };
}

/** A whole number of tenths of a gram, exactly. */
const exactDg = (massDg: MassDg): ExactMass => BigInt(Math.round(massDg)) * FG_IN_DG;

/** The middle of two rates. */
export function middleRate(a: Rate, b: Rate): Rate {
  return {
    coins: a.coins * b.per + b.coins * a.per,
    per: 2n * a.per * b.per,
    isByPound: a.isByPound && b.isByPound,
  };
}

/** Smallest coins a kilogram, unrounded: for comparing, and for what is predicted. */
export function perKg({ coins, per }: Rate): number {
  return inCoins({ coins: coins * UNIT.kg, over: per });
}

/** How finely scales show ounces at most; a hundredth of a pound is a whole number of them. */
const OUNCES = 100;

/**
 * A mass as whoever weighed it read it. The journal's grain is a tenth of a gram; where the price is by
 * the pound and a whole hundredth of an ounce lies within that grain, that is what the scale showed.
 *
 * @example 10,659 tenths of a gram at a price by the pound: 2.35 lb exactly
 */
export function asWeighed(massDg: MassDg, isByPound: boolean): ExactMass {
  const ounces = Math.round(fromDg(massDg, 'oz') * OUNCES) / OUNCES;
  return isByPound && toDg(ounces, 'oz') === massDg ? exactMass(ounces, 'oz') : exactDg(massDg);
}

/**
 * What a mass comes to at a rate, before anything is rounded.
 *
 * @param share of it that is paid for, from 0 to 1, to a ten-thousandth: the rest is thrown away
 */
export function worthAt(massDg: MassDg, rate: Rate, kept = 1): ExactMinor {
  const whole = BigInt(Math.round(kept * 10_000));
  return {
    coins: rate.coins * asWeighed(massDg, rate.isByPound) * 10_000n,
    over: rate.per * whole,
  };
}

const NOTHING: ExactMinor = { coins: 0n, over: 1n };

/** Several amounts together, before anything is rounded. */
export function sumExact(amounts: readonly ExactMinor[]): ExactMinor {
  return amounts.reduce(
    (sum, { coins, over }) =>
      sum.over === over
        ? { coins: sum.coins + coins, over }
        : { coins: sum.coins * over + coins * sum.over, over: sum.over * over },
    NOTHING,
  );
}

/** Rounded once, half up, as a till does; an amount is never below zero. */
export function roundExact({ coins, over }: ExactMinor): number {
  return Number((2n * coins + over) / (2n * over));
}

/** As a number, for weighing one against the other. */
export function inCoins({ coins, over }: ExactMinor): number {
  const whole = coins / over;
  return Number(whole) + Number(coins - whole * over) / Number(over);
}
