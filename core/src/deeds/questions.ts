import { sum } from 'd3-array';
import { kindById } from '../catalogue/kinds';
import { leavesOf } from '../ledger/leaves';
import { MUCH_UNACCOUNTED } from '../yield/piece-composition';
import { usualRanges } from '../yield/usual-range';
import { fromDg, type MassDg } from '../units/mass';
import type { Fact } from '../ledger/entry';
import { drainedDg, type Lot } from '../ledger/lot';
import type { State } from '../ledger/replay';

/** Something that fits, and still deserves a second look before it is written down. */
export type Question =
  | {
      readonly code: 'unusual-weight';
      readonly kind: string;
      readonly eachDg: MassDg;
      readonly usualDg: readonly [MassDg, MassDg];
    }
  | { readonly code: 'much-liquid'; readonly liquidDg: MassDg; readonly share: number }
  | { readonly code: 'much-unaccounted'; readonly unaccountedDg: MassDg; readonly share: number }
  | {
      readonly code: 'much-bone';
      readonly name: string;
      readonly massDg: MassDg;
      readonly usualDg: readonly [MassDg, MassDg];
    };

/** More liquid than this is questioned; 1 to 5 per cent is common practice. */
const MUCH_LIQUID = 0.12;

/**
 * What to ask before writing a fact down. It can be written all the same (closing wants a
 * reason then).
 */
export function questionsAbout(state: State, fact: Fact): Question[] {
  if (fact.type === 'received') return unusualWeight(fact.kind, fact.massDg / fact.count);
  if (fact.type !== 'drained' && fact.type !== 'closed') return [];
  const lot = state.lots.get(fact.lot);
  if (!lot) return [];
  if (fact.type === 'drained') return muchLiquid(lot, fact.massDg);
  return [
    ...(fact.reason === undefined && fact.loss === undefined ? muchUnaccounted(lot) : []),
    ...(fact.bones === undefined ? muchBone(state, lot) : []),
  ];
}

/** Whether a weight is far from what one piece of a kind usually weighs: a slip of the pen, or the other unit. */
export function unusualWeight(
  id: string,
  eachDg: MassDg,
): Extract<Question, { readonly code: 'unusual-weight' }>[] {
  const kind = kindById(id);
  if (!kind) return [];
  const [low, high] = kind.usualG;
  const grams = fromDg(eachDg, 'g');
  if (grams >= low / 2 && grams <= high * 1.5) return [];
  return [{ code: 'unusual-weight', kind: kind.name, eachDg, usualDg: [low * 10, high * 10] }];
}

function muchLiquid(lot: Lot, massDg: MassDg): Question[] {
  const liquidDg = lot.leftDg - massDg;
  const share = liquidDg / lot.inDg;
  return share > MUCH_LIQUID ? [{ code: 'much-liquid', liquidDg, share }] : [];
}

function muchUnaccounted(lot: Lot): Question[] {
  const share = lot.leftDg / drainedDg(lot);
  return share > MUCH_UNACCOUNTED ? [{ code: 'much-unaccounted', unaccountedDg: lot.leftDg, share }] : [];
}

/** Bones and frames above the range that is usual of the way it is cut: meat may be on them. */
function muchBone(state: State, lot: Lot): Question[] {
  const kind = kindById(lot.kind);
  const way = kind?.ways.find(({ id }) => id === lot.way) ?? kind?.ways[0];
  if (!kind || !way) return [];
  const ranges = usualRanges(kind, way);
  return kind.parts.flatMap(({ id, name, destination }): Question[] => {
    const range = destination === 'stock' && way.shares[id] !== undefined ? ranges.get(id) : undefined;
    if (!range) return [];
    const massDg = sum(leavesOf(state, lot.id), (leaf) =>
      leaf.lot.part === id && leaf.destination === 'stock' ? leaf.massDg : 0,
    );
    const usualDg = [range[0] * lot.inDg, range[1] * lot.inDg] as const;
    return massDg > usualDg[1] ? [{ code: 'much-bone', name, massDg, usualDg }] : [];
  });
}

/** A question in plain words, with the household's way of writing masses. */
export function askQuestion(question: Question, mass: (massDg: MassDg) => string): string {
  switch (question.code) {
    case 'unusual-weight':
      return `${mass(question.eachDg)} is unusual for one ${question.kind.toLowerCase()} (usually ${mass(question.usualDg[0])} to ${mass(question.usualDg[1])}). Is the weight right, and in the right unit?`;
    case 'much-liquid':
      return `${mass(question.liquidDg)} of liquid is ${Math.round(question.share * 100)} % of the label weight, more than usual. Is everything on the scale?`;
    case 'much-unaccounted':
      return `${mass(question.unaccountedDg)} (${Math.round(question.share * 1000) / 10} % of the drained weight) has not been weighed. Is a tray not weighed yet, or is it really lost?`;
    case 'much-bone':
      return `${question.name}: ${mass(question.massDg)}, usually ${mass(Math.round(question.usualDg[0]))} to ${mass(Math.round(question.usualDg[1]))}. Is meat left on?`;
  }
}
