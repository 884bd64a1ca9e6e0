/**
 * What shops call ready-cut meat elsewhere, by shop item; common practice, from memory. Who knows a
 * piece only by the steaks it gives finds it by these.
 */
const CUT_NAMES: Readonly<Record<string, readonly string[]>> = {
  'strip-steak': [
    'New York strip',
    'NY strip',
    'Kansas City strip',
    'sirloin steak (Britain, Ireland)',
    'porterhouse steak (Australia)',
    'club steak',
    'shell steak',
    'ambassador steak',
  ],
  'fillet-steak': ['filet mignon', 'tournedos', 'eye fillet steak', 'châteaubriand', 'medallions of beef'],
  'fillet-roast': ['châteaubriand', 'eye fillet roast'],
  'strip-roast': ['sirloin joint', 'top loin roast', 'roast beef, sirloin'],
  'ribeye-steak': ['scotch fillet steak', 'entrecôte', 'beauty steak', 'cube roll steak'],
  'ribeye-roast': ['scotch fillet roast', 'ribeye joint'],
  'rib-steak-bone-in': ['cowboy steak', 'tomahawk', 'OP rib', 'côte de bœuf', 'bone-in ribeye'],
  'rib-roast-bone-in': ['prime rib', 'standing rib', 'forerib of beef'],
  'beef-back-ribs': ['dinosaur ribs', 'rib bones'],
  'top-round-steak': [
    'topside steak',
    'London broil',
    'inside round steak',
    'minute steak',
    'butterfly steak',
  ],
  'top-round-roast': ['topside joint', 'inside round roast'],
  'eye-round-steak': ['breakfast steak', 'silverside steak', 'wafer steak'],
  'eye-round-roast': ['silverside joint', 'eye round roast'],
  'beef-lesser-steak': ['country steak', 'ranch steak', 'value steak'],
  'beef-thin': ['stir-fry beef', 'strips for stroganoff', 'bulgogi slices'],
  'beef-stew': ['stewing steak', 'braising steak', 'goulash meat', 'chuck for stew'],
  'beef-grind': ['minced beef', 'hamburger', 'mince'],
  'chicken-breast-boneless': ['chicken fillet', 'chicken cutlet', 'schnitzel'],
  'chicken-breast-wing-bone': ['chicken supreme', 'airline breast'],
  'chicken-leg-quarter': ['maryland', 'chicken leg'],
  'chicken-wing': ['wingettes'],
  'chicken-flattened': ['spatchcock', 'butterflied chicken'],
  'pork-chop-boneless': ['pork loin steak', 'pork medallions', 'loin medallions'],
  'pork-loin-roast': ['pork loin joint', 'back bacon piece'],
  'pork-shoulder-roast': ['pulled pork', 'butt roast', 'shoulder joint', 'pork neck roast'],
  'pork-shoulder-steak': ['blade steak', 'pork steak', 'neck steak'],
  'pork-country-strips': ['country-style ribs'],
  'pork-ribs-squared': ['St. Louis ribs', 'barbecue ribs'],
  'lamb-leg-boneless': ['butterflied leg of lamb', 'easy-carve leg'],
  'lamb-rib-chop': ['lamb cutlet', 'noisette'],
  'lamb-rack-roast': ['crown of lamb', 'guard of honour'],
  'lamb-shank': ['knuckle of lamb'],
};

/** A kind as other languages call it, at a counter. */
interface NameElsewhere {
  readonly language: 'German' | 'French' | 'Spanish' | 'Italian';
  readonly name: string;
}

const LANGUAGES = ['German', 'French', 'Spanish', 'Italian'] as const;

/** In German, French, Spanish, Italian; from memory. */
const KIND_NAMES: Readonly<Record<string, readonly [string, string, string, string]>> = {
  'strip-loin': ['Roastbeef, ganz', 'faux-filet entier', 'lomo bajo entero', 'controfiletto intero'],
  'beef-tenderloin': [
    'Rinderfilet, ganz',
    'filet de bœuf entier',
    'solomillo de ternera entero',
    'filetto intero',
  ],
  'beef-tenderloin-peeled': [
    'Rinderfilet, pariert, mit Kette',
    'filet de bœuf dégraissé',
    'solomillo limpio con cordón',
    'filetto con catena',
  ],
  'whole-chicken': ['Hähnchen, ganz', 'poulet entier', 'pollo entero', 'pollo intero'],
  'whole-turkey': ['Truthahn, Pute, ganz', 'dinde entière', 'pavo entero', 'tacchino intero'],
  ribeye: ['Entrecôte, Hochrippe ohne Knochen', 'entrecôte entière', 'lomo alto entero', 'costata disossata'],
  'rib-seven-bones': ['Hochrippe mit Knochen', 'train de côtes', 'chuletón entero', 'costata intera'],
  'top-round': ['Oberschale', 'tende de tranche', 'tapa', 'fesa'],
  'eye-of-round': ['Semerrolle', 'rond de gîte', 'redondo', 'girello'],
  'pork-loin': ['Schweinelachs, Lummer', 'longe de porc', 'lomo de cerdo', 'lonza di maiale'],
  'pork-shoulder-butt': ['Schweinenacken', 'échine de porc', 'aguja de cerdo', 'coppa di maiale'],
  'pork-spare-ribs': ['Schälrippen', 'travers de porc', 'costillas de cerdo', 'costine di maiale'],
  'lamb-leg': ['Lammkeule', 'gigot d’agneau', 'pierna de cordero', 'cosciotto d’agnello'],
  'lamb-rack': ['Lammkarree', 'carré d’agneau', 'costillar de cordero', 'carré d’agnello'],
};

/** What shops elsewhere call a ready-cut item. */
export function cutNames(item: string): readonly string[] {
  return CUT_NAMES[item] ?? [];
}

/** What a kind is called at counters where other languages are spoken. */
export function kindNames(kind: string): NameElsewhere[] {
  return (KIND_NAMES[kind] ?? []).map((name, at) => ({ language: LANGUAGES[at]!, name }));
}
