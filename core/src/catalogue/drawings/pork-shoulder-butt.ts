import type { Drawing } from '../drawing';
import { outline, oval, slices, stroke } from '../outline';

export const porkShoulderButt: Drawing = {
  sides: [
    {
      name: 'fat side down',
      seen: 'pork shoulder butt with its fat side down: the flat blade bone on the left, the even block on the right, flaps above and below the bone',
      viewBox: [640, 330],
      regions: {
        'blade-bone': outline('160,136! 226,120 300,130 334,164! 300,194 226,206 160,196! 148,166'),
        block: outline(
          '334,94! 390,82 440,82 516,92 564,156 556,222 506,250 440,258 390,258 334,246! 326,206 334,164! 326,126',
        ),
        'flap-top': outline('140,104! 210,74 334,70! 334,94! 326,126 334,164! 300,130 226,120 160,136!'),
        'flap-bottom': outline(
          '160,196! 226,206 300,194 334,164! 326,206 334,246! 334,274! 226,276 150,248!',
        ),
        odd: outline('140,104! 160,136! 148,166 160,196! 150,248! 100,224 78,166 94,122'),
        fat: outline(
          '334,70! 430,54 540,72 600,148 590,234 524,278 420,288 334,274! 334,246! 390,258 440,258 506,250 556,222 564,156 516,92 440,82 390,82 334,94!',
        ),
      },
      parts: {
        roasts: ['block'],
        steaks: ['block'],
        strips: ['flap-top', 'flap-bottom'],
        'odd-bits': ['odd'],
        grind: ['odd', 'block'],
        'blade-bone': ['blade-bone'],
        fat: ['fat'],
      },
      sliced: { regions: ['block'], from: 334, to: 566 },
      landmarks: [
        { of: 'bone', d: stroke('166,166 230,158 320,164') },
        { of: 'gland', d: oval(120, 168, 10, 8) },
        { of: 'grain', d: stroke('360,130 410,120') },
        { of: 'grain', d: stroke('366,196 420,190') },
        { of: 'grain', d: stroke('474,150 530,160') },
      ],
      cuts: {
        'bone-out': [stroke('160,136 226,120 300,130 334,164 300,194 226,206 160,196 148,166 160,136')],
        'square-up': [
          stroke('334,58 326,126 334,164 326,206 334,286'),
          stroke('334,94 390,82 440,82 516,92 564,156 556,222 506,250 440,258 334,246'),
        ],
        'roasts-tied': [...slices(334, 560, 4, 92, 250), stroke('440,70 448,166 440,270')],
        slice: slices(334, 560, 8, 92, 250),
        strips: [stroke('140,112 226,96 330,110'), stroke('160,222 226,240 330,232')],
        cube: [...slices(340, 560, 4, 92, 250), stroke('330,166 450,172 566,166')],
      },
      labels: [
        { x: 240, y: 150, text: 'blade bone' },
        { x: 230, y: 56, text: 'flap' },
        { x: 384, y: 174, text: 'block' },
        { x: 596, y: 70, text: 'fat' },
        { x: 66, y: 258, text: 'odd bits' },
      ],
    },
  ],
};
