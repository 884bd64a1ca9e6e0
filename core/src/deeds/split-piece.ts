import { lotName } from '../catalogue/lot-name';
import { kindById } from '../catalogue/kinds';
import type { Fact } from '../ledger/entry';
import type { Lot } from '../ledger/lot';
import { noteChange } from '../records/change';
import type { PieceNote } from '../board/piece-note';
import { allocate } from '../units/allocate';
import type { IsoDate } from '../units/date';
import type { Deed } from './deed';

/** Pieces that go one way, and what they weigh. */
export interface WayOfSome {
  readonly count: number;
  readonly way: string;
  readonly massDg: number;
  /** As it was typed; null where it is a share of the rest. */
  readonly typed: string | null;
}

/** What came with a split. */
export interface SplitSaid {
  readonly on: IsoDate;
  readonly newId: () => string;
  /** What is missing once all are weighed is the liquid of the bag, or lies in no one's weight. */
  readonly missing: 'liquid' | 'shared';
  readonly note: PieceNote | undefined;
}

/**
 * Several pieces that came as one go different ways from now on. The first group stays the piece that it
 * was; each other is a lot of its own.
 *
 * @param groups of what the piece has; their weights are what it has left, or the rest is said to be liquid
 */
export function splitPiece(piece: Lot, groups: readonly WayOfSome[], said: SplitSaid): Deed {
  const sumDg = groups.reduce((sum, { massDg }) => sum + massDg, 0);
  const areWeighed = groups.every(({ typed }) => typed !== null);
  const isShared = areWeighed && said.missing === 'shared' && sumDg < piece.leftDg;
  const [first, ...others] = isShared ? sharedOut(piece, groups) : groups;
  const lots = others.map((group) => ({ ...group, lot: said.newId() }));
  const outOfBagDg = isShared ? piece.leftDg : sumDg;
  const drained: Fact[] = areWeighed ? [{ type: 'drained', lot: piece.id, massDg: outOfBagDg }] : [];
  const split = lots.map(({ lot, count, massDg, typed, way }): Fact => ({
    type: 'split',
    from: piece.id,
    lot,
    count,
    massDg,
    typed: typed ?? undefined,
    way,
    on: said.on,
  }));
  const way: Fact[] =
    first && first.way !== piece.way
      ? [{ type: 'corrected', entry: piece.made, set: { way: first.way } }]
      : [];
  const { marks } = said.note ?? {};
  return {
    facts: [...drained, ...split, ...way],
    records: marks ? lots.map(({ lot }) => noteChange(lot, () => ({ marks: [...marks] }))) : [],
    say: `${lotName(piece)} split: ${groups.map((group) => toldWay(piece, group)).join(', ')}.`,
  };
}

/** All were weighed, and what they do not come to falls on each by its weight: no one's is as it was typed. */
function sharedOut({ leftDg }: Lot, groups: readonly WayOfSome[]): WayOfSome[] {
  const massesDg = allocate(
    leftDg,
    groups.map(({ massDg }) => massDg),
  );
  return groups.map((group, at) => ({ ...group, massDg: massesDg[at] ?? group.massDg, typed: null }));
}

function toldWay({ kind }: Lot, { count, way }: WayOfSome): string {
  const name = kindById(kind)?.ways.find(({ id }) => id === way)?.name ?? way;
  return `${count} to ${name.charAt(0).toLowerCase()}${name.slice(1)}`;
}
