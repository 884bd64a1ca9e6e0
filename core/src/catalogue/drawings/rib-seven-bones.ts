import type { Drawing } from '../drawing';
import { bones, outline, oval, slices, stroke } from '../outline';

const GAPS = Array.from({ length: 6 }, (_, gap) => 134 + gap * 76);
const gap = (x: number): string => stroke(`${x},60 ${x + 6},150 ${x},284`);

export const ribSevenBones: Drawing = {
  sides: [
    {
      name: 'bones towards you',
      seen: 'rib of seven bones, the bones towards you and pointing down, the eye above them, fat on top',
      viewBox: [640, 340],
      tenCm: 135,
      regions: {
        fat: outline('54,122! 150,72 320,52 490,66 592,112! 588,134! 490,94 320,80 150,100 58,142!'),
        eye: outline(
          '58,142! 150,100 320,80 490,94 588,134! 600,172 592,204! 440,196 320,194 190,198 56,210! 46,176',
        ),
        rack: outline('56,210! 190,198 320,194 440,196 592,204! 600,286! 460,280 320,278 180,282 50,292!'),
      },
      stuff: { fat: 'fat' },
      parts: {
        'roasts-bone-in': ['eye', 'rack'],
        'steaks-bone-in': ['eye', 'rack'],
        'eye-steaks': ['eye'],
        'eye-roast': ['eye'],
        'rib-rack': ['rack'],
        'fat-trim': ['fat'],
      },
      sliced: { regions: ['eye', 'rack'], from: 56, to: 592 },
      landmarks: [
        ...bones(96, 552, 7, [216, 284], -10, 13).map((d) => ({ of: 'bone' as const, on: 'rack', d })),
        ...Array.from({ length: 7 }, (_, rib) => ({
          of: 'bone' as const,
          on: 'rack',
          d: oval(86 + rib * 76, 282, 12, 8),
        })),
        ...GAPS.map((x) => ({
          of: 'grain' as const,
          on: 'rack',
          d: stroke(`${x - 4},214 ${x},244 ${x - 8},270`),
        })),
        { of: 'face', on: 'eye', d: outline('70,140 96,150 104,172 98,194 74,204 56,192 50,172 56,152') },
        { of: 'fat', on: 'eye', d: outline('60,162 76,156 92,164 98,176 86,170 74,166 62,174') },
        { of: 'grain', on: 'eye', d: stroke('62,184 76,180 90,188') },
        { of: 'grain', on: 'eye', d: stroke('130,126 240,112 360,108') },
        { of: 'grain', on: 'eye', d: stroke('130,150 280,138 440,144') },
        { of: 'grain', on: 'eye', d: stroke('130,178 260,170 420,172') },
        { of: 'grain', on: 'eye', d: stroke('440,118 510,122 566,140') },
        { of: 'grain', on: 'fat', d: stroke('150,88 320,66 480,78') },
      ],
      cuts: {
        'membrane-off': [stroke('54,250 180,242 320,238 460,240 596,246')],
        'bones-tied-back': [stroke('50,212 190,198 320,194 440,196 598,204')],
        'bones-hinged': [stroke('50,212 190,198 320,194 440,196 540,200')],
        'part-roasts': [gap(GAPS[1] ?? 0), gap(GAPS[3] ?? 0)],
        'tie-along': bones(96, 552, 7, [70, 262], 0, 1),
        'tie-across': [...slices(56, 592, 8, 66, 262), stroke('48,168 190,140 320,132 450,138 600,166')],
        'steaks-between': GAPS.map(gap),
        'bone-out': [stroke('50,212 190,198 320,194 440,196 598,204')],
        'trim-eye': [stroke('56,142 150,100 320,80 490,94 590,134')],
        'slice-eye': slices(56, 592, 11, 96, 200),
        'roast-eye': slices(56, 592, 2, 86, 206),
      },
      labels: [
        { x: 320, y: 40, text: 'fat' },
        { x: 320, y: 146, text: 'eye' },
        { x: 84, y: 322, text: 'rib 6' },
        { x: 556, y: 322, text: 'rib 12' },
      ],
    },
  ],
};
