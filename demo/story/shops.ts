/** The three shops of Tarn Quay, and one across the water: invented, as all of it. */
export const [BREAKWATER, FENNEL, HOLLIS, ABROAD] = [
  'Breakwater Wholesale',
  'Fennel Street Market',
  'Hollis Lane Farm',
  'Ferry Hall, across the water',
] as const;

export type Shop = typeof BREAKWATER | typeof FENNEL | typeof HOLLIS | typeof ABROAD;

/** Items that go on offer together: a piece and everything cut from it. Smallest coins a kilogram, in the first winter. */
export const GROUPS = {
  strip: { 'piece-strip-loin': 1690, 'strip-steak': 2390, 'strip-roast': 2190 },
  fillet: {
    'piece-beef-tenderloin': 2480,
    'piece-beef-tenderloin-peeled': 3090,
    'fillet-steak': 4790,
    'fillet-roast': 4490,
  },
  ribeye: { 'piece-ribeye': 2190, 'ribeye-steak': 3290, 'ribeye-roast': 2990 },
  rib: {
    'piece-rib-seven-bones': 1790,
    'rib-steak-bone-in': 2490,
    'rib-roast-bone-in': 2290,
    'beef-back-ribs': 990,
  },
  round: {
    'piece-top-round': 1090,
    'piece-eye-of-round': 1190,
    'top-round-steak': 1690,
    'top-round-roast': 1590,
    'eye-round-steak': 1750,
    'eye-round-roast': 1650,
    'beef-lesser-steak': 1390,
  },
  beef: { 'beef-thin': 1990, 'beef-grind': 1150, 'beef-stew': 1290, 'beef-bones': 290, 'beef-fat': 190 },
  chicken: {
    'piece-whole-chicken': 590,
    'chicken-breast-bone-in': 940,
    'chicken-breast-boneless': 1420,
    'chicken-breast-wing-bone': 1090,
    'chicken-thigh-bone-in': 720,
    'chicken-drumstick': 560,
    'chicken-leg-quarter': 610,
    'chicken-breast-quarter': 790,
    'chicken-half': 720,
    'chicken-bones': 150,
  },
  turkey: {
    'piece-whole-turkey': 690,
    'turkey-breast-boneless': 1490,
    'turkey-breast-bone-in': 1090,
    'turkey-thigh': 790,
    'turkey-drumstick': 590,
    'turkey-grind': 1190,
  },
  loin: {
    'piece-pork-loin': 690,
    'pork-chop-boneless': 1090,
    'pork-loin-roast': 990,
  },
  shoulder: {
    'piece-pork-shoulder-butt': 540,
    'pork-shoulder-roast': 890,
    'pork-shoulder-steak': 820,
    'pork-country-strips': 790,
    'pork-stew': 850,
    'pork-grind': 790,
    'pork-fat': 190,
  },
  ribs: { 'piece-pork-spare-ribs': 690, 'pork-ribs-squared': 990, 'pork-rib-tips': 490 },
  leg: { 'piece-lamb-leg': 1390, 'lamb-leg-boneless': 2190, 'lamb-shank': 1290, 'lamb-grind': 1390 },
  rack: { 'piece-lamb-rack': 2790, 'lamb-rib-chop': 3290, 'lamb-rack-roast': 3090 },
} as const satisfies Record<string, Record<string, number>>;

export type Group = keyof typeof GROUPS;

/** How a shop asks. */
export interface Pricing {
  readonly shop: Shop;
  /** To the prices above. */
  readonly factor: number;
  readonly sells: readonly Group[];
  /** How deep its offers cut, and how often one comes without a reason. */
  readonly depth: number;
  readonly often: number;
}

export const SHOPS: readonly Pricing[] = [
  {
    shop: BREAKWATER,
    factor: 0.92,
    sells: [
      'strip',
      'fillet',
      'ribeye',
      'rib',
      'round',
      'beef',
      'chicken',
      'turkey',
      'loin',
      'shoulder',
      'ribs',
    ],
    depth: 0.17,
    often: 0.05,
  },
  {
    shop: FENNEL,
    factor: 1.06,
    sells: [
      'strip',
      'fillet',
      'ribeye',
      'rib',
      'round',
      'beef',
      'chicken',
      'loin',
      'shoulder',
      'leg',
      'rack',
    ],
    depth: 0.22,
    often: 0.04,
  },
  {
    shop: HOLLIS,
    factor: 1.14,
    sells: ['chicken', 'turkey', 'shoulder', 'leg', 'rack'],
    depth: 0.12,
    often: 0.03,
  },
];

/** When a group is cheap in every shop: the fortnight before a feast, and the first week of a month (common practice). */
export const OFFERS: Readonly<
  Partial<Record<Group, { feasts: readonly string[]; months: readonly number[] }>>
> = {
  fillet: { feasts: ['christmas', 'easter'], months: [] },
  rib: { feasts: ['christmas'], months: [] },
  leg: { feasts: ['easter'], months: [10] },
  rack: { feasts: ['easter', 'whitsun'], months: [] },
  turkey: { feasts: ['christmas'], months: [11] },
  strip: { feasts: ['midsummer', 'new-year'], months: [9] },
  ribeye: { feasts: ['midsummer'], months: [5] },
  ribs: { feasts: ['midsummer'], months: [4, 6] },
  round: { feasts: [], months: [2, 9] },
  beef: { feasts: [], months: [11] },
  chicken: { feasts: ['whitsun'], months: [1, 9] },
  loin: { feasts: [], months: [1, 5] },
  shoulder: { feasts: [], months: [7, 10] },
};
