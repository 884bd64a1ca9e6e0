/** A word of the trade, what it means, and what it is called elsewhere. */
export interface Word {
  readonly word: string;
  readonly meaning: string;
  readonly alsoCalled: readonly string[];
}

/** Words that differ from place to place, and those that this book uses; common practice. */
export const WORDS: readonly Word[] = [
  {
    word: 'back',
    meaning: 'Spine, ribs and tail of a bird, left when the pieces are off: for stock.',
    alsoCalled: ['carcass', 'frame'],
  },
  {
    word: 'blade bone',
    meaning: 'The flat shoulder bone with a ridge on one side.',
    alsoCalled: ['shoulder blade', 'paddle bone'],
  },
  {
    word: 'break-even price',
    meaning: 'What the whole piece may cost at most, so that its parts are no dearer than bought cut.',
    alsoCalled: [],
  },
  {
    word: 'breast with the first wing bone',
    meaning: 'A boned breast, skin on, with the upper wing bone left in and scraped clean.',
    alsoCalled: ['supreme', 'airline breast', 'frenched breast'],
  },
  {
    word: 'butterfly',
    meaning: 'To cut a thick piece level with the board, not through, and open it like a book.',
    alsoCalled: ['open like a book', 'double cut'],
  },
  {
    word: 'cap',
    meaning: 'A muscle or a layer of fat that lies on top of another.',
    alsoCalled: ['lid', 'cover', 'deckle'],
  },
  {
    word: 'chain',
    meaning: 'The long thin muscle along the side of a tenderloin.',
    alsoCalled: ['side muscle', 'side strap'],
  },
  {
    word: 'country-style strips',
    meaning: 'Thick strips cut from the flaps of a pork shoulder.',
    alsoCalled: ['country-style ribs', 'shoulder strips'],
  },
  {
    word: 'cross-cut',
    meaning: 'A slice across the bone; at home that needs a saw.',
    alsoCalled: ['osso', 'shank slice'],
  },
  {
    word: 'drained weight',
    meaning: 'The weight once the liquid of the bag is poured away: the true start.',
    alsoCalled: ['net weight', 'dry weight'],
  },
  { word: 'drumstick', meaning: 'The lower leg of a bird.', alsoCalled: ['drum', 'lower leg'] },
  { word: 'dinner', meaning: 'One meal for this household.', alsoCalled: [] },
  {
    word: 'drumette',
    meaning: 'The upper wing joint, between shoulder and elbow.',
    alsoCalled: ['winglet', 'wing drum'],
  },
  {
    word: 'eye',
    meaning: 'The large round muscle in the middle of a rib or loin.',
    alsoCalled: ['rib eye', 'loin eye', 'noisette'],
  },
  {
    word: 'fat cap',
    meaning: 'The layer of fat on one side of a loin.',
    alsoCalled: ['fat cover', 'finish', 'back fat'],
  },
  {
    word: 'flap',
    meaning: 'A thin sheet of meat on the inside of the ribs, or at the side of a block.',
    alsoCalled: ['skirt'],
  },
  {
    word: 'gland',
    meaning: 'A small firm grey-brown lump inside a pocket of fat; it comes out.',
    alsoCalled: ['kernel', 'lymph node'],
  },
  {
    word: 'grain',
    meaning: 'The way the fibres run. Across it a slice is tender, along it chewy.',
    alsoCalled: ['fibre'],
  },
  {
    word: 'ground',
    meaning: 'Put through the grinder.',
    alsoCalled: ['minced', 'chopped', 'mince', 'haché'],
  },
  {
    word: 'head',
    meaning: 'The thick end of a tenderloin, of two muscles.',
    alsoCalled: ['butt', 'butt tender', 'châteaubriand end'],
  },
  {
    word: 'hip bone',
    meaning: 'The odd-shaped bone at the top of a leg, with a ball joint.',
    alsoCalled: ['aitch bone', 'edge bone', 'pelvic bone'],
  },
  {
    word: 'jerky',
    meaning: 'Thin slices, heated through and then dried.',
    alsoCalled: ['dried meat', 'biltong (dried otherwise)'],
  },
  { word: 'keel', meaning: 'The ridge of the breastbone of a bird.', alsoCalled: ['breastbone', 'sternum'] },
  {
    word: 'leg quarter',
    meaning: 'Thigh and drumstick in one piece.',
    alsoCalled: ['maryland', 'whole leg', 'leg and thigh'],
  },
  {
    word: 'frenched wing',
    meaning: 'A wing joint with its meat pushed to one end of the bone, which is bare then.',
    alsoCalled: ['wing drumstick'],
  },
  {
    word: 'lip',
    meaning: 'The flap of fat and thin meat along a ribeye.',
    alsoCalled: ['tail', 'string side'],
  },
  { word: 'lot', meaning: 'A mass of meat with a history: the piece, a part, a pack.', alsoCalled: [] },
  {
    word: 'membrane',
    meaning: 'The thin tough skin on the bone side of ribs.',
    alsoCalled: ['silver skin of ribs', 'peritoneum', 'skin'],
  },
  {
    word: 'oyster',
    meaning: 'The round of meat on a bird’s back beside the hip; it stays with the thigh.',
    alsoCalled: ['sot-l’y-laisse'],
  },
  { word: 'pack', meaning: 'What is wrapped and frozen together.', alsoCalled: [] },
  { word: 'part', meaning: 'What comes off a piece.', alsoCalled: [] },
  { word: 'piece', meaning: 'What was bought whole.', alsoCalled: ['primal', 'subprimal', 'joint'] },
  { word: 'plate', meaning: 'What one eater gets at one meal.', alsoCalled: ['serving', 'helping'] },
  { word: 'portion', meaning: 'One thing that is not cut further, such as one steak.', alsoCalled: [] },
  {
    word: 'purge',
    meaning: 'The liquid in the bag; it is paid for at the price of meat.',
    alsoCalled: ['drip', 'weep', 'exudate'],
  },
  {
    word: 'render',
    meaning: 'To melt clean fat slowly and strain it.',
    alsoCalled: ['try out', 'dripping', 'lard'],
  },
  {
    word: 'seam',
    meaning: 'The natural parting between two muscles; it opens under the fingers.',
    alsoCalled: ['natural fall'],
  },
  { word: 'shank', meaning: 'The lower leg of lamb or beef.', alsoCalled: ['shin', 'knuckle end', 'jarret'] },
  {
    word: 'silver skin',
    meaning: 'A shining tough sheet over a muscle; it does not soften in cooking.',
    alsoCalled: ['blue skin', 'fascia', 'epimysium'],
  },
  {
    word: 'spatchcock',
    meaning: 'A bird with its back and keel out, pressed flat.',
    alsoCalled: ['flattened', 'butterflied bird', 'crapaudine'],
  },
  {
    word: 'square off',
    meaning: 'To cut an end straight, so that the first slice has a flat face.',
    alsoCalled: ['face off', 'block ready'],
  },
  {
    word: 'stop line',
    meaning: 'Where to stop slicing, since what lies beyond is for other use.',
    alsoCalled: [],
  },
  {
    word: 'tender',
    meaning: 'The small loose muscle under a bird’s breast.',
    alsoCalled: ['fillet', 'tenderloin of chicken', 'aiguillette'],
  },
  {
    word: 'top round',
    meaning: 'The inside muscle of the hind leg of beef.',
    alsoCalled: ['inside round', 'topside', 'inside'],
  },
  {
    word: 'unaccounted',
    meaning: 'What is not found again: drip, evaporation, the board, the scale.',
    alsoCalled: ['cutting loss', 'shrink'],
  },
  {
    word: 'usable',
    meaning: 'Main, second, thin, stew and grind. Stock and render are by-products, liquid and bin are loss.',
    alsoCalled: ['edible portion'],
  },
  {
    word: 'wishbone',
    meaning: 'The forked bone at the neck end of a bird’s breast; out first when it is to be boneless.',
    alsoCalled: ['merrythought', 'furcula'],
  },
];

/**
 * The words that hold the text in the word, another name or the meaning; names first.
 *
 * @example findWords('maryland') // [leg quarter]
 */
export function findWords(text: string, words: readonly Word[] = WORDS): Word[] {
  const wanted = text.trim().toLowerCase();
  if (wanted === '') return [...words];
  const named = words.filter(({ word, alsoCalled }) =>
    [word, ...alsoCalled].some((name) => name.toLowerCase().includes(wanted)),
  );
  return [
    ...named,
    ...words.filter((each) => !named.includes(each) && each.meaning.toLowerCase().includes(wanted)),
  ];
}
