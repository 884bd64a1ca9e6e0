import { bonelessShare } from '@core/cost/plates';
import type { Fact, FactOf, Take } from '@core/ledger/entry';
import { isUsable } from '@core/ledger/destination';
import { groups } from 'd3-array';
import type { OnTable } from './cut-up';
import type { Open } from './scribe';
import { PLATE_DG, type Telling } from './telling';

/** Plates of a dinner for all; a bag of what is ground or diced, in grams; and how thick that is pressed flat. */
const [TABLE, BAG_G, FLAT_MM] = [5, 1050, 30];
/** So much salt goes into a sausage, as a share of the meat. */
const SALT = 0.016;

interface Content {
  readonly take: Take;
  readonly massDg: number;
  readonly count: number;
}

/** Wraps what lies on the table into packs for a dinner each. */
export function packUp(telling: Telling, chapter: Open, onTable: readonly OnTable[]): string[] {
  const wrapped = groups(onTable, ({ part }) => part.id).flatMap(([, lots]) => {
    const { part } = lots[0] as OnTable;
    if (part.destination === 'bin') return [];
    const contents =
      part.portion && !part.collected ? portions(telling, chapter, lots) : heap(telling, chapter, lots);
    return contents.map((pack) => packOf(telling, lots[0] as OnTable, pack));
  });
  for (const pack of wrapped) telling.scribe.write(chapter, [pack]);
  return wrapped.map(({ lot }) => lot);
}

/** One of what is carved, and of slices one for each who eats. */
function portions(telling: Telling, chapter: Open, lots: readonly OnTable[]): Content[][] {
  const { scribe } = telling;
  const { part } = lots[0] as OnTable;
  if (part.id === 'breast-boneless' && !part.carved) halve(telling, chapter, lots[0] as OnTable);
  const singles = lots.flatMap(({ lot }) => {
    const { leftDg, countLeft } = scribe.lot(lot);
    return Array.from({ length: countLeft }, () => ({ lot, massDg: leftDg / countLeft }));
  });
  const eachDg =
    (singles.reduce((sum, { massDg }) => sum + massDg, 0) / singles.length) * eaten(lots[0] as OnTable);
  const size = part.carved ? 1 : Math.max(TABLE, Math.round((TABLE * PLATE_DG) / Math.max(1, eachDg)));
  const packs = Math.max(1, Math.round(singles.length / size));
  return Array.from({ length: packs }, (_, nth) => {
    const own = singles.slice(
      Math.round((nth * singles.length) / packs),
      Math.round(((nth + 1) * singles.length) / packs),
    );
    return groups(own, ({ lot }) => lot).map(([lot, of]): Content => ({
      take: { lot, amount: { count: of.length } },
      massDg: of.reduce((sum, { massDg }) => sum + massDg, 0),
      count: of.length,
    }));
  });
}

/** Large breasts are cut in two where that makes one for everybody. */
function halve({ scribe }: Telling, chapter: Open, { lot, count }: OnTable): void {
  const missing = TABLE * Math.ceil(count / TABLE) - count;
  if (missing > 0 && missing <= count)
    scribe.write(chapter, [{ type: 'halved', lot, portions: missing, on: scribe.day }]);
}

function heap(telling: Telling, chapter: Open, lots: readonly OnTable[]): Content[][] {
  const from = lots[0]?.part.id === 'grind' ? [sausage(telling, chapter, lots)] : lots.map(({ lot }) => lot);
  const whole = from.map((lot) => telling.scribe.lot(lot));
  const massDg = whole.reduce((sum, { leftDg }) => sum + leftDg, 0);
  const { destination, portion } = (lots[0] as OnTable).part;
  const isBag = isUsable(destination) && !portion;
  const bags = isBag ? Math.max(1, Math.round(massDg / 10 / BAG_G)) : 1;
  if (bags === 1)
    return [
      whole.map(({ id, leftDg, countLeft }) => ({
        take: { lot: id, amount: 'all' },
        massDg: leftDg,
        count: countLeft,
      })),
    ];
  const [lot] = from as [string];
  const each = Math.floor(massDg / bags / 10) * 10;
  return Array.from({ length: bags }, (_, nth): Content[] =>
    nth < bags - 1
      ? [{ take: { lot, amount: { massDg: each } }, massDg: each, count: 1 }]
      : [{ take: { lot, amount: 'all' }, massDg: massDg - each * (bags - 1), count: 1 }],
  );
}

/** Ground, salted, and one lot from then on. */
function sausage({ scribe }: Telling, chapter: Open, lots: readonly OnTable[]): string {
  const lot = scribe.name('mix');
  const massDg = lots.reduce((sum, each) => sum + scribe.lot(each.lot).leftDg, 0);
  const mixed: Fact = {
    type: 'combined',
    lot,
    from: lots.map((each) => ({ lot: each.lot, amount: 'all' })),
    added: [{ name: 'salt', massDg: Math.round((massDg * SALT) / 10) * 10 }],
    name: 'Fresh sausage',
    destination: 'grind',
    on: scribe.day,
  };
  scribe.write(chapter, [mixed]);
  return lot;
}

const eaten = ({ kind, part }: OnTable): number =>
  bonelessShare({ kind: kind.id, part: part.id, destination: part.destination });

function packOf({ scribe }: Telling, of: OnTable, contents: readonly Content[]): FactOf<'packed'> {
  const { part } = of;
  const massDg = contents.reduce((sum, each) => sum + each.massDg, 0);
  const count = contents.reduce((sum, each) => sum + each.count, 0);
  const byWeight = Math.max(1, Math.round((massDg * eaten(of)) / PLATE_DG));
  const isPortions = part.portion !== undefined && !part.carved;
  const plates = isPortions ? Math.min(byWeight, count) : byWeight;
  // Too little for a dinner is collected until there is enough.
  const isCollected = part.collected === true && byWeight < TABLE - 1;
  const isMeal = isUsable(part.destination) && !isCollected;
  const isFlat = !part.portion && isUsable(part.destination);
  return {
    type: 'packed',
    lot: scribe.name('pack'),
    name: nameOf(of, count),
    from: contents.map(({ take }) => take),
    wrap: isFlat ? 'flat bag' : 'vacuum bag',
    ...(isMeal ? { plates } : {}),
    ...(isFlat ? { thicknessMm: FLAT_MM } : {}),
    ...(isPortions && count > 1 && of.kind.bone === 'boneless' ? { singly: true } : {}),
    on: scribe.day,
  };
}

function nameOf({ part }: OnTable, count: number): string {
  if (part.id === 'grind') return 'Fresh sausage';
  if (!part.portion || !part.portions) return part.name;
  const one = part.portion.charAt(0).toUpperCase() + part.portion.slice(1);
  return count > 1 ? `${count} ${part.portions}` : one;
}
