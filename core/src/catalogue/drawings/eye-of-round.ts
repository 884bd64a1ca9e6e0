import type { Drawing } from '../drawing';
import { outline, oval, slices, stroke } from '../outline';

export const eyeOfRound: Drawing = {
  sides: [
    {
      name: 'fat side up',
      seen: 'eye of round from the side: a log with a fat cap on top, thick on the left, tapering to the right',
      viewBox: [640, 310],
      tenCm: 177,
      regions: {
        log: outline(
          '100,104! 220,94 350,98 480,116 562,148 590,180! 556,206! 470,222 350,232 220,236 100,226! 66,204 54,164 68,124',
        ),
        'fat-cap': outline(
          '100,104! 134,78 240,62 380,68 500,92 570,136 590,180! 562,148 480,116 350,98 220,94',
        ),
        'silver-skin': outline(
          '100,226! 220,236 350,232 470,222 556,206! 536,230 450,248 340,256 210,256 112,246',
        ),
      },
      stuff: { 'fat-cap': 'fat' },
      parts: {
        steaks: ['log'],
        roast: ['log'],
        slices: ['log'],
        'fat-cap': ['fat-cap'],
        'silver-skin': ['silver-skin'],
      },
      sliced: { regions: ['log'], from: 60, to: 590 },
      landmarks: [
        { of: 'face', on: 'log', d: outline('98,108 120,126 130,164 122,204 102,222 74,204 60,166 72,128') },
        { of: 'seam', on: 'log', d: oval(96, 166, 24, 40) },
        { of: 'grain', on: 'log', d: stroke('86,150 98,144 108,152') },
        { of: 'grain', on: 'log', d: stroke('84,176 96,184 110,178') },
        { of: 'grain', on: 'log', d: stroke('150,122 280,112 400,122') },
        { of: 'grain', on: 'log', d: stroke('160,150 320,146 480,156') },
        { of: 'grain', on: 'log', d: stroke('160,184 320,182 500,184') },
        { of: 'grain', on: 'log', d: stroke('150,212 280,218 420,210') },
        { of: 'grain', on: 'fat-cap', d: stroke('170,84 280,78 400,90') },
        { of: 'silver-skin', on: 'silver-skin', d: stroke('140,242 280,246 420,238 510,226') },
      ],
      cuts: {
        'fat-off': [stroke('92,108 220,94 350,98 480,116 562,148 596,184')],
        silver: [stroke('92,224 220,236 350,232 470,222 564,204')],
        'roast-off': [stroke('350,80 358,166 350,246')],
        slice: slices(110, 560, 14, 104, 228),
        'thin-slices': slices(352, 560, 14, 112, 222),
      },
      labels: [
        { x: 300, y: 48, text: 'fat cap' },
        { x: 300, y: 286, text: 'silver skin below' },
      ],
    },
  ],
};
