import { readFileSync } from 'node:fs';
import { packRequestSchema, type PackRequest } from '../../pack/pack-request';
import { seededUniform } from '../../units/random';
import { everyPacking } from '../every-packing';
import { hashOf, type Question } from './question';

/** A few portions of all sorts, and one to three eaters who like this and never eat that. */
function smallTable(seed: number): PackRequest {
  const random = seededUniform(seed);
  const pick = (from: number, to: number): number => from + Math.floor(random() * (to - from + 1));
  const parts = random() < 0.5 ? ['thigh', 'drumstick'] : ['steak'];
  const sort = (): object => {
    const at = random();
    return at < 0.25 ? { carved: true } : at < 0.4 ? { boneIn: true } : at < 0.55 ? { mayCut: true } : {};
  };
  const eaters = Array.from({ length: pick(1, 3) }, (_, e) => ({
    name: `e${e}`,
    targetG: random() < 0.3 ? 180 : pick(10, 24) * 10,
    ...(random() < 0.25 ? { likes: [parts[0]] } : {}),
    ...(parts.length > 1 && random() < 0.25 ? { never: [parts[pick(0, 1)]] } : {}),
  }));
  const isCollected = random() < 0.15;
  return packRequestSchema.parse({
    portions: Array.from({ length: pick(1, 6) }, (_, p) => ({
      id: `p${p}`,
      part: parts[pick(0, parts.length - 1)],
      massG: random() < 0.2 ? 150 : pick(40, 420),
      ...sort(),
      ...(isCollected ? { collected: true } : {}),
    })),
    eaters,
    packs: [
      { name: 'all', eaters: eaters.map(({ name }) => name), count: [0, random() < 0.2 ? 1 : 20] },
      ...(eaters.length > 1 && random() < 0.4
        ? [{ name: 'one', eaters: ['e0'], count: [0, pick(1, 3)] }]
        : []),
    ],
    ...(random() < 0.7 ? { together: [['thigh', 'drumstick']] } : {}),
  });
}

/** The least grams out of place of 300 small tables, by trying everything. */
export const SMALL_TABLES: Question<PackRequest> = {
  name: 'small-tables',
  solver: 'every-packing',
  // It is ours: what it is, is its text.
  version: hashOf(readFileSync('core/src/testing/every-packing.ts', 'utf8')),
  inputs: () => Array.from({ length: 300 }, (_, k) => smallTable((k + 1) * 31)),
  solve: (request) => Promise.resolve(everyPacking(request)),
};
