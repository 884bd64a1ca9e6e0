import type { Draft } from './draft';
import { stretchOf } from '../units/cumulative';
import type { EntryOf } from './entry';
import { openPiece, weighedWrong } from './apply-pieces';
import type { Flow, Lot } from './lot';
import { copyLot } from './make-lot';
import { isWhole } from './is-whole';
import { opened } from './opened';
import type { Refusal } from './refusal';

/** What a piece has before its first cut: what came in, what the scale found, its liquid, what is left. */
interface Before {
  readonly inDg: number;
  readonly foundDg: number;
  readonly leftDg: number;
  readonly flows: readonly Flow[];
}

/**
 * Some of several pieces become a lot of their own, as if they had been bought so. Both keep what is known
 * of the purchase. Liquid and money go with the weight, so that what the two came in with and cost is what
 * the one did, to the tenth of a gram and the coin.
 */
export function split(draft: Draft, entry: EntryOf<'split'>): Refusal | null {
  if (draft.has(entry.lot)) return { code: 'lot-exists', lot: entry.lot };
  const { value: lot, problem } = openPiece(draft, entry.from);
  if (problem) return problem;
  const wrong = weighedWrong(entry) ?? cannotBeSplit(lot, entry);
  if (wrong) return wrong;
  const [own, rest] = divided(lot, entry.massDg);
  const part = (of: number | null): number => stretchOf(of ?? 0, 0, entry.massDg, lot.leftDg);
  const [paidMinor, thawingDg] = [part(lot.paidMinor), part(lot.thawingDg)];
  draft.add({
    ...copyLot(lot),
    ...own,
    id: entry.lot,
    made: entry.id,
    way: entry.way ?? lot.way,
    count: entry.count,
    countLeft: entry.count,
    paidMinor: lot.paidMinor === null ? null : paidMinor,
    thawingDg,
    isDrained: lot.isDrained || entry.typed !== undefined,
  });
  Object.assign(draft.change(lot), {
    ...rest,
    count: lot.count - entry.count,
    countLeft: lot.countLeft - entry.count,
    paidMinor: lot.paidMinor === null ? null : lot.paidMinor - paidMinor,
    thawingDg: lot.thawingDg - thawingDg,
  });
  if (entry.typed !== undefined) for (const id of [entry.lot, lot.id]) opened(draft, id, entry);
  return null;
}

function cannotBeSplit(lot: Lot, { count, massDg }: EntryOf<'split'>): Refusal | null {
  if (lot.form !== 'piece') return { code: 'not-a-piece', lot: lot.id };
  if (!isWhole(lot)) return { code: 'begun', lot: lot.id };
  if (count >= lot.count) return { code: 'none-stays', lot: lot.id, wanted: count, there: lot.count };
  if (massDg >= lot.leftDg || lot.inDg < 2)
    return { code: 'too-much', lot: lot.id, wantedDg: massDg, leftDg: lot.leftDg };
  return null;
}

/** What goes and what stays; each has what it came in with and was found, less its liquid, left. */
function divided(lot: Lot, massDg: number): readonly [Before, Before] {
  const { leftDg, inDg } = lot;
  const liquids = lot.flows.map((flow) => stretchOf(flow.massDg, 0, massDg, leftDg));
  const flowsOf = (mass: (flow: Flow, at: number) => number): Flow[] =>
    lot.flows.map((flow, at) => ({ ...flow, massDg: mass(flow, at) })).filter((flow) => flow.massDg > 0);
  const ownLiquidDg = liquids.reduce((sum, each) => sum + each, 0);
  const ownTotalDg = massDg + ownLiquidDg;
  // Each came in with something, however much of it the scale found later.
  const ownFoundDg = Math.min(
    ownTotalDg - 1,
    Math.max(stretchOf(lot.foundDg, 0, massDg, leftDg), ownTotalDg - inDg + 1),
  );
  return [
    {
      inDg: ownTotalDg - ownFoundDg,
      foundDg: ownFoundDg,
      leftDg: massDg,
      flows: flowsOf((_, at) => liquids[at] ?? 0),
    },
    {
      inDg: inDg - ownTotalDg + ownFoundDg,
      foundDg: lot.foundDg - ownFoundDg,
      leftDg: leftDg - massDg,
      flows: flowsOf((flow, at) => flow.massDg - (liquids[at] ?? 0)),
    },
  ];
}
