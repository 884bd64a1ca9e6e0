import type { Drawing } from '../drawing';
import { bones, outline, slices, stroke } from '../outline';

const GAPS = Array.from({ length: 6 }, (_, gap) => 134 + gap * 76);
const gap = (x: number): string => stroke(`${x},60 ${x + 6},150 ${x},284`);

export const ribSevenBones: Drawing = {
  sides: [
    {
      name: 'bones towards you',
      seen: 'rib of seven bones, the bones towards you and pointing down, the eye above them, fat on top',
      viewBox: [640, 330],
      regions: {
        fat: outline('54,122! 150,72 320,52 490,66 592,112! 588,134! 490,94 320,80 150,100 58,142!'),
        eye: outline(
          '58,142! 150,100 320,80 490,94 588,134! 600,172 592,204! 440,196 320,194 190,198 56,210! 46,176',
        ),
        rack: outline('56,210! 190,198 320,194 440,196 592,204! 594,258! 460,252 320,250 180,254 58,264!'),
      },
      parts: {
        'roasts-bone-in': ['eye', 'rack'],
        'steaks-bone-in': ['eye', 'rack'],
        'eye-steaks': ['eye'],
        'eye-roast': ['eye'],
        'rib-rack': ['rack'],
        'fat-trim': ['fat'],
      },
      sliced: { regions: ['eye', 'rack'], from: 56, to: 592 },
      landmarks: bones(96, 552, 7, [214, 300], -8, 11).map((d) => ({ of: 'bone' as const, d })),
      cuts: {
        'membrane-off': [stroke('58,236 180,228 320,224 460,226 592,232')],
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
        { x: 34, y: 300, text: 'rib 6' },
        { x: 602, y: 300, text: 'rib 12' },
      ],
    },
  ],
};
