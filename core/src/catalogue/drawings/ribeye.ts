import type { Drawing } from '../drawing';
import { outline, slices, stroke } from '../outline';

const SLICES = slices(130, 520, 10, 74, 238);

export const ribeye: Drawing = {
  sides: [
    {
      name: 'fat side up',
      seen: 'boneless ribeye from the side, shoulder end with its eye and cap on the left, lip along the lower edge',
      viewBox: [640, 320],
      tenCm: 141,
      regions: {
        'end-left': outline('94,80! 130,76! 140,158 130,238! 96,246! 56,226 38,162 56,100'),
        steaks: outline('130,76! 240,58 390,56 522,74! 532,156 522,232! 390,244 240,248 130,238! 140,158'),
        'end-right': outline('522,74! 568,86 598,116 606,158 594,204 562,226! 522,232! 532,156'),
        lip: outline(
          '96,246! 130,238! 240,248 390,244 522,232! 562,226! 574,252 510,276 390,290 240,288 130,276',
        ),
      },
      stuff: { lip: 'fat' },
      parts: { steaks: ['steaks'], roast: ['steaks'], ends: ['end-left', 'end-right'], 'lip-fat': ['lip'] },
      sliced: { regions: ['steaks'], from: 130, to: 528 },
      landmarks: [
        {
          of: 'face',
          on: 'end-left',
          d: outline('92,84 116,104 122,160 116,212 98,242 66,228 44,186 42,140 60,102'),
        },
        {
          of: 'fat',
          on: 'end-left',
          d: outline('66,132 88,122 108,140 114,170 108,156 92,138 70,142 56,166 54,186 48,166 54,146'),
        },
        { of: 'fat', on: 'end-left', d: outline('84,180 96,188 92,200 82,194') },
        { of: 'fat', on: 'end-left', d: outline('98,242 80,236 66,222 84,226 104,226') },
        { of: 'grain', on: 'end-left', d: stroke('64,116 86,104 106,116') },
        { of: 'grain', on: 'end-left', d: stroke('70,166 84,160 100,170') },
        { of: 'grain', on: 'end-left', d: stroke('66,198 78,206 98,210') },
        { of: 'grain', on: 'steaks', d: stroke('160,92 270,80 400,82') },
        { of: 'grain', on: 'steaks', d: stroke('170,126 290,118 440,124') },
        { of: 'grain', on: 'steaks', d: stroke('160,170 280,166 400,172') },
        { of: 'grain', on: 'steaks', d: stroke('180,206 310,210 470,202') },
        { of: 'seam', on: 'steaks', d: stroke('142,140 250,132 380,106 470,74') },
        { of: 'grain', on: 'lip', d: stroke('150,262 280,272 420,268') },
      ],
      cuts: {
        'lip-off': [stroke('88,248 130,238 240,248 390,244 522,232 570,224')],
        'square-off': [stroke('130,62 140,158 130,252'), stroke('524,60 534,156 524,246')],
        'roast-off': [stroke('380,44 390,150 380,258')],
        slice: SLICES,
        'slice-and-trim': SLICES,
      },
      labels: [
        { x: 84, y: 62, text: 'shoulder end' },
        { x: 560, y: 66, text: 'loin end' },
        { x: 320, y: 312, text: 'lip' },
      ],
    },
  ],
};
