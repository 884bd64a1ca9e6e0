import type { Drawing } from '../drawing';
import { outline, oval, slices, stroke } from '../outline';

export const topRound: Drawing = {
  sides: [
    {
      name: 'seam side up',
      seen: 'top round from the inside, the thick block above, the cap below, the leathery seam between them',
      viewBox: [640, 320],
      regions: {
        block: outline('160,66! 300,36 450,58 536,128! 400,148 250,156 128,148! 132,102'),
        seam: outline('128,148! 250,156 400,148 536,128! 544,148! 400,174 250,184 124,174!'),
        cap: outline('124,174! 250,184 400,174 544,148! 584,190 548,246 410,280 250,278 150,248! 122,214'),
        flap: outline('160,66! 132,102 128,148! 124,174! 122,214 150,248! 100,232 66,176 82,108 120,74'),
      },
      parts: {
        steaks: ['block'],
        roast: ['block'],
        slices: ['block', 'cap'],
        cubes: ['cap', 'block'],
        scraps: ['flap'],
        waste: ['seam'],
      },
      sliced: { regions: ['block'], from: 128, to: 540 },
      landmarks: [
        { of: 'gland', d: oval(470, 212, 14, 10) },
        { of: 'silver-skin', d: stroke('150,162 260,168 390,160 520,140') },
        { of: 'grain', d: stroke('190,110 260,96') },
        { of: 'grain', d: stroke('290,110 370,98') },
        { of: 'grain', d: stroke('220,230 300,238') },
      ],
      cuts: {
        silver: [stroke('150,60 300,28 456,50 544,120')],
        'seam-out': [
          stroke('120,148 250,156 400,148 544,126'),
          stroke('118,176 250,184 400,174 552,146'),
          oval(470, 212, 24, 18),
        ],
        'roast-off': [stroke('250,44 256,100 250,158'), stroke('430,50 436,100 430,148')],
        slice: slices(140, 530, 8, 52, 150),
        cube: [stroke('120,214 250,228 400,226 576,196'), ...slices(140, 570, 6, 186, 272)],
        'thin-slices': slices(140, 530, 18, 52, 150),
      },
      labels: [
        { x: 320, y: 128, text: 'block' },
        { x: 590, y: 130, text: 'seam' },
        { x: 310, y: 262, text: 'cap' },
        { x: 520, y: 240, text: 'gland' },
        { x: 60, y: 92, text: 'flap' },
      ],
    },
    {
      name: 'skin side up',
      seen: 'top round from the outside, a sheet of silver skin over the thick end, fat pockets along the lower edge',
      viewBox: [640, 320],
      regions: {
        silver: outline('150,80! 290,46 440,60 530,120! 430,150 280,150 140,160! 134,118'),
        block: outline('140,160! 280,150 430,150 530,120! 576,180 540,240 400,276 250,272 150,236!'),
        flap: outline('150,80! 134,118 140,160! 150,236! 98,220 70,166 92,104'),
      },
      parts: {
        steaks: ['block'],
        roast: ['block'],
        slices: ['block'],
        cubes: ['block'],
        scraps: ['flap'],
        waste: ['silver'],
      },
      landmarks: [
        { of: 'silver-skin', d: stroke('170,100 300,68 430,82 500,120') },
        { of: 'silver-skin', d: stroke('160,124 300,96 420,106 480,130') },
        { of: 'silver-skin', d: stroke('170,146 290,124 400,130') },
      ],
      cuts: { silver: [stroke('134,164 280,150 430,150 538,116')], slice: slices(160, 560, 8, 156, 262) },
      labels: [
        { x: 320, y: 32, text: 'silver skin' },
        { x: 330, y: 220, text: 'block' },
      ],
    },
  ],
};
