import { differenceOut, isPlate, OUT_OF_PLACE, plateOut, sharedOut, stepOf } from '../pack/out-of-place';
import type { PackRequest } from '../pack/pack-request';

/** Something that is served as it is: a portion, or the half of one that only this eater may get, alone. */
interface Piece {
  readonly part: string;
  readonly massG: number;
  readonly leftG: number;
  readonly isCarved: boolean;
  readonly isPlated: boolean;
  readonly halfFor?: number;
  readonly mustServe?: boolean;
}

interface Eater {
  readonly targetG: number;
  readonly likes: readonly string[];
  readonly never: readonly string[];
}

interface Meal {
  readonly wanted: number | null;
  readonly eaters: readonly Eater[];
}

/**
 * The least grams out of place of a few whole-gram portions, by trying everything: which are cut and
 * how, which lie in a pack together, which meal it is, and who gets which. Knows the measure, and
 * nothing of how plans are made.
 */
export function everyPacking(request: PackRequest): number {
  const eaters = request.eaters.map(({ targetG, likes = [], never = [] }): Eater => ({
    targetG,
    likes,
    never,
  }));
  return Math.min(
    ...everyCut(request, eaters).map(({ pieces, cutG }) => cutG + bestOf(pieces, eaters, request)),
  );
}

/** Meals of those who eat some of these parts. */
function mealsOf(request: PackRequest, all: readonly Eater[], parts: readonly string[]): Meal[] {
  const isEating = ({ never }: Eater): boolean => parts.some((part) => !never.includes(part));
  const eaters = all.filter(isEating);
  const key = (own: readonly Eater[]): string =>
    own
      .map((eater) => JSON.stringify(eater))
      .sort()
      .join();
  const wanted = request.packs
    .map((pack, k): Meal => ({
      wanted: k,
      eaters: pack
        .eaters!.map((name) => all[request.eaters.findIndex((eater) => eater.name === name)]!)
        .filter(isEating),
    }))
    .filter((meal) => meal.eaters.length > 0);
  const most = Math.max(0, ...wanted.map((meal) => meal.eaters.length));
  const known = new Set(wanted.map((meal) => key(meal.eaters)));
  const subsets = [...Array(2 ** eaters.length).keys()].map((mask) =>
    eaters.filter((_, e) => mask & (1 << e)),
  );
  const smaller = subsets.filter((own) => own.length > 0 && own.length < most && !known.has(key(own)));
  return [...wanted, ...smaller.map((own): Meal => ({ wanted: null, eaters: own }))];
}

function partsWith(part: string, { portions, together = [] }: PackRequest): string[] {
  const others = together.filter((parts) => parts.includes(part)).flat();
  return [...new Set(portions.map((portion) => portion.part))].filter(
    (other) => other === part || others.includes(other),
  );
}

function everyCut(request: PackRequest, eaters: readonly Eater[]): { pieces: Piece[]; cutG: number }[] {
  const mean = eaters.reduce((sum, { targetG }) => sum + targetG, 0) / eaters.length;
  let all: { pieces: Piece[]; cutG: number }[] = [{ pieces: [], cutG: 0 }];
  for (const { part, massG, carved, boneIn, mayCut, collected } of request.portions) {
    const whole: Piece = {
      part,
      massG,
      leftG: massG * (collected ? OUT_OF_PLACE.collected : OUT_OF_PLACE.left),
      isCarved: carved || (!boneIn && massG > mean * 1.5),
      isPlated: !carved,
    };
    const cuts = mayCut && !boneIn && !carved ? halves(whole, eaters) : [];
    all = all.flatMap(({ pieces, cutG }) => [
      { pieces: [...pieces, whole], cutG },
      ...cuts.map((two) => ({ pieces: [...pieces, ...two], cutG: cutG + OUT_OF_PLACE.cut })),
    ]);
  }
  return all;
}

function halves(whole: Piece, eaters: readonly Eater[]): [Piece, Piece][] {
  const targets = [...new Set(eaters.map(({ targetG }) => targetG))].sort((a, b) => b - a);
  return targets.flatMap((a, k) =>
    targets.slice(k).map((b): [Piece, Piece] => {
      const first = Math.round((whole.massG * a) / (a + b));
      const half = (massG: number, halfFor: number): Piece => ({
        ...whole,
        massG,
        halfFor,
        mustServe: true,
        isCarved: false,
      });
      return [half(first, a), half(whole.massG - first, b)];
    }),
  );
}

function bestOf(pieces: readonly Piece[], eaters: readonly Eater[], request: PackRequest): number {
  const mealsFor = new Map(
    pieces.map((piece) => [piece.part, mealsOf(request, eaters, partsWith(piece.part, request))]),
  );
  const known = new Map<string, number>();
  const packs = new Map<string, number>();
  const pack = (mask: number, meal: Meal, m: number): number => {
    const key = `${mask} ${m}`;
    const found =
      packs.get(key) ??
      packOut(
        pieces.filter((_, p) => mask & (1 << p)),
        meal,
        request,
      );
    packs.set(key, found);
    return found;
  };
  const best = (mask: number, counts: readonly number[]): number => {
    if (mask === 0) return counts.every((count, k) => count >= request.packs[k]!.count[0]) ? 0 : Infinity;
    const key = `${mask} ${counts.join()}`;
    const before = known.get(key);
    if (before !== undefined) return before;
    const lowest = mask & -mask;
    const piece = pieces[Math.log2(lowest)]!;
    let least = piece.mustServe ? Infinity : piece.leftG + best(mask ^ lowest, counts);
    for (let sub = mask; sub > 0; sub = (sub - 1) & mask) {
      if (!(sub & lowest)) continue;
      for (const [m, meal] of mealsFor.get(piece.part)!.entries()) {
        const { wanted } = meal;
        const next = counts.map((count, k) => count + (k === wanted ? 1 : 0));
        if (wanted !== null && next[wanted]! > request.packs[wanted]!.count[1]) continue;
        const out = pack(sub, meal, m);
        if (out < Infinity) least = Math.min(least, out + best(mask ^ sub, next));
      }
    }
    known.set(key, least);
    return least;
  };
  return best(
    2 ** pieces.length - 1,
    request.packs.map(() => 0),
  );
}

/** The best of one pack of exactly these, or ∞. */
function packOut(pieces: readonly Piece[], { wanted, eaters }: Meal, request: PackRequest): number {
  const together = request.together ?? [];
  const mayShare = (a: Piece, b: Piece): boolean =>
    a.part === b.part || together.some((parts) => parts.includes(a.part) && parts.includes(b.part));
  const isCollected = pieces.some(({ leftG, massG }) => leftG < massG);
  if (!pieces.every((a) => pieces.every((b) => mayShare(a, b) && a.leftG < a.massG === b.leftG < b.massG)))
    return Infinity;
  if (isCollected && wanted === null) return Infinity;
  const share = isCollected ? OUT_OF_PLACE.dinner : OUT_OF_PLACE.leastPlate;
  const appetite = eaters.reduce((sum, { targetG }) => sum + targetG, 0);
  const base = OUT_OF_PLACE.pack + (wanted === null ? appetite * OUT_OF_PLACE.smaller : 0);
  return (
    base +
    Math.min(
      shared(pieces, eaters, appetite, share, wanted === null),
      plated(pieces, eaters, appetite, share),
    )
  );
}

function shared(
  pieces: readonly Piece[],
  eaters: readonly Eater[],
  appetite: number,
  share: number,
  isSmaller: boolean,
): number {
  const massG = pieces.reduce((sum, piece) => sum + piece.massG, 0);
  const isFine =
    pieces.every(({ isCarved, part }) => isCarved && eaters.every(({ never }) => !never.includes(part))) &&
    massG >= appetite * share &&
    (pieces.length === 1 || massG <= appetite * OUT_OF_PLACE.mostPlate);
  if (!isFine) return Infinity;
  const back = eaters
    .filter(({ likes }) => pieces.every(({ part }) => likes.includes(part)))
    .reduce((sum, { targetG }) => sum + targetG * OUT_OF_PLACE.liked, 0);
  return sharedOut(appetite, massG, pieces.length, isSmaller) - back;
}

function plated(pieces: readonly Piece[], eaters: readonly Eater[], appetite: number, share: number): number {
  let best = Infinity;
  const given = eaters.map((): Piece[] => []);
  const deal = (p: number): void => {
    if (p === pieces.length) {
      let out = 0;
      const steps: number[] = [];
      for (const [e, own] of given.entries()) {
        const { targetG, likes } = eaters[e]!;
        const massG = own.reduce((sum, piece) => sum + piece.massG, 0);
        const count = own.some(({ halfFor }) => halfFor !== undefined) ? 2 : own.length;
        if (massG < targetG * share || !isPlate(targetG, massG, count)) return;
        out +=
          plateOut(
            targetG,
            massG,
            own.length === 1 && own[0]!.leftG < own[0]!.massG && own[0]!.halfFor === undefined,
          ) - (own.every(({ part }) => likes.includes(part)) ? targetG * OUT_OF_PLACE.liked : 0);
        steps.push(stepOf(targetG, massG));
      }
      best = Math.min(best, out + differenceOut(steps, appetite / eaters.length));
      return;
    }
    const piece = pieces[p]!;
    for (const [e, own] of given.entries()) {
      const { never, targetG } = eaters[e]!;
      const isAlone =
        own.length === 0 ||
        (piece.halfFor === undefined && own.every(({ halfFor }) => halfFor === undefined));
      if (!piece.isPlated || never.includes(piece.part) || !isAlone || (piece.halfFor ?? targetG) !== targetG)
        continue;
      own.push(piece);
      deal(p + 1);
      own.pop();
    }
  };
  if (pieces.length >= eaters.length) deal(0);
  return best;
}
