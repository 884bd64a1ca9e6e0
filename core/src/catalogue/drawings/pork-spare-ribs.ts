import type { Drawing } from '../drawing';
import { bones, outline, stroke } from '../outline';

export const porkSpareRibs: Drawing = {
  sides: [
    {
      name: 'bone side up',
      seen: 'spare ribs with the bone side up: eleven bones, the flap above, the breastbone strip below, a corner of the membrane lifted',
      viewBox: [640, 330],
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
        ...bones(112, 524, 11, [98, 196], -12, 6).map((d) => ({ of: 'bone' as const, d })),
        { of: 'seam', d: stroke('100,246 240,256 400,256 540,244') },
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
      regions: {
        rack: outline('90,82! 310,58 540,82! 552,204! 400,212 240,212 84,204!'),
        tips: outline('84,204! 240,212 400,212 552,204! 574,236 520,272 310,284 130,272 66,236'),
        'end-left': outline('90,82! 84,204! 52,186 44,142 58,104'),
        'end-right': outline('540,82! 588,104 606,152 584,192 552,204!'),
      },
      parts: { rack: ['rack'], tips: ['tips'], 'loose-ends': ['end-left', 'end-right'] },
      landmarks: [
        { of: 'grain', d: stroke('140,120 240,108 340,112') },
        { of: 'grain', d: stroke('260,160 360,150 470,160') },
        { of: 'grain', d: stroke('120,176 200,170') },
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
