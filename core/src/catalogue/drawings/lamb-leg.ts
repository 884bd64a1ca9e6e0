import type { Drawing } from '../drawing';
import { outline, oval, stroke } from '../outline';

export const lambLeg: Drawing = {
  sides: [
    {
      name: 'inside up',
      seen: 'lamb leg with its inside up: shank on the left, knee, thigh bone along the middle, hip bone on the right',
      viewBox: [640, 320],
      tenCm: 148,
      regions: {
        shank: outline('30,148! 64,138 130,134 192,118! 196,150! 195,174! 192,202! 130,190 64,184 30,176!'),
        upper: outline(
          '192,118! 252,82 350,56! 470,66 562,108 592,158! 540,152 496,158! 484,128 444,118 404,140! 340,136 262,142 196,150!',
        ),
        lower: outline(
          '195,174! 262,172 340,174 404,178! 450,192 496,158! 540,152 592,158! 584,214 512,262 400,274 288,254 228,226 192,202!',
        ),
        bones: outline(
          '196,150! 262,142 340,136 404,140! 444,118 484,128 496,158! 450,192 404,178! 340,174 262,172 195,174!',
        ),
        fat: outline('350,56! 470,66 562,108 592,158! 616,146 592,92 500,40 400,34'),
      },
      stuff: { bones: 'bone', fat: 'fat' },
      parts: { 'boneless-leg': ['lower', 'upper'], shank: ['shank'], bones: ['bones'], waste: ['fat'] },
      landmarks: [
        {
          of: 'bone',
          on: 'shank',
          d: outline('24,150 36,146 44,154 70,154 70,170 44,170 36,178 24,174 20,162'),
        },
        { of: 'seam', on: 'shank', d: stroke('76,160 130,162 186,162') },
        { of: 'grain', on: 'shank', d: stroke('84,146 130,142 182,132') },
        { of: 'grain', on: 'shank', d: stroke('84,178 130,182 182,190') },
        { of: 'joint', on: 'bones', d: oval(200, 162, 9, 10) },
        { of: 'joint', on: 'bones', d: oval(412, 160, 12, 14) },
        { of: 'seam', on: 'bones', d: stroke('426,150 452,136 476,142 482,156') },
        { of: 'gland', on: 'lower', d: oval(500, 222, 15, 11) },
        { of: 'seam', on: 'upper', d: stroke('236,116 320,92 420,92 500,112') },
        { of: 'grain', on: 'upper', d: stroke('260,104 330,80 400,76') },
        { of: 'grain', on: 'upper', d: stroke('250,130 320,114 390,116') },
        { of: 'grain', on: 'upper', d: stroke('450,84 500,96 550,124') },
        { of: 'grain', on: 'lower', d: stroke('240,194 320,196 400,200') },
        { of: 'seam', on: 'lower', d: stroke('240,210 330,226 430,220 520,190') },
        { of: 'grain', on: 'lower', d: stroke('290,238 370,252 450,248') },
        { of: 'grain', on: 'fat', d: stroke('420,46 500,56 566,96') },
      ],
      cuts: {
        'shank-off': [stroke('192,104 197,162 192,216')],
        'hip-out': [stroke('404,140 444,118 484,128 496,158 450,192 404,178')],
        'thigh-bone-out': [stroke('196,162 262,156 340,154 404,158')],
        clean: [oval(500, 222, 26, 20), stroke('350,56 470,66 562,108 592,158')],
        flat: [stroke('240,110 330,96 420,96'), stroke('250,220 350,246 460,236')],
        rolled: [
          stroke('250,78 258,160 250,236'),
          stroke('320,60 328,160 320,262'),
          stroke('390,56 398,160 390,274'),
          stroke('460,62 468,160 460,270'),
          stroke('530,84 538,160 530,252'),
        ],
      },
      labels: [
        { x: 104, y: 116, text: 'shank' },
        { x: 196, y: 246, text: 'knee' },
        { x: 320, y: 126, text: 'thigh bone' },
        { x: 452, y: 104, text: 'hip' },
        { x: 470, y: 254, text: 'gland' },
      ],
    },
    {
      name: 'opened',
      seen: 'lamb leg boned and opened, inside up: two thick muscles left and right, thin in the middle',
      viewBox: [640, 320],
      tenCm: 148,
      regions: {
        lower: outline('320,60! 240,44 140,70 92,150 130,240 230,280 320,262! 310,200 312,120'),
        upper: outline('320,60! 400,44 500,70 548,150 510,240 410,280 320,262! 310,200 312,120'),
      },
      parts: { 'boneless-leg': ['lower', 'upper'] },
      landmarks: [
        { of: 'grain', on: 'lower', d: stroke('226,90 196,150 226,226') },
        { of: 'grain', on: 'lower', d: stroke('270,80 250,150 268,244') },
        { of: 'grain', on: 'upper', d: stroke('414,90 444,150 414,226') },
        { of: 'grain', on: 'upper', d: stroke('370,80 390,150 372,244') },
        { of: 'seam', on: 'lower', d: stroke('180,100 150,160 190,230') },
        { of: 'seam', on: 'upper', d: stroke('460,100 490,160 450,230') },
      ],
      cuts: {
        flat: [stroke('180,90 150,160 190,240'), stroke('460,90 490,160 450,240')],
        rolled: [
          stroke('110,110 320,96 530,110'),
          stroke('96,160 320,160 544,160'),
          stroke('116,218 320,230 524,218'),
        ],
      },
      labels: [
        { x: 210, y: 166, text: 'thick' },
        { x: 320, y: 26, text: 'thin' },
        { x: 430, y: 166, text: 'thick' },
      ],
    },
  ],
};
