import { packRequestSchema, type PackRequest } from '../pack/pack-request';
import { normals } from '../units/normals';
import { seededUniform } from '../units/random';

/** What one piece gives: its parts with how many, their mean weight in g and how they differ (estimates). */
const TABLES = [
  [{ part: 'steaks', count: [12, 24], meanG: 200, spread: 0.12 }],
  [{ part: 'chops', count: [16, 30], meanG: 175, spread: 0.1 }],
  [
    { part: 'breast', count: [4, 8], meanG: 235, spread: 0.08 },
    { part: 'thigh', count: [4, 8], meanG: 128, spread: 0.1 },
    { part: 'drumstick', count: [4, 8], meanG: 88, spread: 0.1 },
    { part: 'wing', count: [4, 8], meanG: 62, spread: 0.1 },
  ],
  [
    { part: 'thigh', count: [8, 16], meanG: 128, spread: 0.1 },
    { part: 'drumstick', count: [8, 16], meanG: 88, spread: 0.1 },
  ],
  [
    { part: 'steaks', count: [12, 18], meanG: 190, spread: 0.15 },
    { part: 'strips', count: [8, 16], meanG: 95, spread: 0.2 },
  ],
] as const;
const APPETITES = [120, 140, 150, 165, 180, 190, 200, 220, 240, 260];

/** A table with 12 to 40 portions as real pieces give them, three to five unequal eaters; what has a bone is not carved. */
export function packInstance(seed: number): PackRequest {
  const random = seededUniform(seed * 7919);
  const normal = normals(random);
  const pick = (from: number, to: number): number => from + Math.floor(random() * (to - from + 1));
  const table = TABLES[(seed - 1) % TABLES.length]!;
  const portions = table
    .flatMap(({ part, count, meanG, spread }) =>
      Array.from({ length: pick(count[0], count[1]) }, (_, n) => ({
        id: `${part}-${n + 1}`,
        part,
        massG: Math.max(20, Math.round(meanG * (1 + spread * normal()))),
        boneIn: ['thigh', 'drumstick', 'wing'].includes(part),
      })),
    )
    .slice(0, 40);
  const appetites = [...APPETITES].sort(() => random() - 0.5).slice(0, pick(3, 5));
  const eaters = appetites.map((targetG, e) => ({ name: `eater ${e + 1}`, targetG }));
  const names = eaters.map(({ name }) => name);
  return packRequestSchema.parse({
    portions,
    divisible:
      seed % 2 === 0 ? [{ id: 'grind', part: 'grind', massG: pick(600, 2400), minG: 200, maxG: 1000 }] : [],
    eaters,
    packs: [
      { name: 'for all', eaters: names },
      ...(seed % 4 === 0 ? [{ name: 'for two', eaters: names.slice(0, 2), count: [0, 2] }] : []),
    ],
    ...(seed % 3 === 0
      ? {
          together: [
            ['thigh', 'drumstick'],
            ['breast', 'wing'],
          ],
        }
      : {}),
  });
}

/** How many instances there are. */
export const PACK_INSTANCES = 50;
