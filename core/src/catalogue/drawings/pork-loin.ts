import type { Drawing } from '../drawing';
import { outline, slices, stroke } from '../outline';

export const porkLoin: Drawing = {
  sides: [
    {
      name: 'fat side up',
      seen: 'boneless pork loin from the side: a long even log, fat on top, the darker shoulder end on the left',
      viewBox: [640, 290],
      tenCm: 97,
      regions: {
        'end-left': outline('66,98! 92,94! 98,152 92,212! 66,214! 34,192 26,154 38,116'),
        loin: outline(
          '92,94! 160,88 250,86 380,86 480,88 560,96! 568,150 560,210! 480,216 380,218 250,218 160,218 92,212! 98,152',
        ),
        'end-right': outline('560,96! 594,108 616,138 612,176 590,200! 560,210! 568,150'),
        fat: outline(
          '66,98! 80,76 160,62 320,58 480,62 576,78 594,108! 560,96! 480,88 380,86 250,86 160,88 92,94!',
        ),
      },
      stuff: { fat: 'fat' },
      parts: { chops: ['loin'], roast: ['loin'], fat: ['fat'], ends: ['end-left', 'end-right'] },
      sliced: { regions: ['loin'], from: 92, to: 566 },
      landmarks: [
        { of: 'face', on: 'end-left', d: outline('66,104 86,118 92,154 86,192 68,210 46,192 38,156 46,120') },
        { of: 'fat', on: 'end-left', d: outline('66,104 86,118 90,136 78,120 62,116 48,128 50,116') },
        { of: 'seam', on: 'end-left', d: stroke('50,136 64,128 80,138 84,152') },
        { of: 'grain', on: 'end-left', d: stroke('52,166 66,160 80,168') },
        { of: 'grain', on: 'end-left', d: stroke('56,186 68,182 78,188') },
        { of: 'grain', on: 'loin', d: stroke('120,118 240,110 380,112') },
        { of: 'grain', on: 'loin', d: stroke('140,150 280,144 440,150') },
        { of: 'grain', on: 'loin', d: stroke('120,186 250,190 400,186') },
        { of: 'grain', on: 'loin', d: stroke('420,176 480,174 540,178') },
        { of: 'grain', on: 'fat', d: stroke('110,80 260,70 420,72') },
      ],
      cuts: {
        trim: [stroke('60,100 92,94 160,88 250,86 380,86 480,88 560,96 600,110')],
        'roast-off': [stroke('250,72 258,150 250,232')],
        'slice-thin': slices(100, 560, 26, 90, 214),
        'slice-thick': slices(100, 560, 12, 90, 214),
      },
      labels: [
        { x: 90, y: 252, text: 'shoulder end' },
        { x: 320, y: 44, text: 'fat' },
        { x: 560, y: 252, text: 'loin end' },
      ],
    },
  ],
};
