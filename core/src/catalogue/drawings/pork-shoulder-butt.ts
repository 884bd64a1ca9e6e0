import type { Drawing } from '../drawing';
import { outline, oval, slices, stroke } from '../outline';

export const porkShoulderButt: Drawing = {
  sides: [
    {
      name: 'fat side down',
      seen: 'pork shoulder butt with its fat side down: the flat blade bone coming out on the left, the even block on the right in its rim of fat, flaps above and below the bone',
      viewBox: [660, 350],
      tenCm: 200,
      regions: {
        'blade-bone': outline(
          '92,150! 136,142 206,118 310,104! 334,150 322,206! 224,192 140,186 92,188! 74,180 74,158',
        ),
        block: outline(
          '330,56! 410,44 484,54! 548,100 566,168 550,230 500,266 420,282 330,282! 336,244 322,206! 334,150 310,104! 322,80',
        ),
        'flap-top': outline('100,102! 140,74 230,58 330,56! 322,80 310,104! 206,118 136,142 92,150!'),
        'flap-bottom': outline(
          '92,188! 140,186 224,192 322,206! 336,244 330,282! 300,280 240,274 170,262! 138,254 108,240!',
        ),
        odd: outline('100,102! 92,150! 74,158 74,180 92,188! 108,240! 72,232 44,200 38,158 56,118'),
        fat: outline(
          '484,54! 552,62 604,112 622,180 604,254 540,304 430,324 310,320 222,308 164,286 170,262! 240,274 300,280 330,282! 420,282 500,266 550,230 566,168 548,100',
        ),
      },
      stuff: { 'blade-bone': 'bone', fat: 'fat' },
      parts: {
        roasts: ['block'],
        steaks: ['block'],
        strips: ['flap-top', 'flap-bottom'],
        'odd-bits': ['odd'],
        grind: ['odd', 'block'],
        'blade-bone': ['blade-bone'],
        fat: ['fat'],
      },
      sliced: { regions: ['block'], from: 330, to: 566 },
      landmarks: [
        { of: 'bone', on: 'blade-bone', d: outline('84,154 96,158 98,180 84,184 76,178 76,160') },
        { of: 'seam', on: 'blade-bone', d: stroke('100,168 190,156 250,140 322,132') },
        { of: 'grain', on: 'blade-bone', d: stroke('104,174 190,166 254,152 318,146') },
        {
          of: 'fat',
          on: 'block',
          d: outline('356,118 392,96 440,104 488,92 494,100 446,116 396,110 362,128'),
        },
        {
          of: 'fat',
          on: 'block',
          d: outline('360,214 400,196 452,206 506,186 512,194 456,218 402,208 366,224'),
        },
        { of: 'fat', on: 'block', d: outline('430,146 456,140 470,156 452,166 436,160') },
        { of: 'grain', on: 'block', d: stroke('362,150 396,140 420,150') },
        { of: 'grain', on: 'block', d: stroke('356,182 400,168 424,176') },
        { of: 'grain', on: 'block', d: stroke('484,130 516,126 540,142') },
        { of: 'grain', on: 'block', d: stroke('486,156 520,154 546,168') },
        { of: 'grain', on: 'block', d: stroke('380,246 430,238 486,244') },
        { of: 'grain', on: 'flap-top', d: stroke('146,98 210,82 290,78') },
        { of: 'grain', on: 'flap-top', d: stroke('160,116 220,98 290,92') },
        { of: 'grain', on: 'flap-bottom', d: stroke('140,210 210,214 300,228') },
        { of: 'grain', on: 'flap-bottom', d: stroke('160,232 220,240 300,256') },
        { of: 'gland', on: 'odd', d: oval(62, 206, 9, 7) },
        { of: 'grain', on: 'odd', d: stroke('60,140 66,150') },
      ],
      cuts: {
        'bone-out': [
          stroke(
            '74,180 74,158 92,150 136,142 206,118 310,104 334,150 322,206 224,192 140,186 92,188 74,180',
          ),
        ],
        'square-up': [
          stroke('330,40 322,80 310,104 334,150 322,206 336,244 330,296'),
          stroke('484,54 548,100 566,168 550,230 500,266 420,282 330,282'),
        ],
        'roasts-tied': [...slices(330, 560, 4, 56, 276), stroke('436,40 446,166 436,292')],
        slice: slices(330, 560, 8, 62, 272),
        strips: [stroke('140,92 226,76 322,76'), stroke('130,222 226,236 326,252')],
        cube: [...slices(336, 560, 4, 62, 272), stroke('334,166 450,172 566,166')],
      },
      labels: [
        { x: 214, y: 168, text: 'blade bone' },
        { x: 226, y: 44, text: 'flap' },
        { x: 400, y: 186, text: 'block' },
        { x: 610, y: 74, text: 'fat' },
        { x: 66, y: 270, text: 'odd bits' },
      ],
    },
  ],
};
