import type { Drawing } from '../drawing';
import { outline, slices, stroke } from '../outline';

export const beefTenderloin: Drawing = {
  sides: [
    {
      name: 'silver skin up',
      seen: 'beef tenderloin from above, head on the left, tail on the right, silver skin along the upper edge, chain along the lower',
      viewBox: [640, 310],
      regions: {
        head: outline('44,124 66,80 118,62 168,76! 171,102! 176,150 172,196! 120,208 70,196 42,162'),
        'silver-skin': outline('168,76! 250,72 340,82 430,106! 430,124! 340,106 250,98 171,102!'),
        centre: outline('171,102! 250,98 340,106 430,124! 436,154 432,186! 340,194 250,198 172,196! 176,150'),
        tail: outline('430,106! 500,120 570,144 616,162! 570,174 500,182 432,186! 436,154 430,124!'),
        chain: outline(
          '62,212! 120,220 172,208! 250,210 340,206 448,198! 430,218 340,232 250,240 150,240 92,232',
        ),
        'fat-knob': outline('104,56! 124,34 168,32 196,50 190,66! 168,68 130,54'),
        'fat-below': outline('96,244! 150,252 250,252 350,242! 310,264 210,274 130,266'),
      },
      parts: {
        centre: ['centre', 'head'],
        'centre-roast': ['centre'],
        head: ['head'],
        tail: ['tail'],
        chain: ['chain'],
        'silver-skin': ['silver-skin'],
        fat: ['fat-knob', 'fat-below'],
      },
      sliced: { regions: ['centre'], from: 172, to: 436 },
      landmarks: [
        { of: 'seam', d: stroke('168,76 160,120 166,170 172,196') },
        { of: 'silver-skin', d: stroke('190,84 260,80 340,90 410,104') },
        { of: 'silver-skin', d: stroke('190,94 260,90 340,98 414,114') },
        { of: 'grain', d: stroke('70,120 110,110 148,122') },
        { of: 'grain', d: stroke('66,156 108,150 150,164') },
      ],
      cuts: {
        'chain-off': [stroke('62,210 120,214 172,202 250,204 340,200 448,192')],
        'fat-off': [stroke('104,56 130,54 168,68 190,66'), stroke('96,244 150,252 250,252 350,242')],
        'head-off': [stroke('168,64 171,102 176,150 170,210')],
        silver: [stroke('171,102 250,98 340,106 430,124')],
        'tail-off': [stroke('430,92 436,154 431,200')],
        'centre-roast': [stroke('220,84 226,150 220,208'), stroke('380,92 386,150 380,202')],
        slice: slices(172, 432, 6, 100, 196),
        'slice-whole': slices(90, 432, 9, 80, 200),
      },
      labels: [
        { x: 52, y: 68, text: 'head' },
        { x: 560, y: 126, text: 'tail' },
        { x: 320, y: 62, text: 'silver skin' },
        { x: 446, y: 240, text: 'chain' },
        { x: 210, y: 300, text: 'fat' },
      ],
    },
    {
      name: 'chain side up',
      seen: 'beef tenderloin turned over, the chain lying along the middle with fat on both sides',
      viewBox: [640, 310],
      regions: {
        head: outline('44,150 64,100 120,76 172,92! 178,150 172,214! 120,222 66,204'),
        centre: outline('172,92! 260,84 350,92 440,116! 440,134! 350,126 260,128 176,134!'),
        chain: outline('176,134! 260,128 350,126 440,134! 452,150 440,168! 350,176 260,182 174,184! 180,160'),
        fat: outline('174,184! 260,182 350,176 440,168! 446,192! 350,216 260,224 172,214!'),
        tail: outline('440,116! 510,130 580,152 618,170! 580,182 510,190 446,192! 440,168! 452,150 440,134!'),
      },
      parts: {
        centre: ['centre'],
        'centre-roast': ['centre'],
        head: ['head'],
        tail: ['tail'],
        chain: ['chain'],
        fat: ['fat'],
      },
      landmarks: [{ of: 'seam', d: stroke('190,138 270,134 350,134 430,142') }],
      cuts: {
        'chain-off': [stroke('176,134 260,128 350,126 440,134')],
        'fat-off': [stroke('174,184 260,182 350,176 440,168')],
        'head-off': [stroke('172,80 178,150 172,228')],
        'tail-off': [stroke('441,100 452,150 446,206')],
      },
      labels: [
        { x: 60, y: 80, text: 'head' },
        { x: 320, y: 70, text: 'centre' },
        { x: 320, y: 252, text: 'fat' },
        { x: 560, y: 136, text: 'tail' },
      ],
    },
  ],
};
