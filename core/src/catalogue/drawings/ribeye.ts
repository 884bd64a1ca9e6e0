import type { Drawing } from '../drawing';
import { outline, oval, slices, stroke } from '../outline';

const SLICES = slices(130, 520, 10, 74, 238);

export const ribeye: Drawing = {
  sides: [
    {
      name: 'fat side up',
      seen: 'boneless ribeye from the side, shoulder end with its cap on the left, lip along the lower edge',
      viewBox: [640, 320],
      regions: {
        'end-left': outline('94,80! 130,76! 140,158 130,238! 96,246! 56,226 38,162 56,100'),
        steaks: outline('130,76! 240,58 390,56 522,74! 532,156 522,232! 390,244 240,248 130,238! 140,158'),
        'end-right': outline('522,74! 568,86 598,116 606,158 594,204 562,226! 522,232! 532,156'),
        lip: outline(
          '96,246! 130,238! 240,248 390,244 522,232! 562,226! 574,252 510,276 390,290 240,288 130,276',
        ),
      },
      parts: { steaks: ['steaks'], roast: ['steaks'], ends: ['end-left', 'end-right'], 'lip-fat': ['lip'] },
      sliced: { regions: ['steaks'], from: 130, to: 528 },
      landmarks: [
        { of: 'face', d: stroke('94,80 116,120 118,200 98,246') },
        { of: 'seam', d: oval(82, 178, 26, 40) },
        { of: 'seam', d: stroke('60,120 78,104 98,116 106,150') },
        { of: 'grain', d: stroke('70,170 80,166') },
        { of: 'grain', d: stroke('84,190 96,184') },
        { of: 'grain', d: stroke('72,200 82,206') },
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
