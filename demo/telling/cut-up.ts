import { kindById, partOf } from '@core/catalogue/kinds';
import type { Kind, Part, Way } from '@core/catalogue/kind-schema';
import type { Fact } from '@core/ledger/entry';
import { allocate } from '@core/units/allocate';
import { usualRanges } from '@core/yield/usual-range';
import type { Bought } from '../story/happening';
import type { Random } from './random';
import type { Open } from './scribe';
import type { Telling } from './telling';

/** What came off a piece, and lies on the table. */
export interface OnTable {
  readonly lot: string;
  readonly part: Part;
  readonly kind: Kind;
  readonly count: number;
}

/** Usual weight of a slice in grams, by kind and part (common practice); others are so many a piece. */
const SLICE_G: Readonly<Record<string, number>> = {
  'strip-loin:steaks': 345,
  'ribeye:steaks': 360,
  'beef-tenderloin:centre': 200,
  'beef-tenderloin-peeled:centre': 200,
  'rib-seven-bones:eye-steaks': 360,
  'top-round:steaks': 225,
  'eye-of-round:steaks': 190,
  'pork-shoulder-butt:steaks': 250,
  'pork-shoulder-butt:strips': 120,
};
/** Slices heavier than this are weighed one by one, lighter ones by the handful. */
const [ALONE_G, HANDFUL] = [300, 5];
/** A beginner's minutes to those of the book, and a practised hand's. */
const PACE = [1.5, 0.9] as const;

/** How it is cut up, where that is not as ever. */
interface Cutting {
  /** Minutes to those of the book. */
  readonly pace?: number;
  /** After so many weighings it stays as it is, on the board. */
  readonly weighings?: number;
}

/** Drains a piece, cuts it as the way says, and closes it. */
export function cutUp(
  telling: Telling,
  chapter: Open,
  piece: string,
  line: Bought,
  { pace = PACE[0] + (PACE[1] - PACE[0]) * telling.skill, weighings: most = Infinity }: Cutting = {},
): OnTable[] {
  const { scribe, random } = telling;
  const kind = kindById(line.kind);
  const way = kind?.ways.find(({ id }) => id === line.way);
  if (!kind || !way) throw new Error(`There is no ${line.kind}, ${line.way}`);
  const { inDg: massDg, count } = scribe.lot(piece);
  const shares = sharesOf(telling, kind, way, line.botched ?? 0);
  const liquidDg = tens(massDg * way.lossShare * random.between(0.45, 0.6));
  scribe.write(chapter, [{ type: 'drained', lot: piece, massDg: massDg - liquidDg }]);
  let left = most;
  const onTable = inTurn(kind, way).flatMap(({ part, minutes }) => {
    if (left <= 0) return [];
    scribe.pass(minutes * pace);
    const partDg = tens((shares.get(part.id) ?? 0) * massDg);
    const portions = portionsOf(kind, way, part, partDg, count);
    const weighed = weighings(random, partDg, portions, partDg / 10 / portions > ALONE_G && !part.carved);
    return weighed.slice(0, left).map(({ massDg: grams, count: several }): OnTable => {
      left -= 1;
      const lot = scribe.name('part');
      const cut: Fact = {
        type: 'cut',
        from: piece,
        lot,
        part: part.id,
        destination: part.destination,
        massDg: grams,
        count: several,
        on: scribe.day,
      };
      if (line.slip && part === kind.parts[0]) slip(telling, chapter, cut);
      scribe.write(chapter, [cut]);
      return { lot, part, kind, count: several };
    });
  });
  if (most === Infinity) scribe.write(chapter, [{ type: 'closed', lot: piece }]);
  return onTable;
}

/** The weight was written down with the tray under it, taken back, given again, and taken back for good. */
function slip({ scribe }: Telling, chapter: Open, cut: Extract<Fact, { type: 'cut' }>): void {
  scribe.write(chapter, [{ ...cut, lot: `${cut.lot}x`, massDg: cut.massDg + 1800 }]);
  const entries = [scribe.all.at(-1)?.id ?? ''];
  for (const type of ['undone', 'redone', 'undone'] as const) scribe.write(chapter, [{ type, entries }]);
}

/** The parts of a way in the order in which they come off, with the minutes of their steps. */
function inTurn(kind: Kind, way: Way): { readonly part: Part; readonly minutes: number }[] {
  const steps = way.steps.flatMap((id) => kind.steps.find((step) => step.id === id) ?? []);
  const parts = [...new Set(steps.flatMap(({ frees }) => frees))].filter((id) => way.shares[id]);
  return parts.flatMap((id) => {
    const part = partOf(kind, id);
    const minutes = steps
      .filter(({ frees }) => frees.includes(id))
      .reduce((sum, step) => sum + step.minutes / Math.max(1, step.frees.length), 0);
    return part ? [{ part, minutes }] : [];
  });
}

/**
 * What this piece gives, as shares of its weight: within the usual range of each part, the best part
 * more of it the more used the hands are.
 */
function sharesOf(
  { random, skill }: Telling,
  kind: Kind,
  way: Way,
  botched: number,
): ReadonlyMap<string, number> {
  const ranges = usualRanges(kind, way);
  const best = bestParts(kind, way);
  const within = (part: string): number => {
    const [low, high] = ranges.get(part) ?? [0, 0];
    const where = best.includes(part)
      ? 0.22 + 0.5 * skill + random.between(-0.18, 0.18)
      : random.between(0.3, 0.7);
    return low + (high - low) * where;
  };
  const all = new Map(Object.keys(way.shares).map((part) => [part, within(part)]));
  const sumOf = (parts: readonly string[]): number =>
    parts.reduce((sum, part) => sum + (all.get(part) ?? 0), 0);
  const others = [...all.keys()].filter((part) => !best.includes(part));
  const left = 1 - way.lossShare * random.between(0.75, 1) - sumOf(best);
  const fit = others.length === 0 ? 0 : left / sumOf(others);
  for (const part of others) all.set(part, (all.get(part) ?? 0) * fit);
  if (others.length === 0)
    for (const part of best) all.set(part, ((all.get(part) ?? 0) / sumOf(best)) * (1 - way.lossShare));
  return botched > 0 ? badDay(all, best[0] ?? '', botched, kind) : all;
}

/** What it is bought for: its main parts, or where a way has none, what it gives most of. */
function bestParts({ parts }: Kind, { shares }: Way): string[] {
  const main = parts
    .filter(({ destination, id }) => destination === 'main' && shares[id])
    .map(({ id }) => id);
  const [most] = Object.keys(shares).sort((a, b) => (shares[b] ?? 0) - (shares[a] ?? 0));
  return main.length > 0 || most === undefined ? main : [most];
}

/** So much of the best part went to the bin with what belongs there. */
function badDay(
  shares: ReadonlyMap<string, number>,
  best: string,
  botched: number,
  kind: Kind,
): ReadonlyMap<string, number> {
  const bin = [...shares.keys()].find((part) => partOf(kind, part)?.destination === 'bin') ?? '';
  const lost = (shares.get(best) ?? 0) * botched;
  return new Map(
    [...shares].map(([part, share]) => [part, share + (part === bin ? lost : part === best ? -lost : 0)]),
  );
}

function portionsOf(kind: Kind, way: Way, part: Part, massDg: number, pieces: number): number {
  const sliceG = SLICE_G[`${kind.id}:${part.id}`];
  if (sliceG) return Math.max(1, Math.round(massDg / 10 / sliceG));
  return part.portion ? (way.perPiece?.[part.id] ?? part.perPiece ?? 1) * pieces : 1;
}

/** A part as it lies on the scale: single slices, a handful at a time, or all of it. */
function weighings(
  random: Random,
  massDg: number,
  portions: number,
  isAlone: boolean,
): { readonly massDg: number; readonly count: number }[] {
  const each = portions === 1 ? 1 : isAlone ? 1 : portions > 12 ? HANDFUL : portions;
  const counts = Array.from({ length: Math.ceil(portions / each) }, (_, nth) =>
    Math.min(each, portions - nth * each),
  );
  const grams = allocate(
    Math.round(massDg / 10),
    counts.map((count) => count * random.around(1, 0.06)),
  );
  return counts.map((count, nth) => ({ massDg: (grams[nth] ?? 0) * 10, count }));
}

const tens = (massDg: number): number => Math.round(massDg / 10) * 10;
