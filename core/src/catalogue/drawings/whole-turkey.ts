import type { Drawing } from '../drawing';
import { dots, outline, oval, stroke } from '../outline';

export const wholeTurkey: Drawing = {
  sides: [
    {
      name: 'on its back, from the side',
      seen: 'turkey lying on its back, seen from the side: high breast up, neck on the left, wing folded at its side, leg on the right',
      viewBox: [660, 330],
      tenCm: 132,
      regions: {
        breast: outline(
          '72,186! 84,138 124,84 190,46 270,34 346,52 408,104! 398,146 374,178! 330,194 286,196! 222,172 156,178 110,202! 88,204',
        ),
        thigh: outline(
          '408,104! 446,96 484,110 510,140! 516,168 512,196! 494,228 452,242 406,238 374,214! 366,196 374,178! 398,146',
        ),
        drum: outline(
          '510,140! 516,168 512,196! 548,186 580,158 606,118 620,102 632,104 642,94 638,80 628,76 626,62 612,58 602,70 596,86 566,104 536,122',
        ),
        wing: outline(
          '110,202! 156,178 222,172 286,196! 310,212 312,236 290,252 240,256 184,266 134,268 96,256 78,240 76,230 92,226 106,226',
        ),
        carcass: outline(
          '110,202! 106,226 92,226 76,230 78,240 96,256 134,268 184,266 240,256 290,252 312,236 310,212 286,196! 330,194 374,178! 366,196 374,214! 406,238 452,242 494,228 512,196! 546,204 574,216 568,232 534,242 476,274 392,292 290,298 186,294 104,280 62,248! 58,214 72,186! 88,204',
        ),
        'neck-skin': outline('72,186! 58,214 62,248! 36,244 18,226 20,202 42,186'),
      },
      parts: {
        'breast-boneless': ['breast'],
        breast: ['breast'],
        thighs: ['thigh'],
        'thigh-meat': ['thigh'],
        drumsticks: ['drum'],
        'drum-meat': ['drum'],
        wings: ['wing'],
        carcass: ['carcass'],
        'fat-skin': ['neck-skin'],
      },
      landmarks: [
        { of: 'seam', d: stroke('112,132 168,78 258,56 340,76 384,116'), on: 'breast' },
        { of: 'grain', d: stroke('132,152 196,104 280,90 356,114'), on: 'breast' },
        { of: 'grain', d: stroke('170,160 236,126 310,122 366,146'), on: 'breast' },
        { of: 'skin', d: dots(240, 128, 110, 50, 46), on: 'breast' },
        { of: 'skin', d: dots(440, 168, 52, 52, 34), on: 'thigh' },
        { of: 'skin', d: dots(556, 142, 34, 24, 14), on: 'drum' },
        { of: 'grain', d: stroke('430,122 466,130 494,158'), on: 'thigh' },
        { of: 'grain', d: stroke('528,164 562,142 592,106'), on: 'drum' },
        { of: 'grain', d: stroke('526,178 560,160 588,128'), on: 'drum' },
        {
          of: 'bone',
          d: outline('598,76 610,58 627,62 630,76 640,82 642,95 632,105 619,103 608,114 592,98'),
          on: 'drum',
        },
        { of: 'joint', d: oval(514, 168, 10, 11), on: 'thigh' },
        { of: 'joint', d: oval(376, 196, 9, 10), on: 'thigh' },
        { of: 'joint', d: oval(132, 206, 9, 9), on: 'wing' },
        { of: 'seam', d: stroke('292,222 246,222 190,232 134,236 104,232'), on: 'wing' },
        { of: 'grain', d: stroke('122,250 112,258'), on: 'wing' },
        { of: 'grain', d: stroke('32,204 46,216 44,234'), on: 'neck-skin' },
        { of: 'grain', d: stroke('48,196 58,212'), on: 'neck-skin' },
        { of: 'seam', d: stroke('532,212 548,218 540,232'), on: 'carcass' },
      ],
      cuts: {
        'legs-off': [stroke('416,88 408,104 398,146 374,178 366,196 374,214 384,228')],
        'thigh-drum': [stroke('506,126 510,140 516,168 512,196 506,212')],
        'bone-dark': [stroke('384,190 440,180 514,168 566,126 620,80')],
        'wings-off': [stroke('98,210 110,202 156,178 222,172 286,196 298,204')],
        'bone-breast': [
          stroke('92,164 130,104 198,64 270,52 342,68 398,116'),
          stroke('72,186 88,204 110,202'),
          stroke('286,196 330,194 374,178'),
        ],
        'back-out': [stroke('72,186 88,204 110,202 156,178 222,172 286,196 330,194 374,178')],
        'split-breast': [stroke('92,164 130,104 198,64 270,52 342,68 398,116')],
      },
      labels: [
        { x: 250, y: 150, text: 'breast' },
        { x: 442, y: 206, text: 'thigh' },
        { x: 540, y: 60, text: 'drumstick' },
        { x: 216, y: 214, text: 'wing' },
        { x: 370, y: 276, text: 'carcass' },
      ],
    },
  ],
};
