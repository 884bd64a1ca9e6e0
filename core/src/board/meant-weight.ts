import type { MassDg } from '../units/mass';
import { massInDoubt } from '../units/mass-in-doubt';
import type { DecimalSign } from '../units/number-style';
import type { MassSystem } from '../units/format-mass';
import { parseMass, type TypedMass } from '../units/parse-mass';
import type { MassUnit } from '../units/unit';

/** What a weight is typed for. */
export interface WeightAsked {
  /** The piece as it was bought, and what is left of it. */
  readonly inDg: MassDg;
  readonly leftDg: MassDg;
  /** It is the piece itself, drained; else something that came off it. */
  readonly isDrained: boolean;
  /** What the part usually weighs, in all and in tenths of a gram; null where nobody knows. */
  readonly usual: readonly [number, number] | null;
  /** What one portion of it weighs, what one is called, and how many can still come; null where it is not portions. */
  readonly portion: {
    readonly massDg: number;
    readonly name: string;
    readonly several: string;
    readonly most: number;
  } | null;
  /** How many lie on the scale, as somebody says or as it is likely. */
  readonly count: number;
}

/** Something that was probably meant. */
export interface Meant {
  /** What would be typed. */
  readonly text: string;
  readonly massDg: MassDg;
  /** How many of them it is, where that is what was meant. */
  readonly count?: number;
}

/** A weight as it counts; or what is in doubt about it, the likeliest first. */
export type ReadWeight =
  | { readonly is: 'weight'; readonly mass: TypedMass }
  | {
      readonly is: 'doubt';
      /** As it stands; null where it can be no weight of this. */
      readonly asTyped: TypedMass | null;
      readonly meant: readonly Meant[];
    };

/** A drained piece weighs at least half of its label, and no more than a scale may differ. */
const DRAINED = [0.5, 1.05] as const;
/** A part, or one portion, this far from what is usual is a slip more often than one. */
const USUAL = [1 / 5, 3] as const;
/** Of a part of which nobody knows what is usual, less than this of what is left may be the large unit. */
const SMALL = 1 / 20;
/** A scale may find this much more than is left. */
const OVER = 1.05;
/** So many answers can be told apart at a glance. */
const MOST = 3;

const UNITS: Record<MassSystem, readonly [small: MassUnit, large: MassUnit]> = {
  metric: ['g', 'kg'],
  imperial: ['oz', 'lb'],
};
const OTHER: Record<MassSystem, MassSystem> = { metric: 'imperial', imperial: 'metric' };

/**
 * Reads a weight typed at the board against what it can be: the plan, what is usual and what is left.
 * Digits without a unit are in the only unit that makes sense; what makes none is in doubt, and with it
 * stands what was probably meant: the other unit, a point that was left out, several at once.
 *
 * @returns null where it cannot be read at all
 * @example meantWeight('2150', asked for a drained bird of 2.2 kg, metric) // 2150 g
 * @example meantWeight('112', asked for a steak of 11.4 oz, imperial) // in doubt: 11.2 oz
 */
export function meantWeight(
  text: string,
  asked: WeightAsked,
  style: { readonly system: MassSystem; readonly decimal: DecimalSign },
): ReadWeight | null {
  const [small, large] = UNITS[style.system];
  const assumed = asked.isDrained ? large : small;
  const asTyped = parseMass(text, assumed, style.decimal);
  if (!asTyped) return null;
  const isBare = !/[a-z]/i.test(text);
  const own = isBare
    ? [small, large].flatMap((unit) => parseMass(text, unit, style.decimal) ?? [])
    : [asTyped];
  const fitting = own.filter(({ massDg }) => fits(massDg, asked));
  const isEither = isUnknown(own, asked);
  const [one] = fitting;
  if (one && !isEither && (fitting.length === 1 || fits(asTyped.massDg, asked)))
    return { is: 'weight', mass: fitting.length === 1 ? one : asTyped };
  const sign = massInDoubt(text, assumed, style.decimal);
  const isHeavy = asTyped.massDg > most(asked);
  const meant = unique(
    [
      ...read(sign === null ? [] : [sign], style),
      ...(isEither ? own.map(({ typed, massDg }) => ({ text: typed, massDg })) : []),
      ...(isHeavy ? lighter(text, asked, style) : []),
    ],
    asked,
  );
  if (meant.length === 0) return { is: 'weight', mass: asTyped };
  const isPossible =
    !isEither && sign === null && asTyped.massDg <= (asked.isDrained ? asked.inDg : asked.leftDg) * OVER;
  return { is: 'doubt', asTyped: isPossible ? asTyped : null, meant };
}

/** More than this it can hardly be. */
function most({ inDg, leftDg, isDrained, usual, portion, count }: WeightAsked): number {
  if (isDrained) return inDg * DRAINED[1];
  const high = portion ? portion.massDg * count : (usual?.[1] ?? Infinity);
  return Math.min(high * USUAL[1], leftDg * OVER);
}

/** Whether it can be what is asked for. */
function fits(massDg: number, asked: WeightAsked): boolean {
  const { inDg, isDrained, usual, portion, count } = asked;
  const low = portion ? portion.massDg * count : (usual?.[0] ?? 0);
  const least = isDrained ? inDg * DRAINED[0] : low * USUAL[0];
  return massDg > 0 && massDg >= least && massDg <= most(asked);
}

/** Nobody knows what is usual, and both units fit on the board. */
function isUnknown(own: readonly TypedMass[], { leftDg, isDrained, usual, portion }: WeightAsked): boolean {
  const [small, large] = own;
  if (isDrained || usual || portion || !small || !large || small.massDg <= 0) return false;
  return small.massDg < leftDg * SMALL && large.massDg <= leftDg * OVER;
}

interface Style {
  readonly system: MassSystem;
  readonly decimal: DecimalSign;
}

const read = (texts: readonly string[], { system, decimal }: Style): Meant[] =>
  texts.flatMap((text) => {
    const mass = parseMass(text, UNITS[system][0], decimal);
    return mass ? [{ text, massDg: mass.massDg }] : [];
  });

/** What a weight that is far too heavy may have been meant as. */
function lighter(text: string, asked: WeightAsked, style: Style): Meant[] {
  const [, figure, unit = ''] = /^\s*(\d[\d.,]*)\s*([a-z]*)\.?\s*$/i.exec(text) ?? [];
  const several = severalOf(text, asked, style);
  if (figure === undefined) return several;
  const [small, large] = UNITS[style.system];
  const units = unit === '' ? [large, small] : [unit];
  const inUnits = [small, large].map((other) => `${figure} ${other}`);
  const shifted = units.flatMap((by) => shiftedPoint(figure, style.decimal).map((each) => `${each} ${by}`));
  const fitting = (texts: readonly string[]): Meant[] =>
    read(texts, style).filter(({ massDg }) => fits(massDg, asked));
  const own = fitting([...inUnits, ...shifted]);
  const others =
    own.length > 0 || unit !== '' ? [] : fitting(UNITS[OTHER[style.system]].map((by) => `${figure} ${by}`));
  return [...own, ...others, ...several];
}

/** A figure with a point where one may have been left out: "485" as "48.5" and "4.85". */
function shiftedPoint(figure: string, decimal: DecimalSign): string[] {
  if (!/^\d{3,6}$/.test(figure)) return [];
  return [1, 2, 3]
    .filter((places) => places < figure.length)
    .map((places) => `${figure.slice(0, -places)}${decimal}${figure.slice(-places)}`);
}

/** What is far too heavy for one portion may be several at once. */
function severalOf(text: string, { portion, leftDg, isDrained, count }: WeightAsked, style: Style): Meant[] {
  const mass = parseMass(text, UNITS[style.system][0], style.decimal);
  if (!mass || !portion || isDrained || mass.massDg > leftDg * OVER) return [];
  const likely = Math.round(mass.massDg / portion.massDg);
  return likely > count && likely <= portion.most
    ? [{ text: mass.typed, massDg: mass.massDg, count: likely }]
    : [];
}

/** The likeliest first: what comes nearest to what is usual; each once. */
function unique(all: readonly Meant[], { inDg, isDrained, usual, portion, count }: WeightAsked): Meant[] {
  const part = portion ? portion.massDg * count : usual ? Math.sqrt(usual[0] * usual[1]) : 0;
  const target = isDrained ? inDg : part;
  const far = ({ massDg }: Meant): number => (target > 0 ? Math.abs(Math.log(massDg / target)) : 0);
  const once = all.filter(
    (each, at) => all.findIndex((other) => other.massDg === each.massDg && other.count === each.count) === at,
  );
  const plain = once.filter((each) => each.count === undefined).sort((a, b) => far(a) - far(b));
  const several = once.filter((each) => each.count !== undefined);
  return [...plain.slice(0, MOST - several.length), ...several];
}
