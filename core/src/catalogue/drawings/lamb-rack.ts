import type { Drawing } from '../drawing';
import { bones, outline, stroke } from '../outline';

const GAPS = Array.from({ length: 7 }, (_, gap) => 134 + gap * 58);
const gap = (x: number): string => stroke(`${x},150 ${x + 4},230 ${x},304`);

export const lambRack: Drawing = {
  sides: [
    {
      name: 'bones up',
      seen: 'lamb rack standing on its meat, eight clean bones pointing up',
      viewBox: [640, 330],
      regions: {
        'half-a': outline('62,196! 180,176 308,170! 312,240 308,298! 180,298 84,288 52,244'),
        'half-b': outline('308,170! 440,176 560,194! 576,242 556,288! 440,298 308,298! 312,240'),
        end: outline('560,194! 592,206 604,246 590,280 556,288! 576,242'),
      },
      parts: { chops: ['half-a', 'half-b'], 'half-racks': ['half-a', 'half-b'], scraps: ['end'] },
      sliced: { regions: ['half-a', 'half-b'], from: 56, to: 574 },
      landmarks: [
        ...bones(105, 511, 8, [40, 190], -6, 8).map((d) => ({ of: 'bone' as const, d })),
        { of: 'seam', d: stroke('80,226 200,208 312,204 430,208 550,224') },
      ],
      cuts: {
        single: GAPS.map(gap),
        double: GAPS.filter((_, index) => index % 2 === 1).map(gap),
        halve: [gap(GAPS[3] ?? 0)],
      },
      labels: [
        { x: 310, y: 22, text: 'clean bones' },
        { x: 184, y: 262, text: 'eye under its fat' },
      ],
    },
  ],
};
