import { packRequestSchema, type PackRequest } from '../pack/pack-request';

/** A table as it lies in a real kitchen, worked by hand. */
export interface KitchenTable {
  readonly name: string;
  /** What a sensible person does with it, and why. */
  readonly why: string;
  readonly request: PackRequest;
  /** The packs, each as “kind: who gets what”, or “kind: what is shared”. */
  readonly packs: readonly string[];
  /** What is kept until it makes a dinner. */
  readonly kept?: readonly string[];
}

type Lots = readonly Record<string, unknown>[];
type Who = Readonly<Record<string, number>>;

const lots = (part: string, masses: readonly number[], more: object = {}): Lots =>
  masses.map((massG, n) => ({ id: `${part} ${n + 1}`, part, massG, ...more }));
const heap = (part: string, massG: number, more: object = {}): Lots => [
  { id: part, part, massG, minG: 100, maxG: 1500, ...more },
];
const eatersOf = (who: Who, more: Readonly<Record<string, object>> = {}): object[] =>
  Object.entries(who).map(([name, targetG]) => ({ name, targetG, ...more[name] }));
const dinner = (who: Who): object[] => [{ name: 'dinner', eaters: Object.keys(who) }];
const table = (some: object): PackRequest => packRequestSchema.parse({ portions: [], ...some });

const CARVED = { carved: true };
const BONE_IN = { boneIn: true };
const COLLECTED = { collected: true };
const couple: Who = { Ann: 180, Bo: 180 };
const family: Who = { Ann: 200, Bo: 180, Cy: 180, Di: 160 };
const strips = lots('steak', [310, 322, 335, 341, 347, 350, 356, 362, 371, 380, 391, 402]);
const five: Who = { Ann: 240, Bo: 200, Cy: 180, Di: 150, Ed: 90 };

/** Twelve tables, worked by hand; the numbers in `out-of-place.ts` are judged by them. */
export const KITCHEN_TABLES: readonly KitchenTable[] = [
  {
    name: 'A tenderloin for two',
    why: 'Six small steaks are three dinners of a steak each: nobody wants two on one plate. Head and tail are a dinner, the chain waits in the freezer for more of its kind.',
    request: table({
      portions: [
        ...lots('steak', [113, 120, 127, 133, 140, 147]),
        ...lots('head', [310], CARVED),
        ...lots('tail', [95], CARVED),
      ],
      divisible: heap('chain', 250, COLLECTED),
      together: [['head', 'tail']],
      eaters: eatersOf(couple),
      packs: dinner(couple),
    }),
    packs: [
      'dinner: Ann steak 5, Bo steak 6',
      'dinner: Ann steak 4, Bo steak 3',
      'dinner: Ann steak 2, Bo steak 1',
      'dinner: head 1 + tail 1 shared',
    ],
    kept: ['250 g of chain'],
  },
  {
    name: 'Two birds and a child who eats drumsticks only',
    why: 'The child gets one drumstick at each dark dinner, a second goes with a thigh for the larger eater. Breasts are dinners of the two who eat them. Four wings are no dinner.',
    request: table({
      portions: [
        ...lots('breast', [235, 240, 228, 232], BONE_IN),
        ...lots('thigh', [116, 112, 120, 118], BONE_IN),
        ...lots('drumstick', [67, 66, 70, 64], BONE_IN),
        ...lots('wing', [46, 45, 47, 44], { ...CARVED, ...COLLECTED }),
      ],
      together: [['thigh', 'drumstick']],
      eaters: eatersOf(
        { Ann: 180, Bo: 200, Kid: 80 },
        { Ann: { never: ['drumstick'] }, Kid: { never: ['breast', 'thigh', 'wing'] } },
      ),
      packs: dinner({ Ann: 180, Bo: 200, Kid: 80 }),
    }),
    packs: [
      'dinner: Ann breast 1, Bo breast 2',
      'dinner: Ann breast 3, Bo breast 4',
      'dinner: Ann thigh 3, Bo thigh 1 + drumstick 2, Kid drumstick 3',
      'dinner: Ann thigh 4, Bo thigh 2 + drumstick 4, Kid drumstick 1',
    ],
    kept: ['wing 3 + wing 1 + wing 2 + wing 4'],
  },
  {
    name: 'One butt for two people, so much a pack',
    why: 'They want strips by the pound and a half, and grind by the half pound: five bags of four strips, and of the grind two that are a little fuller rather than a third with next to nothing.',
    request: table({
      portions: lots(
        'strip',
        [88, 92, 95, 97, 99, 101, 103, 104, 106, 110, 84, 90, 93, 94, 96, 98, 100, 102, 105, 108],
      ),
      divisible: heap('grind', 640),
      packs: [
        { name: 'strips', massG: 400, parts: ['strip'] },
        { name: 'grind', massG: 300, parts: ['grind'] },
      ],
    }),
    packs: [
      'strips: 4',
      'strips: 4',
      'strips: 4',
      'strips: 4',
      'strips: 4',
      'grind: 320 g of grind shared',
      'grind: 320 g of grind shared',
    ],
  },
  {
    name: 'A leg, and the fourth shank',
    why: 'The leg is carved for all; four shanks are one an eater at last, whatever they weigh.',
    request: table({
      portions: [
        ...lots('leg', [1600], CARVED),
        ...lots('shank', [240, 255, 236, 248], { ...BONE_IN, ...COLLECTED }),
      ],
      eaters: eatersOf(family),
      packs: dinner(family),
    }),
    packs: ['dinner: Ann shank 4, Bo shank 2, Cy shank 1, Di shank 3', 'dinner: leg 1 shared'],
  },
  {
    name: 'A leg, and one shank',
    why: 'One shank is too little for four: it waits in the freezer until there are enough.',
    request: table({
      portions: [...lots('leg', [1600], CARVED), ...lots('shank', [240], { ...BONE_IN, ...COLLECTED })],
      eaters: eatersOf(family),
      packs: dinner(family),
    }),
    packs: ['dinner: leg 1 shared'],
    kept: ['shank 1'],
  },
  {
    name: 'Twelve unequal strip steaks for five unequal eaters',
    why: 'Each is too large for one plate: two carved at the table are a dinner for five, a fifth or less below what they want, and nothing is left over; three would be a quarter too much.',
    request: table({ portions: strips, eaters: eatersOf(five), packs: dinner(five) }),
    packs: ['dinner: 2', 'dinner: 2', 'dinner: 2', 'dinner: 2', 'dinner: 2', 'dinner: 2'],
  },
  {
    name: 'A tied roast of a pound and three quarters for four',
    why: 'One piece for four plates, shared at the table; what is over is tomorrow’s cold cuts. It is not for the grinder.',
    request: table({
      portions: lots('roast', [794], CARVED),
      eaters: eatersOf(family),
      packs: dinner(family),
    }),
    packs: ['dinner: roast 1 shared'],
  },
  {
    name: 'A heap of grind for four',
    why: 'Two dinners a little fuller than asked, in proportion to the appetites, rather than two and a bag with a handful.',
    request: table({ divisible: heap('grind', 1540), eaters: eatersOf(family), packs: dinner(family) }),
    packs: ['dinner: 770 g of grind shared', 'dinner: 770 g of grind shared'],
  },
  {
    name: 'Ten steaks of thirteen ounces for an eater of eight and one of five',
    why: 'Each steak is what the two want together: carved, ten dinners and nothing over.',
    request: table({
      portions: lots('steak', [369, 362, 375, 371, 366, 368, 380, 358, 370, 372]),
      eaters: eatersOf({ Ann: 227, Bo: 142 }),
      packs: dinner({ Ann: 227, Bo: 142 }),
    }),
    packs: [7, 3, 10, 4, 9, 1, 6, 5, 2, 8].map((n) => `dinner: steak ${n} shared`),
  },
  {
    name: 'Eight drumsticks for two',
    why: 'One drumstick is no plate: two each, two dinners.',
    request: table({
      portions: lots('drumstick', [67, 66, 70, 64, 68, 65, 69, 71], BONE_IN),
      eaters: eatersOf(couple),
      packs: dinner(couple),
    }),
    packs: ['dinner: 4', 'dinner: 4'],
  },
  {
    name: 'Thin chops for two and two children',
    why: 'Two a plate for the grown-ups, one for the children; the last two are a pack for one of them.',
    request: table({
      portions: lots(
        'chop',
        [75, 73, 78, 74, 76, 75, 77, 72, 79, 75, 74, 76, 75, 73, 77, 76, 74, 75, 78, 72],
      ),
      eaters: eatersOf({ Ann: 180, Bo: 160, Cy: 90, Di: 80 }),
      packs: dinner({ Ann: 180, Bo: 160, Cy: 90, Di: 80 }),
    }),
    packs: ['dinner: 6', 'dinner: 6', 'dinner: 6', 'for Bo: 2'],
  },
  {
    name: 'Six wings, and stew for two and a half dinners',
    why: 'Two dinners of stew with a sixth less each, rather than one and a bag of leftovers; wings wait for more wings.',
    request: table({
      portions: lots('wing', [46, 45, 47, 44, 46, 48], { ...CARVED, ...COLLECTED }),
      divisible: heap('stew', 900),
      eaters: eatersOf({ Ann: 200, Bo: 180, Cy: 160 }),
      packs: dinner({ Ann: 200, Bo: 180, Cy: 160 }),
    }),
    packs: ['dinner: 450 g of stew shared', 'dinner: 450 g of stew shared'],
    kept: ['wing 6 + wing 3 + wing 1 + wing 5 + wing 2 + wing 4'],
  },
];
