import type { Drawing } from '../drawing';
import { outline, oval, slices, stroke } from '../outline';

export const porkLoin: Drawing = {
  sides: [
    {
      name: 'fat side up',
      seen: 'boneless pork loin from the side: a long even log, fat on top, the darker shoulder end on the left',
      viewBox: [640, 290],
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
      parts: { chops: ['loin'], roast: ['loin'], fat: ['fat'], ends: ['end-left', 'end-right'] },
      sliced: { regions: ['loin'], from: 92, to: 566 },
      landmarks: [
        { of: 'face', d: stroke('66,98 82,126 84,184 70,214') },
        { of: 'seam', d: oval(60, 166, 16, 28) },
        { of: 'seam', d: stroke('44,128 58,118 74,126') },
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
