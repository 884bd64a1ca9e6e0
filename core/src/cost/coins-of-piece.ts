import { sum } from 'd3-array';
import type { Leaf } from '../ledger/leaves';
import type { Flow, Lot, LotId } from '../ledger/lot';
import { allocate } from '../units/allocate';
import { grouped } from '../units/grouped';
import type { Minor } from '../units/money';
import { carries, poolDg, type LotCost } from './lot-cost';

/** One flow of a share, with what it carries exactly. */
interface Claim {
  readonly flow: number;
  readonly heap: string;
  readonly exact: number;
  readonly of: Flow;
  /** Its coins, once they are shared out. */
  minor: Minor;
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
  const { closedAt, paidMinor } = piece;
  const exact = exactShares(leaves, paidMinor ?? 0, weights);
  const heaps = leaves.map(heapOf);
  const claims = leaves.map((leaf, at) => claimsOf(leaf, heaps[at] ?? '', exact[at] ?? 0));
  const rests = new Rests(heaps, exact);
  const [before, after]: [Claim[], Claim[]] = [[], []];
  for (const claim of claims.flat())
    (closedAt === null || claim.of.at <= closedAt ? before : after).push(claim);
  rests.shareOut(before, paidMinor ?? 0, rests.heaps);
  for (const same of grouped(inTime(after), ({ of }) => of.deed).values()) {
    const from = [...new Set(same.map(({ heap }) => heap))];
    rests.shareOut(same, rests.take(from), from);
  }
  return coinsByLeaf({ leaves, heaps, exact, isFinal: closedAt !== null }, claims, rests);
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

function claimsOf({ lot }: Leaf, heap: string, exact: number): Claim[] {
  const pool = poolDg(lot);
  const claims: Claim[] = [];
  lot.flows.forEach((of, flow) => {
    if (carries(of) && pool > 0) claims.push({ flow, heap, exact: (exact * of.massDg) / pool, of, minor: 0 });
  });
  return claims;
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

  constructor(heaps: readonly string[], exact: readonly number[]) {
    this.exact = new Map();
    heaps.forEach((heap, at) => this.exact.set(heap, (this.exact.get(heap) ?? 0) + (exact[at] ?? 0)));
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
  shareOut(claims: readonly Claim[], available: Minor, heaps: readonly string[]): void {
    for (const { heap, exact } of claims)
      this.exact.set(heap, Math.max(0, (this.exact.get(heap) ?? 0) - exact));
    const targets = [...grouped(claims, targetOf).values()];
    const taken = targets.map((same) => sum(same, ({ exact }) => exact));
    const left = heaps.map((heap) => withoutDust(this.exact.get(heap) ?? 0));
    const shares = allocateOr(available, [...taken, ...left], () => [
      ...targets.map((same) => sum(same, ({ of }) => of.massDg)),
      ...heaps.map(() => (targets.length === 0 ? 1 : 0)),
    ]);
    heaps.forEach((heap, at) => this.coins.set(heap, shares[targets.length + at] ?? 0));
    targets.forEach((same, at) => {
      const each = allocateOr(
        shares[at] ?? 0,
        same.map(({ exact }) => exact),
        () => same.map(({ of }) => of.massDg),
      );
      same.forEach((claim, k) => (claim.minor = each[k] ?? 0));
    });
  }
}

/** Subtracting one by one what is all of it leaves a hair. */
const withoutDust = (exact: number): number => (exact < 1e-6 ? 0 : exact);

/** Shares by weight, or by the other weights where none has any. */
function allocateOr(total: Minor, weights: readonly number[], others: () => readonly number[]): Minor[] {
  if (weights.length === 1 || total === 0) return weights.map(() => total);
  if (weights.some((weight) => weight > 0)) return allocate(total, weights);
  const else_ = others();
  if (else_.some((weight) => weight > 0)) return allocate(total, else_);
  return weights.map((_, at) => (at === 0 ? total : 0));
}

interface Shared {
  readonly leaves: readonly Leaf[];
  readonly heaps: readonly string[];
  readonly exact: readonly number[];
  readonly isFinal: boolean;
}

function coinsByLeaf(
  { leaves, heaps, exact, isFinal }: Shared,
  claims: readonly (readonly Claim[])[],
  rests: Rests,
): Map<LotId, LotCost> {
  const left = leaves.map(() => 0);
  const byHeap = grouped(leaves.keys(), (at) => heaps[at] ?? '');
  for (const [heap, same] of byHeap) {
    const shares = allocateOr(
      rests.leftOf(heap),
      same.map((at) => exactLeft(leaves[at]?.lot, exact[at] ?? 0)),
      () => same.map((at) => leaves[at]?.massDg ?? 0),
    );
    same.forEach((at, k) => (left[at] = shares[k] ?? 0));
  }
  return new Map(
    leaves.map(({ lot }, at) => {
      const flows = lot.flows.map(() => 0);
      for (const { flow, minor } of claims[at] ?? []) flows[flow] = minor;
      const leftMinor = left[at] ?? 0;
      return [lot.id, { minor: sum(flows) + leftMinor, complete: true, isFinal, flows, leftMinor }];
    }),
  );
}

/** What of an exact share is still there. */
const exactLeft = (lot: Lot | undefined, exact: number): number =>
  lot ? (exact * lot.leftDg) / Math.max(1, poolDg(lot)) : 0;
