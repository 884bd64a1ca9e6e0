import { AWAY, FREE_HAND, LIQUID, openBag } from '../common-texts';
import type { Kind } from '../kind-schema';
import { withSchools } from '../with-schools';

/** Total usable, fat and order of work: common practice; how it is split is estimated. Item number: from memory. */
export const porkLoin: Kind = {
  id: 'pork-loin',
  name: 'Pork loin, boneless',
  plural: 'boneless pork loins',
  synonyms: ['pork loin roast, whole', 'pork middle loin, boneless', 'longe de porc', 'lomo', 'loin eye'],
  animal: 'pork',
  itemNumber: '413',
  bone: 'boneless',
  knife: { enough: true, why: 'No bone in it: one long knife does everything.' },
  usualG: [2000, 5500],
  about: 'A long even log: thin chops, thick chops, roasts. The beginner’s piece.',
  parts: [
    {
      id: 'chops',
      name: 'Chops',
      portion: 'chop',
      portions: 'chops',
      perPiece: 20,
      destination: 'main',
      shopItem: 'pork-chop-boneless',
      orElse: { item: 'pork-chop-bone-in', leftOn: 0.18 },
    },
    {
      id: 'roast',
      name: 'Roasts',
      portion: 'roast',
      portions: 'roasts',
      perPiece: 4,
      destination: 'main',
      carved: true,
      shopItem: 'pork-loin-roast',
    },
    { id: 'fat', name: 'Fat', destination: 'render' },
    { id: 'ends', name: 'Thin ends', destination: 'thin', shopItem: 'pork-thin' },
  ],
  steps: [
    openBag('fat side'),
    {
      id: 'trim',
      title: 'Trim the fat to about 5 mm',
      how: 'Fat side up, the edge in sight, an even thin layer left. Loose ends and the thin skin on the other side off.',
      tool: 'boning knife',
      feel: 'The fat is firm and cuts like cold butter.',
      caution: AWAY,
      frees: ['fat', 'ends'],
      minutes: 5,
    },
    {
      id: 'roast-off',
      title: 'Cut the roasts',
      how: 'Straight cuts. The shoulder end is darker and juicier: the better roast. Tie it if it spreads.',
      tool: 'long knife, twine',
      caution: FREE_HAND,
      frees: ['roast'],
      minutes: 4,
    },
    {
      id: 'slice-thin',
      title: 'Slice thin chops',
      how: 'Straight across, 10 to 15 mm: for quick frying.',
      tool: 'long knife',
      caution: FREE_HAND,
      frees: ['chops'],
      minutes: 10,
    },
    {
      id: 'slice-thick',
      title: 'Slice thick chops',
      how: 'Straight across, 25 to 40 mm: they stay juicy, or take a pocket for stuffing.',
      tool: 'long knife',
      caution: FREE_HAND,
      frees: ['chops'],
      minutes: 6,
    },
  ],
  ways: [
    ...withSchools(
      {
        id: 'chops',
        name: 'Chops',
        about: 'Straight slices from end to end.',
        shares: { chops: 0.93, fat: 0.05 },
        lossShare: 0.02,
        estimated: false,
        steps: ['open', 'trim', 'slice'],
      },
      [
        {
          question: 'Thickness',
          schools: [
            { id: 'thick', name: 'thick', steps: { slice: ['slice-thick'] } },
            { id: 'thin', name: 'thin', steps: { slice: ['slice-thin'] }, perPiece: { chops: 50 } },
          ],
        },
      ],
    ),
    {
      id: 'roasts',
      name: 'Roasts',
      about: 'Three or four roasts: ten minutes’ work.',
      shares: { roast: 0.93, fat: 0.05 },
      lossShare: 0.02,
      estimated: true,
      steps: ['open', 'trim', 'roast-off'],
    },
    ...withSchools(
      {
        id: 'roast-and-chops',
        name: 'A roast and chops',
        about: 'A roast from the shoulder end, chops from the rest.',
        shares: { roast: 0.35, chops: 0.58, fat: 0.05 },
        lossShare: 0.02,
        estimated: true,
        perPiece: { roast: 1, chops: 12 },
        steps: ['open', 'trim', 'roast-off', 'slice'],
      },
      [
        {
          question: 'Thickness',
          schools: [
            { id: 'thick', name: 'thick', steps: { slice: ['slice-thick'] } },
            { id: 'thin', name: 'thin', steps: { slice: ['slice-thin'] }, perPiece: { chops: 31 } },
          ],
        },
      ],
    ),
  ],
  scatter: { phi: 500, why: 'A clean log: pieces differ by about one percentage point. An estimate.' },
  marks: [
    {
      id: 'brined',
      name: 'Brined or pumped: its label says so',
      from: 'all',
      to: ['loss'],
      share: 0.08,
      state: true,
    },
    { id: 'liquid', name: 'Much liquid in the bag', from: 'all', to: ['loss'], share: 0.03 },
    { id: 'thick-fat', name: 'Thick fat', from: 'all', to: ['fat'], share: 0.03 },
  ],
  endCheck: ['Run a hand along the rib side for bone chips.', 'The thin skin under the loin is off.'],
  askFor: 'A whole boneless loin, still in its sealed bag, not injected with brine.',
  lookFor: ['Pink and firm, not pale and wet.', 'Fat cover of even thickness.', LIQUID],
};
