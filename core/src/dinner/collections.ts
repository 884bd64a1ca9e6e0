import { groups, min, sum } from 'd3-array';
import { kindById, partOf } from '../catalogue/kinds';
import { lotName } from '../catalogue/lot-name';
import { bonelessShare, type Skin } from '../cost/plates';
import { isInFreezer } from '../cold/cold';
import type { ClockOf } from '../cold/household-clocks';
import { isUsable } from '../ledger/destination';
import type { Lot } from '../ledger/lot';
import type { Eater } from '../pack/eater';
import { OUT_OF_PLACE } from '../pack/out-of-place';
import { appetiteG } from '../pack/packs-wanted';
import type { IsoDate } from '../units/date';

/** Bags of one part of one animal that are kept until they make a dinner. */
export interface Collection {
  readonly key: string;
  readonly name: string;
  /** The oldest first. */
  readonly bags: readonly Lot[];
  readonly massDg: number;
  /** The day of the oldest bag: the dinner is as old as that. */
  readonly since: IsoDate | null;
  /** There is enough for everyone. */
  readonly isDinner: boolean;
  /** What is missing, g as it is weighed; 0 where nothing is. */
  readonly missingG: number;
  /** So many more portions would do; null where it has none. */
  readonly more: { readonly count: number; readonly word: string } | null;
}

/** Whether a pack is a bag that is collected: meat of a piece, put away without making plates yet. */
export function isCollected({ form, plates, sources, part, destination, leftDg }: Lot): boolean {
  return (
    form === 'pack' &&
    leftDg > 0 &&
    plates === null &&
    sources.length > 0 &&
    part !== null &&
    isUsable(destination)
  );
}

/**
 * What is collected in the freezer, and how far it is from a dinner for all. Only what is frozen and
 * not past its day is added together, and one part of one kind of piece at a time.
 *
 * @returns nothing where nobody eats: then nobody can say what a dinner is
 * @example two shanks of 400 g where five eat: "2 more shanks and it is a dinner"
 */
export function collectionsOf(
  stock: readonly Lot[],
  clockOf: ClockOf,
  { eaters, skin }: { readonly eaters: readonly Eater[]; readonly skin?: Skin },
): Collection[] {
  if (eaters.length === 0) return [];
  const bags = stock.filter((lot) => {
    if (!isCollected(lot)) return false;
    const cold = clockOf(lot);
    return isInFreezer(cold) && !cold.overdue;
  });
  return groups(bags, ({ kind, part }) => `${kind ?? ''}:${part ?? ''}`).map(([key, own]) =>
    collection(key, own, eaters, skin),
  );
}

function collection(key: string, own: readonly Lot[], eaters: readonly Eater[], skin?: Skin): Collection {
  const bags = [...own].sort((a, b) => (a.on ?? '').localeCompare(b.on ?? ''));
  const [first] = bags as [Lot];
  const part = partOf(kindById(first.kind), first.part);
  const eaten = bonelessShare(first, skin) || 1;
  const massDg = sum(bags, ({ leftDg }) => leftDg);
  const pieces = sum(bags, ({ countLeft }) => countLeft);
  const isPiece = part?.portion !== undefined && pieces > 0;
  const eachG = massDg / 10 / Math.max(1, pieces);
  const wantedG = sum(eaters, ({ name }) => appetiteG(eaters, name, first.animal)) * OUT_OF_PLACE.dinner;
  // With its bone one is a plate, whatever it weighs (common practice).
  const missing =
    isPiece && part.bone ? eaters.length - pieces : (wantedG / eaten - massDg / 10) / (isPiece ? eachG : 1);
  const isDinner = missing * (isPiece ? eachG : 1) < 1;
  return {
    key,
    name: part?.name ?? lotName(first),
    bags,
    massDg,
    since: min(bags, ({ on }) => on ?? undefined) ?? null,
    isDinner,
    missingG: isDinner ? 0 : missing * (isPiece ? eachG : 1),
    more: !isDinner && isPiece ? moreOf(missing, part) : null,
  };
}

function moreOf(
  pieces: number,
  {
    portion = '',
    portions = '',
  }: { readonly portion?: string | undefined; readonly portions?: string | undefined },
): NonNullable<Collection['more']> {
  const count = Math.ceil(pieces);
  return { count, word: count === 1 ? portion : portions };
}
