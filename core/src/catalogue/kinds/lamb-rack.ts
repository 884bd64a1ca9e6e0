import { FREE_HAND } from '../common-texts';
import type { Kind } from '../kind-schema';
import { withSchools } from '../with-schools';

/** Share of chops and schools: common practice; the rest estimates. Item number: from memory. */
export const lambRack: Kind = {
  id: 'lamb-rack',
  name: 'Lamb rack, ready to roast',
  plural: 'lamb racks',
  synonyms: ['rack of lamb', 'frenched rack', 'best end', 'carré d’agneau', 'trimmed rack'],
  animal: 'lamb',
  itemNumber: '204C',
  bone: 'bone-in',
  severalAtOnce: true,
  knife: {
    enough: true,
    why: 'There is a gap between each two bones. Untrimmed, with the backbone on, it needs a saw: ask the shop.',
  },
  usualG: [350, 1300],
  about: 'Trimmed already, so almost nothing is lost: the question is only how many bones to a chop.',
  parts: [
    {
      id: 'chops',
      name: 'Chops',
      portion: 'chop',
      portions: 'chops',
      perPiece: 8,
      destination: 'main',
      shopItem: 'lamb-rib-chop',
      bone: 0.25,
    },
    {
      id: 'half-racks',
      name: 'Half racks',
      portion: 'half rack',
      portions: 'half racks',
      perPiece: 2,
      destination: 'main',
      carved: true,
      bone: 0.25,
    },
    { id: 'scraps', name: 'Scraps of fat and sinew', destination: 'stock', shopItem: 'lamb-bones' },
  ],
  steps: [
    {
      id: 'open',
      title: 'Drain and dry',
      how: 'Out of the bag over a tray, pat dry. Weigh it again: this is the true start.',
      tool: 'tray, paper',
      caution: 'The bone ends are sharp and go through a thin bag: mind the hands, and wash them.',
      frees: [],
      purpose: 'liquid is weighed out',
      minutes: 2,
    },
    {
      id: 'single',
      title: 'Slice between the bones, one to a chop',
      how: 'Bones up, start the knife in the middle of the gap and slice straight down beside the bone.',
      tool: 'long knife',
      feel: 'Find each gap with the fingertips first.',
      caution: FREE_HAND,
      frees: ['chops'],
      minutes: 4,
    },
    {
      id: 'double',
      title: 'Slice every other gap, two bones to a chop',
      how: 'Bones up, two bones to a chop: thick enough to brown outside and stay pink inside. One of the two bones can come out.',
      tool: 'long knife',
      feel: 'Find each gap with the fingertips first.',
      caution: FREE_HAND,
      frees: ['chops'],
      minutes: 3,
    },
    {
      id: 'halve',
      title: 'Part it into half racks',
      how: 'Count the bones and slice through the middle gap: one half rack for two.',
      tool: 'long knife',
      caution: FREE_HAND,
      frees: ['half-racks'],
      minutes: 2,
    },
  ],
  ways: [
    ...withSchools(
      {
        id: 'chops',
        name: 'Chops',
        about: 'Sliced between the bones.',
        shares: { chops: 0.97 },
        lossShare: 0.03,
        estimated: false,
        steps: ['open', 'slice'],
      },
      [
        {
          question: 'Thickness',
          schools: [
            { id: 'single', name: 'single', steps: { slice: ['single'] } },
            { id: 'double', name: 'double', steps: { slice: ['double'] }, perPiece: { chops: 4 } },
          ],
        },
      ],
    ),
    {
      id: 'half-racks',
      name: 'Half racks',
      about: 'Roasted whole and carved at the table.',
      shares: { 'half-racks': 0.97 },
      lossShare: 0.03,
      estimated: true,
      steps: ['open', 'halve'],
    },
  ],
  scatter: { phi: 600, why: 'Trimmed by the plant: only the liquid differs. An estimate.' },
  readyCut: [{ item: 'lamb-rack-roast', holds: 'all' }],
  marks: [{ id: 'liquid', name: 'Much liquid in the bag', from: 'all', to: ['loss'], share: 0.02 }],
  endCheck: [
    'Feel along the backbone side for chips of bone.',
    'The half-moon of cartilage at the shoulder end is out.',
  ],
  askFor: 'A rack trimmed and ready to roast, backbone off.',
  lookFor: [
    'Dark red meat, covered in fat.',
    'A round eye, the same size at both ends.',
    'Little free liquid in the bag.',
  ],
};
