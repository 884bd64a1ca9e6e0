import type { Drawing } from '../drawing';
import { outline, ribs, stroke } from '../outline';

const BONES = { from: 132, to: 540, count: 8, bend: 26 };
const GAPS = Array.from({ length: 7 }, (_, gap) => 162 + gap * 58);
const gap = (x: number): string => stroke(`${x},150 ${x + 4},230 ${x},318`);

export const lambRack: Drawing = {
  sides: [
    {
      name: 'bones up',
      seen: 'lamb rack standing on its meat, eight clean bones curving up out of it, the round eye in its rim of fat on the left',
      viewBox: [660, 350],
      tenCm: 240,
      regions: {
        'half-a': outline(
          '96,186! 200,172 334,168! 340,236 334,306! 200,312 110,306! 72,292 44,258 44,222 66,196',
        ),
        'half-b': outline(
          '334,168! 440,172 560,184! 596,204 606,240 596,276 566,298! 440,308 334,306! 340,236',
        ),
        end: outline('110,306! 200,312 334,306! 440,308 566,298! 556,318 440,330 334,330 210,332 130,326'),
      },
      parts: { chops: ['half-a', 'half-b'], 'half-racks': ['half-a', 'half-b'], scraps: ['end'] },
      sliced: { regions: ['half-a', 'half-b'], from: 56, to: 600 },
      behind: ribs({ ...BONES, top: 26, bottom: 200, half: 8 }).map((d) => ({ of: 'bone', d })),
      landmarks: [
        ...Array.from({ length: BONES.count }, (_, index) => ({
          of: 'grain' as const,
          on: index < 4 ? 'half-a' : 'half-b',
          d: stroke(`${130 + index * 58},184 ${136 + index * 58},206 ${146 + index * 58},230`),
        })),
        {
          of: 'fat',
          on: 'half-a',
          d: outline('58,206 92,188 128,196 150,226 150,262 128,292 94,298 60,280 44,250 46,224'),
        },
        {
          of: 'face',
          on: 'half-a',
          d: outline('64,226 92,208 122,216 134,240 128,268 104,282 74,272 60,250'),
        },
        { of: 'grain', on: 'half-a', d: stroke('76,238 96,226 116,234') },
        { of: 'grain', on: 'half-a', d: stroke('74,256 98,246 122,254') },
        { of: 'seam', on: 'half-a', d: stroke('156,262 230,272 330,274') },
        { of: 'seam', on: 'half-b', d: stroke('344,274 440,272 560,260') },
        { of: 'grain', on: 'half-a', d: stroke('176,288 240,294 310,294') },
        { of: 'grain', on: 'half-b', d: stroke('366,294 440,292 530,284') },
        { of: 'silver-skin', on: 'end', d: stroke('150,320 330,320 530,314') },
      ],
      cuts: {
        single: GAPS.map(gap),
        double: GAPS.filter((_, index) => index % 2 === 1).map(gap),
        halve: [gap(GAPS[3] ?? 0)],
      },
      labels: [
        { x: 330, y: 18, text: 'clean bones' },
        { x: 260, y: 256, text: 'eye under its fat' },
      ],
    },
  ],
};
