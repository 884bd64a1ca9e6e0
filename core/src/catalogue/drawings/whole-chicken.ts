import type { Drawing, Side } from '../drawing';
import { outline, oval, stroke } from '../outline';

const THIGHS = ['thigh-left', 'thigh-right'];
const DRUMS = ['drum-left', 'drum-right'];
const WINGS = ['wing-left', 'wing-right'];

/** Which regions the parts are, by the region that shows the breast or the back. */
function parts(white: readonly string[], back: readonly string[]): Side['parts'] {
  const bird = [...white, ...THIGHS, ...DRUMS, ...WINGS];
  return {
    breast: white,
    'breast-boneless': white,
    'breast-wing-bone': white,
    thighs: THIGHS,
    drumsticks: DRUMS,
    'leg-quarters': [...THIGHS, ...DRUMS],
    'breast-quarters': [...white, ...WINGS],
    halves: bird,
    flattened: bird,
    'boneless-bird': bird,
    wings: WINGS,
    'wing-drumettes': WINGS,
    back,
    carcass: back,
  };
}

export const wholeChicken: Drawing = {
  sides: [
    {
      name: 'on its back',
      seen: 'chicken lying on its back, breast up, neck away, legs towards you',
      viewBox: [640, 330],
      regions: {
        neck: outline('286,44! 290,22 320,12 350,22 354,44! 320,36!'),
        'breast-left': outline('320,36! 286,44! 240,66! 214,112! 214,158! 240,196 280,212! 320,218!'),
        'breast-right': outline('320,36! 354,44! 400,66! 426,112! 426,158! 400,196 360,212! 320,218!'),
        'wing-left': outline(
          '240,66! 214,112! 204,146 184,158 160,146 146,130 122,140 106,122 128,86 180,64',
        ),
        'wing-right': outline(
          '400,66! 426,112! 436,146 456,158 480,146 494,130 518,140 534,122 512,86 460,64',
        ),
        'thigh-left': outline('214,158! 240,196 280,212! 284,238 254,262! 216,262 184,240! 172,206 184,174'),
        'thigh-right': outline('426,158! 400,196 360,212! 356,238 386,262! 424,262 456,240! 468,206 456,174'),
        'drum-left': outline(
          '184,240! 216,262 254,262! 270,280 296,286 306,300 298,310 280,302 244,298 204,286 180,264',
        ),
        'drum-right': outline(
          '456,240! 424,262 386,262! 370,280 344,286 334,300 342,310 360,302 396,298 436,286 460,264',
        ),
        tail: outline('280,212! 320,218! 360,212! 356,238 338,268 320,278 302,268 284,238'),
      },
      parts: { ...parts(['breast-left', 'breast-right'], ['tail']), giblets: ['neck'] },
      landmarks: [
        { of: 'bone', d: stroke('320,60 322,130 320,206') },
        { of: 'joint', d: oval(232, 88, 7, 7) },
        { of: 'joint', d: oval(408, 88, 7, 7) },
        { of: 'joint', d: oval(222, 256, 7, 7) },
        { of: 'joint', d: oval(418, 256, 7, 7) },
        { of: 'seam', d: stroke('290,58 310,46 330,46 350,58') },
      ],
      cuts: {
        'legs-off': [stroke('206,140 214,158 240,196 280,214'), stroke('434,140 426,158 400,196 360,214')],
        'thigh-drum': [stroke('176,232 216,262 262,266'), stroke('464,232 424,262 378,266')],
        'wings-off': [stroke('246,54 240,66 214,112 206,124'), stroke('394,54 400,66 426,112 434,124')],
        'wings-short': [stroke('168,58 160,100 164,150'), stroke('472,58 480,100 476,150')],
        drumettes: [stroke('196,60 186,106 196,158'), stroke('444,60 454,106 444,158')],
        'split-breast': [stroke('320,30 322,130 320,226')],
        'quarter-breast': [stroke('212,150 266,146 320,150'), stroke('428,150 374,146 320,150')],
        'bone-breast': [stroke('314,50 314,130 308,208'), stroke('326,50 326,130 332,208')],
        'bone-wing-breast': [stroke('314,50 314,130 308,208'), stroke('326,50 326,130 332,208')],
        halve: [stroke('328,30 330,130 326,230')],
        quarter: [stroke('206,140 214,158 240,196 280,214'), stroke('434,140 426,158 400,196 360,214')],
        flatten: [stroke('314,50 314,130 312,200'), stroke('326,50 326,130 328,200')],
        'drums-tunnel': [oval(298, 298, 12, 12), oval(342, 298, 12, 12)],
        'drums-open': [stroke('188,262 240,282 294,298'), stroke('452,262 400,282 346,298')],
      },
      labels: [
        { x: 68, y: 84, text: 'wing' },
        { x: 268, y: 130, text: 'breast' },
        { x: 122, y: 220, text: 'thigh' },
        { x: 112, y: 296, text: 'drumstick' },
      ],
    },
    {
      name: 'on its breast',
      seen: 'chicken lying on its breast, the back up, the two oysters beside the spine, legs towards you',
      viewBox: [640, 330],
      regions: {
        back: outline(
          '284,40! 320,32 356,40! 366,110 372,176! 360,226 338,268 320,280 302,268 280,226 268,176! 274,110',
        ),
        'side-left': outline('284,40! 240,62! 218,108! 214,156! 240,176 268,176! 274,110'),
        'side-right': outline('356,40! 400,62! 422,108! 426,156! 400,176 372,176! 366,110'),
        'wing-left': outline(
          '240,62! 218,108! 206,146 184,158 160,146 146,130 122,140 106,122 128,86 180,64',
        ),
        'wing-right': outline(
          '400,62! 422,108! 434,146 456,158 480,146 494,130 518,140 534,122 512,86 460,64',
        ),
        'thigh-left': outline('214,156! 240,176 268,176! 280,226 262,262! 216,262 184,240! 172,206 184,174'),
        'thigh-right': outline('426,156! 400,176 372,176! 360,226 378,262! 424,262 456,240! 468,206 456,174'),
        'drum-left': outline(
          '184,240! 216,262 262,262! 272,280 296,286 306,300 298,310 280,302 244,298 204,286 180,264',
        ),
        'drum-right': outline(
          '456,240! 424,262 378,262! 368,280 344,286 334,300 342,310 360,302 396,298 436,286 460,264',
        ),
      },
      parts: parts(['side-left', 'side-right'], ['back']),
      landmarks: [
        { of: 'bone', d: stroke('320,48 322,130 320,262') },
        { of: 'joint', d: oval(286, 196, 12, 15) },
        { of: 'joint', d: oval(354, 196, 12, 15) },
      ],
      cuts: {
        'legs-off': [
          stroke('206,150 240,176 272,180 284,214 270,252'),
          stroke('434,150 400,176 368,180 356,214 370,252'),
        ],
        'back-out': [stroke('280,34 274,110 270,176 288,250'), stroke('360,34 366,110 370,176 352,250')],
        halve: [stroke('300,36 298,130 300,262'), stroke('340,36 342,130 340,262')],
        flatten: [stroke('296,36 294,130 298,262'), stroke('344,36 346,130 342,262')],
        'bone-from-back': [stroke('320,34 322,130 320,272')],
        'thigh-drum': [stroke('176,232 216,262 270,266'), stroke('464,232 424,262 370,266')],
      },
      labels: [
        { x: 68, y: 84, text: 'wing' },
        { x: 320, y: 22, text: 'back' },
        { x: 122, y: 214, text: 'thigh' },
        { x: 530, y: 214, text: 'oyster: the ring' },
      ],
    },
  ],
};
