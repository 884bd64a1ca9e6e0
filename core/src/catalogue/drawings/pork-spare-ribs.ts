import type { Drawing } from '../drawing';
import { bones, outline, oval, stroke } from '../outline';

/** Between two bones. */
const GAPS = Array.from({ length: 9 }, (_, gap) => 132 + gap * 41);

export const porkSpareRibs: Drawing = {
  sides: [
    {
      name: 'bone side up',
      seen: 'spare ribs with the bone side up: eleven bones, the flap above, the breastbone strip below, a corner of the membrane lifted',
      viewBox: [640, 330],
      tenCm: 124,
      regions: {
        flap: outline('150,50! 310,34 470,46! 474,80! 310,68 140,82!'),
        rack: outline(
          '84,96! 140,82! 310,68 474,80! 458,116 484,146 548,136! 552,204! 400,212 240,212 84,204!',
        ),
        membrane: outline('474,80! 540,92! 548,136! 484,146 458,116'),
        tips: outline('84,204! 240,212 400,212 552,204! 574,236 520,272 310,284 130,272 66,236'),
        'end-left': outline('84,96! 84,204! 52,186 44,142 58,110'),
        'end-right': outline('540,92! 588,110 606,152 584,192 552,204! 548,136!'),
      },
      parts: {
        rack: ['rack', 'membrane'],
        tips: ['tips'],
        flap: ['flap'],
        'loose-ends': ['end-left', 'end-right'],
        membrane: ['membrane'],
      },
      landmarks: [
        ...bones(112, 524, 11, [98, 196], -12, 9).map((d) => ({ of: 'bone' as const, on: 'rack', d })),
        ...GAPS.map((x) => ({
          of: 'grain' as const,
          on: 'rack',
          d: stroke(`${x},104 ${x - 2},140 ${x - 8},190`),
        })),
        ...GAPS.map((x) => ({ of: 'bone' as const, on: 'tips', d: oval(x - 10, 238, 9, 6) })),
        { of: 'seam', on: 'tips', d: stroke('100,256 240,266 400,266 540,254') },
        { of: 'grain', on: 'flap', d: stroke('180,60 300,50 440,60') },
        { of: 'grain', on: 'end-left', d: stroke('58,126 66,150 60,178') },
        { of: 'grain', on: 'end-right', d: stroke('582,128 590,152 578,182') },
      ],
      cuts: {
        'breastbone-off': [stroke('66,202 240,212 400,212 570,202')],
        'flap-off': [stroke('132,86 310,68 482,80')],
        square: [stroke('84,82 84,150 84,216'), stroke('542,80 548,136 552,216')],
        'membrane-off': [stroke('540,92 474,80 458,116 484,146 548,136')],
        'membrane-stays': [
          stroke('132,100 126,150 120,198'),
          stroke('254,90 248,150 242,204'),
          stroke('380,90 374,150 366,204'),
        ],
      },
      labels: [
        { x: 310, y: 22, text: 'flap' },
        { x: 310, y: 316, text: 'breastbone strip and tips' },
        { x: 540, y: 66, text: 'membrane' },
      ],
    },
    {
      name: 'meat side up',
      seen: 'spare ribs with the meat side up: the line along the ends of the bones, the breastbone strip below',
      viewBox: [640, 330],
      tenCm: 124,
      regions: {
        rack: outline('90,82! 310,58 540,82! 552,204! 400,212 240,212 84,204!'),
        tips: outline('84,204! 240,212 400,212 552,204! 574,236 520,272 310,284 130,272 66,236'),
        'end-left': outline('90,82! 84,204! 52,186 44,142 58,104'),
        'end-right': outline('540,82! 588,104 606,152 584,192 552,204!'),
      },
      parts: { rack: ['rack'], tips: ['tips'], 'loose-ends': ['end-left', 'end-right'] },
      landmarks: [
        { of: 'fat', on: 'rack', d: outline('150,104 230,92 300,98 290,108 220,106 170,116') },
        { of: 'fat', on: 'rack', d: outline('360,150 430,142 490,156 470,166 410,158 372,164') },
        { of: 'grain', on: 'rack', d: stroke('120,132 230,122 340,128') },
        { of: 'grain', on: 'rack', d: stroke('110,166 220,158 330,168') },
        { of: 'grain', on: 'rack', d: stroke('360,100 440,104 520,116') },
        { of: 'grain', on: 'rack', d: stroke('140,192 260,194 400,192') },
        ...GAPS.map((x) => ({
          of: 'grain' as const,
          on: 'rack',
          d: stroke(`${x},196 ${x + 10},202 ${x + 20},198`),
        })),
        { of: 'seam', on: 'tips', d: stroke('96,236 240,246 400,246 548,234') },
        { of: 'grain', on: 'tips', d: stroke('150,260 300,268 470,260') },
      ],
      cuts: {
        'breastbone-off': [stroke('66,202 240,212 400,212 570,202')],
        square: [stroke('90,70 84,204 82,216'), stroke('540,70 552,204 554,216')],
      },
      labels: [
        { x: 320, y: 140, text: 'rack' },
        { x: 310, y: 316, text: 'breastbone strip and tips' },
      ],
    },
  ],
};
