import type { Drawing, Landmark, Side } from '../drawing';
import { across, dots, outline, oval, stroke } from '../outline';

/** The bird lies along this line, its left half above it. */
const KEEL = 165;
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

/** A region of each half of the bird. */
function both(name: string, points: string): Record<string, string> {
  return { [`${name}-left`]: outline(points), [`${name}-right`]: outline(across(points, KEEL)) };
}

/** A line on each half of the bird. */
function pair(points: string): string[] {
  return [stroke(points), stroke(across(points, KEEL))];
}

/** A mark on each half of the bird, lying on a region of it. */
function marks(of: Landmark['of'], on: string, draw: (points: string) => string, points: string): Landmark[] {
  return [
    { of, on: `${on}-left`, d: draw(points) },
    { of, on: `${on}-right`, d: draw(across(points, KEEL)) },
  ];
}

const xy = (point: string): [number, number] => point.split(',').map(Number) as [number, number];
const ring =
  (rx: number, ry: number) =>
  (at: string): string =>
    oval(...xy(at), rx, ry);
const pores =
  (rx: number, ry: number, count: number) =>
  (at: string): string =>
    dots(...xy(at), rx, ry, count);

const WING =
  '166,108! 200,84 262,70! 292,62 304,42 292,22 264,16 222,26 178,20 146,26 128,46 116,76 118,90 130,92 144,78 160,70 176,80';
const DRUM =
  '486,96! 482,116 470,134! 506,142 544,138 570,131 584,136 598,142 608,134 606,125 612,116 602,106 588,109 574,113 546,92 518,84';

const LIMB_MARKS: readonly Landmark[] = [
  ...marks('seam', 'wing', stroke, '276,46 240,52 196,58 172,72'),
  ...marks('bone', 'drum', outline, '584,112 600,106 613,116 607,125 609,135 598,143 583,135'),
  ...marks('grain', 'drum', stroke, '500,112 530,106 562,116'),
  ...marks('skin', 'drum', pores(26, 14, 9), '522,118'),
  ...marks('skin', 'wing', pores(30, 9, 7), '252,36'),
];

export const wholeChicken: Drawing = {
  sides: [
    {
      name: 'on its back',
      seen: 'chicken lying on its back, seen from above: neck on the left, breast up with the keel along the middle, legs to the right',
      viewBox: [660, 340],
      tenCm: 170,
      regions: {
        neck: outline(
          '166,108! 150,140 148,165! 150,190 166,222! 142,222 118,206 106,186 98,165 106,144 118,124 142,108',
        ),
        ...both(
          'breast',
          '148,165! 150,140 166,108! 200,84 262,70! 312,66 350,82! 394,118 424,150! 432,165!',
        ),
        ...both('wing', WING),
        ...both(
          'thigh',
          '350,82! 394,118 424,150! 448,146 470,134! 482,116 486,96! 474,62 440,42 396,42 364,56',
        ),
        ...both('drum', DRUM),
        tail: outline('432,165! 424,150! 448,146 470,134! 496,148 514,165 496,182 470,196! 448,184 424,180!'),
      },
      parts: { ...parts(['breast-left', 'breast-right'], ['tail']), giblets: ['neck'] },
      landmarks: [
        ...marks('seam', 'breast', stroke, '172,146 186,128 204,112'),
        ...marks('grain', 'breast', stroke, '206,140 268,114 330,120 386,146'),
        ...marks('grain', 'breast', stroke, '226,152 290,138 352,146 400,158'),
        ...marks('skin', 'breast', pores(66, 16, 20), '286,100'),
        ...marks('skin', 'thigh', pores(40, 28, 22), '426,92'),
        ...marks('joint', 'wing', ring(8, 8), '196,92'),
        ...marks('joint', 'drum', ring(8, 8), '484,116'),
        { of: 'grain', d: stroke('116,140 122,165 116,190'), on: 'neck' },
        { of: 'grain', d: stroke('132,124 136,165 132,206'), on: 'neck' },
        { of: 'seam', d: stroke('456,150 448,165 456,180'), on: 'tail' },
        ...LIMB_MARKS,
      ],
      cuts: {
        'legs-off': pair('338,66 350,82 394,118 424,150 440,158'),
        'thigh-drum': pair('496,84 482,116 462,142'),
        'wings-off': pair('150,116 166,108 200,84 262,70 278,66'),
        'wings-short': pair('222,12 228,44 222,82'),
        drumettes: pair('158,14 166,46 160,78'),
        'split-breast': [stroke('130,165 290,165 450,165')],
        'quarter-breast': pair('276,62 288,110 284,165'),
        'bone-breast': pair('160,158 290,156 424,156'),
        'bone-wing-breast': pair('160,158 290,156 424,156'),
        halve: [stroke('100,170 290,171 514,168')],
        quarter: pair('338,66 350,82 394,118 424,150 440,158'),
        flatten: pair('160,158 290,156 424,156'),
        'drums-tunnel': [oval(597, 124, 18, 24), oval(597, 206, 18, 24)],
        'drums-open': pair('480,106 530,112 588,122'),
      },
      labels: [
        { x: 60, y: 60, text: 'wing' },
        { x: 330, y: 158, text: 'breast' },
        { x: 420, y: 34, text: 'thigh' },
        { x: 590, y: 84, text: 'drumstick' },
      ],
    },
    {
      name: 'on its breast',
      seen: 'chicken lying on its breast, the back up, the two oysters beside the spine, neck on the left, legs to the right',
      viewBox: [660, 340],
      tenCm: 170,
      regions: {
        back: outline(
          '132,136! 200,138 280,138 350,140! 396,146 440,150! 486,144 516,152 530,165 516,178 486,186 440,180! 396,184 350,190! 280,192 200,192 132,194! 112,182 104,165 112,148',
        ),
        ...both(
          'side',
          '132,136! 200,138 280,138 350,140! 356,112 344,76! 306,66 262,70! 200,84 166,108! 148,120',
        ),
        ...both('wing', WING),
        ...both(
          'thigh',
          '344,76! 356,112 350,140! 396,146 440,150! 458,146 470,134! 482,116 486,96! 474,62 440,42 396,42 362,54',
        ),
        ...both('drum', DRUM),
      },
      parts: parts(['side-left', 'side-right'], ['back']),
      landmarks: [
        { of: 'bone', d: stroke('128,165 320,165 500,165'), on: 'back' },
        ...marks('seam', 'side', stroke, '180,120 240,112 300,122'),
        ...marks('skin', 'side', pores(50, 14, 14), '262,100'),
        ...marks('skin', 'thigh', pores(40, 24, 22), '424,86'),
        ...marks('joint', 'thigh', ring(19, 11), '386,134'),
        ...marks('joint', 'drum', ring(8, 8), '484,116'),
        { of: 'seam', d: stroke('486,148 496,165 486,182'), on: 'back' },
        ...LIMB_MARKS,
      ],
      cuts: {
        'legs-off': pair('338,62 354,112 354,140 386,154 420,146 452,158'),
        'back-out': pair('116,140 200,138 280,138 350,140 396,146 450,152'),
        halve: pair('110,154 290,153 520,156'),
        flatten: pair('112,146 290,144 500,150'),
        'bone-from-back': [stroke('98,165 290,166 534,165')],
        'thigh-drum': pair('496,84 482,116 462,142'),
      },
      labels: [
        { x: 60, y: 60, text: 'wing' },
        { x: 250, y: 170, text: 'back' },
        { x: 420, y: 34, text: 'thigh' },
        { x: 410, y: 318, text: 'oyster: the ring' },
      ],
    },
  ],
};
