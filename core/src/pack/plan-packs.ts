import { sum } from 'd3-array';
import { failure, success, type Result } from '../units/result';
import { betterPacks, type PackedPieces } from './better-packs';
import { eachPacks } from './each-packs';
import { eaterTypes, eats } from './eater-types';
import { portionOf } from './half';
import { packModel } from './pack-model';
import type { Collecting, LeftWhy, PackPlan, PlannedPack } from './pack-plan';
import type { PackRequest } from './pack-request';
import { packUnits, type PackUnit } from './pack-units';
import { packsOf } from './packs-of';
import { searchPacks, type Spent } from './search-packs';

/** What some units were packed into. */
interface Part extends PackedPieces {
  readonly boundG: number;
  readonly isProven: boolean;
}

/** A heap's rest of less is a crumb on the scale, g. */
const CRUMB_G = 0.5;

/**
 * Everything on the table into packs, with the fewest grams out of place (`out-of-place.ts`): full
 * dinners, then smaller packs, and what makes no plate is collected. Proven by branch and bound, or,
 * when time runs out, the best found with its gap. Units that cannot share a pack are planned one by
 * one, and together where they want more packs of a kind than there may be.
 *
 * @param spent tells how much of the time is gone; leave it out to search to the end
 * @returns the plan; or, where a least count cannot be kept, why
 * @example six steaks of 113 to 147 g for two eaters of 180 g: three dinners, a steak each
 */
export function planPacks(request: PackRequest, spent: Spent = () => 0): Result<PackPlan> {
  const units = packUnits(request);
  const room = new Map(request.packs.map(({ count }, k) => [k, count[1]]));
  const byNumber = units.filter(({ way }) => way === 'each').map((unit) => eachPacks(unit, request, room));
  const others = units.flatMap(({ way }, index) => (way === 'each' ? [] : [index]));
  const parts = planned(request, units, others, spent);
  if (!parts) return failure(whyNot(request, spent() >= 1));
  const all = [
    ...parts,
    ...byNumber.map(({ packs, outG }): Part => ({ packs, outG, boundG: outG, isProven: true })),
  ];
  const packs = inOrder(
    all.flatMap((part) => part.packs),
    request,
  );
  return success({
    packs,
    ...whatIsLeft(request, units, packs),
    outOfPlaceG: sum(all, ({ outG }) => outG),
    boundG: sum(all, ({ boundG }) => boundG),
    proven: all.every(({ isProven }) => isProven),
  });
}

/** One by one in equal parts of the time; together where the counts of the packs bind them. */
function planned(
  request: PackRequest,
  units: readonly PackUnit[],
  indexes: readonly number[],
  spent: Spent,
): Part[] | null {
  const isBound = indexes.length > 1 && request.packs.some(({ count: [least] }) => least > 0);
  // What may have to be planned again together leaves half of the time for that.
  const mayBind =
    indexes.length > 1 && request.packs.some(({ count: [, most] }) => most < request.portions.length);
  const end = mayBind ? 0.5 : 1;
  if (!isBound) {
    const parts: Part[] = [];
    for (const [k, index] of indexes.entries()) {
      const from = spent();
      const share = Math.max(0, end - from) / (indexes.length - k);
      const part = searched(request, units, [index], () =>
        share > 0 ? (spent() - from) / share : Math.max(1, spent()),
      );
      if (!part) return null;
      parts.push(part);
    }
    if (keepsCounts(request, parts)) {
      const better = longer(request, units, indexes, parts, spent);
      return keepsCounts(request, better) ? better : parts;
    }
  }
  const together = searched(request, units, indexes, spent);
  return together && [together];
}

/** Less of the time than this is not worth another search. */
const WORTH_SHARE = 0.1;

/** What is not proven is searched for again in the time that the others have left. */
function longer(
  request: PackRequest,
  units: readonly PackUnit[],
  indexes: readonly number[],
  parts: readonly Part[],
  spent: Spent,
): Part[] {
  let open = parts.filter(({ isProven }) => !isProven).length;
  return parts.map((part, k) => {
    if (part.isProven) return part;
    const from = spent();
    const share = (1 - from) / open--;
    if (share < WORTH_SHARE) return part;
    const again = searched(request, units, [indexes[k] as number], () => (spent() - from) / share);
    if (!again) return part;
    const boundG = Math.max(part.boundG, again.boundG);
    const better = again.outG <= part.outG ? again : part;
    return { ...better, boundG, isProven: better.outG <= boundG + 0.05 };
  });
}

/** When the search to the end has taken so much of the time, what it found is bettered part by part. */
const SEARCH_SHARE = 0.6;
/** A table of more pieces in one unit has no time for a search to the end. */
const LARGE = 60;

function searched(
  request: PackRequest,
  units: readonly PackUnit[],
  indexes: readonly number[],
  spent: Spent,
): Part | null {
  const [only] = indexes;
  const unit = indexes.length === 1 && only !== undefined ? (units[only] as PackUnit) : null;
  // Halves of one piece may lie in two packs, and heaps are shared: then there are no parts to plan again.
  const isParted =
    unit !== null &&
    !unit.pool &&
    unit.pieces.every(({ mayCut }) => !mayCut) &&
    request.packs.every(({ count: [least] }) => least === 0);
  const isLarge = isParted && sum(unit.pieces, ({ ids }) => ids.length) > LARGE;
  const model = packModel(request, units, indexes);
  const found = searchPacks(model, isParted && !isLarge ? () => spent() / SEARCH_SHARE : spent, isLarge);
  const best = found.best && {
    packs: packsOf(model, request, found.best.chosen),
    outG: model.nothingG + found.best.costG,
  };
  // Whatever time runs out, less than nothing is out of place only where something is liked.
  const boundG = Math.min(best?.outG ?? Infinity, Math.max(0, model.nothingG + found.boundG));
  if (found.isProven && best) return { ...best, boundG, isProven: true };
  if (!isParted) return best && { ...best, boundG, isProven: false };
  const plan = (part: PackUnit, late: Spent): PackedPieces | null => {
    const own = packModel(request, [part], [0]);
    const { best: few } = searchPacks(own, late);
    return few && { packs: packsOf(own, request, few.chosen), outG: own.nothingG + few.costG };
  };
  const better = betterPacks(request, unit, best?.packs ?? [], plan, spent);
  return { ...better, boundG: Math.min(boundG, better.outG), isProven: better.outG <= boundG + 0.05 };
}

function keepsCounts({ packs: kinds }: PackRequest, parts: readonly Part[]): boolean {
  const packs = parts.flatMap((part) => part.packs);
  return kinds.every(
    ({ name, count: [, most] }) =>
      packs.filter((pack) => !pack.isSmaller && pack.name === name).length <= most,
  );
}

/** As the kinds were wanted, smaller ones last, larger before. */
function inOrder(packs: readonly PlannedPack[], { packs: kinds }: PackRequest): PlannedPack[] {
  const rank = ({ name, isSmaller }: PlannedPack): number =>
    isSmaller ? kinds.length : kinds.findIndex((kind) => kind.name === name);
  return [...packs].sort((a, b) => rank(a) - rank(b) || b.plates.length - a.plates.length);
}

/** What is in no pack: kept until it makes a dinner, or why it stays where it is. */
function whatIsLeft(
  request: PackRequest,
  units: readonly PackUnit[],
  packs: readonly PlannedPack[],
): Pick<PackPlan, 'collecting' | 'left'> {
  const used = new Set(packs.flatMap(({ portions }) => portions.map(portionOf)));
  const massOf = new Map(request.portions.map(({ id, massG }) => [id, massG]));
  const types = eaterTypes(request);
  const collecting: Collecting[] = [];
  const left: { id: string; massG: number; why: LeftWhy }[] = [];
  for (const { way, parts, pieces, pool } of units) {
    const portions = pieces.flatMap(({ ids }) => ids.filter((id) => !used.has(id)));
    const heaps = (pool?.heaps ?? []).flatMap(({ id, massG }) => {
      const rest = massG - sum(packs, ({ divisible }) => divisible[id] ?? 0);
      return rest > CRUMB_G ? [{ id, massG: rest }] : [];
    });
    const all = [...portions.map((id) => ({ id, massG: massOf.get(id) ?? 0 })), ...heaps];
    if (all.length === 0) continue;
    const isEaten = types.some((type) => parts.some((part) => eats(type, part)));
    const why = way === 'eaters' && !isEaten ? 'nobody-eats' : 'not-wanted';
    if (way !== 'eaters' || !isEaten)
      left.push(...all.map((each): (typeof left)[number] => ({ ...each, why })));
    else
      collecting.push({
        parts,
        portions,
        divisible: Object.fromEntries(heaps.map(({ id, massG }) => [id, massG])),
        massG: sum(all, ({ massG }) => massG),
      });
  }
  return { collecting, left };
}

function whyNot({ packs }: PackRequest, isOver: boolean): string {
  const wanted = packs
    .filter(({ count }) => count[0] > 0)
    .map(({ name, count }) => `${count[0]} of “${name}”`);
  if (isOver)
    return 'Time ran out before any plan was found. Give it longer, or ask for fewer kinds of packs.';
  return wanted.length === 0
    ? 'No plan was found.'
    : `At least ${wanted.join(' and ')} cannot be filled with what is on the table. Ask for fewer.`;
}
