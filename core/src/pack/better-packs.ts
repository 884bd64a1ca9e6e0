import { sum } from 'd3-array';
import { seededUniform, type Uniform } from '../units/random';
import { portionOf } from './half';
import type { PlannedPack } from './pack-plan';
import { packOut } from './pack-out';
import type { PackRequest } from './pack-request';
import type { PackUnit } from './pack-units';
import type { Spent } from './search-packs';

/** Packs, and what they and what is in none are out of place by, g. */
export interface PackedPieces {
  readonly packs: readonly PlannedPack[];
  readonly outG: number;
}

/** So many pieces are planned again at a time: few enough to be planned at their best in a moment. */
const AT_A_TIME = 14;
/** What a part of the table may take of the time. */
const SHARE = 0.12;
/** So often it is tried at least: on a slow device a plan to begin with can be a bad one. */
const LEAST_ROUNDS = 3;
/** Differences below are none, g. */
const SAME_G = 0.02;

/** What is planned again together or not at all: a pack, or a piece that is in none. */
interface Lump {
  readonly ids: readonly string[];
  readonly pack: PlannedPack | null;
  readonly outG: number;
}

/**
 * Plans a large table part by part: some packs and what is left over are unwrapped and planned again
 * at their best, over and over, as long as there is time.
 *
 * @param plan the best packs of a few pieces
 * @source large neighbourhood search, Shaw 1998 (from memory)
 */
export function betterPacks(
  request: PackRequest,
  unit: PackUnit,
  begin: readonly PlannedPack[],
  plan: (unit: PackUnit, spent: Spent) => PackedPieces | null,
  spent: Spent,
): PackedPieces {
  const random = seededUniform(unit.pieces.length);
  let lumps = lumpsOf(request, unit, begin);
  for (let [failed, rounds] = [0, 0]; (spent() < 1 || rounds < LEAST_ROUNDS) && failed < 40; rounds++) {
    const chosen = chosenOf(lumps, random);
    const from = spent();
    const end = rounds < LEAST_ROUNDS ? Infinity : 1;
    const found = plan(partOf(unit, chosen), () => Math.max(spent() / end, (spent() - from) / SHARE));
    const before = sum(chosen, ({ outG }) => outG);
    failed += 1;
    if (!found || found.outG > before - SAME_G) continue;
    failed = 0;
    const rest = lumps.filter((lump) => !chosen.includes(lump));
    lumps = [...rest, ...lumpsOf(request, partOf(unit, chosen), found.packs)];
  }
  return {
    packs: lumps.flatMap(({ pack }) => pack ?? []),
    outG: sum(lumps, ({ outG }) => outG),
  };
}

function lumpsOf(request: PackRequest, { pieces }: PackUnit, packs: readonly PlannedPack[]): Lump[] {
  const used = new Set(packs.flatMap(({ portions }) => portions.map(portionOf)));
  return [
    ...packs.map((pack): Lump => ({
      ids: [...new Set(pack.portions.map(portionOf))],
      pack,
      outG: packOut(request, pack),
    })),
    ...pieces.flatMap(({ ids, leftG }) =>
      ids.filter((id) => !used.has(id)).map((id): Lump => ({ ids: [id], pack: null, outG: leftG })),
    ),
  ];
}

/** Now this, now that; what is out of place most is most often among it. */
function chosenOf(lumps: readonly Lump[], random: Uniform): Lump[] {
  const worth = ({ outG, ids }: Lump): number => random() ** (1 / (1 + outG / ids.length));
  const order = lumps
    .map((lump) => ({ lump, at: worth(lump) }))
    .sort((a, b) => b.at - a.at)
    .map(({ lump }) => lump);
  const chosen: Lump[] = [];
  let pieces = 0;
  for (const lump of order) {
    if (pieces > 0 && pieces + lump.ids.length > AT_A_TIME) continue;
    chosen.push(lump);
    pieces += lump.ids.length;
  }
  return chosen;
}

function partOf(unit: PackUnit, lumps: readonly Lump[]): PackUnit {
  const ids = new Set(lumps.flatMap((lump) => lump.ids));
  const pieces = unit.pieces.flatMap((piece) => {
    const own = piece.ids.filter((id) => ids.has(id));
    return own.length > 0 ? [{ ...piece, ids: own }] : [];
  });
  return { ...unit, pieces };
}
