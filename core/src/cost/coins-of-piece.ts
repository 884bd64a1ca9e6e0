import { group, sum } from 'd3-array';
import type { Leaf } from '../ledger/leaves';
import type { Flow, Lot, LotId } from '../ledger/lot';
import { allocate } from '../units/allocate';
import type { Minor } from '../units/money';
import { carries, poolDg, type LotCost } from './lot-cost';

/** One flow of a share, with what it carries exactly. */
interface Claim {
  readonly lot: Lot;
  readonly flow: number;
  readonly heap: string;
  readonly exact: number;
  readonly of: Flow;
}

/**
 * What was paid for a piece, in whole coins: straight to the packs, by exact rate times weight. At the
 * closing one largest remainder over all packs that are there and the rest of each part; what is
 * wrapped or used later, deed by deed, shares out the coins of that rest. So within one deed each has
 * its exact share rounded up or down, of one part the heavier is never cheaper, and the sum is what was
 * paid. While a piece is open all of it is shared at once.
 *
 * @param leaves from {@link leavesOrPiece}
 * @param weights one a leaf: what was paid is shared in their proportion
 * @returns by leaf; they sum to what was paid
 * @source largest-remainder (Hamilton) method, {@link allocate}
 */
export function coinsOfPiece(
  piece: Lot,
  leaves: readonly Leaf[],
  weights: readonly number[],
): ReadonlyMap<LotId, LotCost> {
  const paidMinor = piece.paidMinor ?? 0;
  const exact = exactShares(leaves, paidMinor, weights);
  const claims = leaves.flatMap((leaf, at) => claimsOf(leaf, exact[at] ?? 0));
  const rests = new Rests(leaves, exact);
  const { closedAt } = piece;
  const [before, after] = [
    claims.filter(({ of }) => closedAt === null || of.at <= closedAt),
    claims.filter(({ of }) => closedAt !== null && of.at > closedAt),
  ];
  const coins = new Map<Claim, Minor>();
  const share = (same: readonly Claim[], available: Minor, heaps: readonly string[]): void =>
    rests.shareOut(same, available, heaps).forEach((minor, claim) => coins.set(claim, minor));
  share(before, paidMinor, rests.heaps);
  for (const [, same] of group(inTime(after), ({ of }) => of.deed)) {
    const heaps = [...new Set(same.map(({ heap }) => heap))];
    share(same, rests.take(heaps), heaps);
  }
  return coinsByLeaf({ leaves, exact, isFinal: closedAt !== null }, claims, coins, rests);
}

/**
 * What each leaf carries before anything is rounded: by weight, where nothing has any (all of it went to
 * stock, say) by mass; where there is no mass, the one leaf carries it all.
 */
export function exactShares(
  leaves: readonly Pick<Leaf, 'massDg'>[],
  paidMinor: Minor,
  weights: readonly number[],
): number[] {
  const carried = weights.some((weight) => weight > 0) ? weights : leaves.map(({ massDg }) => massDg);
  const whole = sum(carried);
  return leaves.map((_, at) =>
    whole > 0 ? (paidMinor * (carried[at] ?? 0)) / whole : at === 0 ? paidMinor : 0,
  );
}

const heapOf = ({ lot, destination }: Leaf): string => `${lot.part ?? ''}/${destination}`;

function claimsOf(leaf: Leaf, exact: number): Claim[] {
  const pool = poolDg(leaf.lot);
  return leaf.lot.flows.flatMap((of, flow): Claim[] =>
    !carries(of) || pool === 0
      ? []
      : [{ lot: leaf.lot, flow, heap: heapOf(leaf), exact: (exact * of.massDg) / pool, of }],
  );
}

const inTime = (claims: readonly Claim[]): Claim[] =>
  [...claims].sort((a, b) => (a.of.at < b.of.at ? -1 : a.of.at > b.of.at ? 1 : 0));

/** What it goes into: of several steaks in one pack the pack has one share. */
const targetOf = ({ of }: Claim): string => of.lot ?? of.entry;

/** The rest of each part: how much of it is exactly there, and its coins. */
class Rests {
  readonly heaps: readonly string[];
  private readonly exact: Map<string, number>;
  private readonly coins = new Map<string, Minor>();

  constructor(leaves: readonly Leaf[], exact: readonly number[]) {
    this.exact = new Map();
    leaves.forEach((leaf, at) =>
      this.exact.set(heapOf(leaf), (this.exact.get(heapOf(leaf)) ?? 0) + (exact[at] ?? 0)),
    );
    this.heaps = [...this.exact.keys()];
  }

  /** Takes what coins there are out of some heaps, to be shared out anew. */
  take(heaps: readonly string[]): Minor {
    return sum(heaps, (heap) => this.coins.get(heap) ?? 0);
  }

  leftOf(heap: string): Minor {
    return this.coins.get(heap) ?? 0;
  }

  /** Shares coins among what is taken now and what is left of the heaps that it is taken from. */
  shareOut(claims: readonly Claim[], available: Minor, heaps: readonly string[]): Map<Claim, Minor> {
    for (const { heap, exact } of claims)
      this.exact.set(heap, Math.max(0, (this.exact.get(heap) ?? 0) - exact));
    const targets = [...group(claims, targetOf).values()];
    const taken = targets.map((same) => sum(same, ({ exact }) => exact));
    const left = heaps.map((heap) => withoutDust(this.exact.get(heap) ?? 0));
    const shares = allocateOr(
      available,
      [...taken, ...left],
      [
        ...targets.map((same) => sum(same, ({ of }) => of.massDg)),
        ...heaps.map(() => (targets.length === 0 ? 1 : 0)),
      ],
    );
    heaps.forEach((heap, at) => this.coins.set(heap, shares[targets.length + at] ?? 0));
    return new Map(
      targets.flatMap((same, at) => {
        const each = allocateOr(
          shares[at] ?? 0,
          same.map(({ exact }) => exact),
          same.map(({ of }) => of.massDg),
        );
        return same.map((claim, k) => [claim, each[k] ?? 0] as const);
      }),
    );
  }
}

/** Subtracting one by one what is all of it leaves a hair. */
const withoutDust = (exact: number): number => (exact < 1e-6 ? 0 : exact);

/** Shares by weight, or by the other weights where none has any. */
function allocateOr(total: Minor, weights: readonly number[], else_: readonly number[]): Minor[] {
  if (weights.some((weight) => weight > 0)) return allocate(total, weights);
  if (else_.some((weight) => weight > 0)) return allocate(total, else_);
  return weights.map((_, at) => (at === 0 ? total : 0));
}

interface Shared {
  readonly leaves: readonly Leaf[];
  readonly exact: readonly number[];
  readonly isFinal: boolean;
}

function coinsByLeaf(
  { leaves, exact, isFinal }: Shared,
  claims: readonly Claim[],
  coins: ReadonlyMap<Claim, Minor>,
  rests: Rests,
): Map<LotId, LotCost> {
  const left = new Map<LotId, Minor>();
  const exactLeft = new Map(
    leaves.map(({ lot }, at) => [lot.id, ((exact[at] ?? 0) * lot.leftDg) / Math.max(1, poolDg(lot))]),
  );
  for (const [heap, same] of group(leaves, heapOf)) {
    const shares = allocateOr(
      rests.leftOf(heap),
      same.map(({ lot }) => exactLeft.get(lot.id) ?? 0),
      same.map(({ massDg }) => massDg),
    );
    same.forEach(({ lot }, at) => left.set(lot.id, shares[at] ?? 0));
  }
  const byLot = group(claims, ({ lot }) => lot.id);
  return new Map(
    leaves.map(({ lot }) => {
      const flows = lot.flows.map(() => 0);
      for (const claim of byLot.get(lot.id) ?? []) flows[claim.flow] = coins.get(claim) ?? 0;
      const leftMinor = left.get(lot.id) ?? 0;
      return [lot.id, { minor: sum(flows) + leftMinor, complete: true, isFinal, flows, leftMinor }];
    }),
  );
}
