import { kindById, partOf } from '@core/catalogue/kinds';
import type { Kind, Part, Way } from '@core/catalogue/kind-schema';
import { allocate } from '@core/units/allocate';
import { labelTotal } from '@core/price/label-total';
import type { Random } from './random';
import type { Scribe } from './scribe';

/** A purchase of the demo household. */
export interface Purchase {
  readonly day: string;
  readonly kind: string;
  readonly way: string;
  readonly count: number;
  readonly shop: string;
  readonly eachG: number;
  readonly perKg: number;
}

interface OnBoard {
  readonly lot: string;
  readonly part: Part;
  readonly count: number;
}

/** Usual weight of one portion, grams, where a part is sliced into as many as it gives. */
const PORTION_G: Record<string, number> = { steaks: 345, centre: 225 };
/** Portions of a part of one bird. */
const PER_BIRD: Record<string, number> = {
  breast: 2,
  'breast-boneless': 2,
  thighs: 2,
  drumsticks: 2,
  'leg-quarters': 2,
  wings: 2,
};

/** Buys a piece, drains it, cuts it, closes it and wraps everything that is eaten. */
export function buyAndCut(scribe: Scribe, random: Random, purchase: Purchase, eaters: number): void {
  scribe.goTo(purchase.day, 9 * 60 + random.whole(0, 200));
  const { piece, weights, kind, way } = receive(scribe, random, purchase);
  const parts = Object.entries(weights).flatMap(([part, massDg]) =>
    weigh(scribe, random, { piece, kind, part, massDg, purchase }),
  );
  scribe.write({ type: 'closed', lot: piece });
  wrap(scribe, random, parts, eaters, way);
}

/** Buys a piece and stops in the middle of the slicing. */
export function cutHalfWay(scribe: Scribe, random: Random, purchase: Purchase): void {
  scribe.goTo(purchase.day, 10 * 60);
  const { piece, weights, kind } = receive(scribe, random, purchase);
  for (const part of ['strip-and-tail', 'fat-cap'] as const) {
    weigh(scribe, random, { piece, kind, part, massDg: weights[part] ?? 0, purchase });
  }
  weigh(scribe, random, {
    piece,
    kind,
    part: 'ends',
    massDg: Math.round((weights['ends'] ?? 0) * 0.4),
    purchase,
  });
  weigh(scribe, random, {
    piece,
    kind,
    part: 'steaks',
    massDg: Math.round((weights['steaks'] ?? 0) * 0.46),
    purchase,
  });
}

function receive(
  scribe: Scribe,
  random: Random,
  { kind: kindId, way: wayId, count, shop, eachG, perKg, day }: Purchase,
): { piece: string; weights: Record<string, number>; kind: Kind; way: Way } {
  const kind = kindById(kindId) as Kind;
  const way = kind.ways.find(({ id }) => id === wayId) as Way;
  const massDg = Math.round((eachG * count * random.around(1, 0.012)) / 5) * 50;
  const piece = scribe.name('piece');
  scribe.write({
    type: 'received',
    lot: piece,
    kind: kindId,
    count,
    massDg,
    paidMinor: labelTotal(massDg, perKg),
    shop,
    way: wayId,
    on: day,
  });
  const liquidDg = Math.round((massDg * random.around(way.lossShare * 0.62, way.lossShare * 0.12)) / 10) * 10;
  scribe.write({ type: 'drained', lot: piece, massDg: massDg - liquidDg });
  const toWeighDg = massDg - liquidDg - Math.round((massDg * random.around(0.007, 0.0015)) / 10) * 10;
  return { piece, weights: scattered(random, way, toWeighDg), kind, way };
}

/** The way's usual shares, off by as much as pieces of one kind differ. */
function scattered(random: Random, way: Way, totalDg: number): Record<string, number> {
  const shares = Object.entries(way.shares).map(
    ([part, share]) => [part, share * Math.max(0.4, random.around(1, share > 0.3 ? 0.03 : 0.09))] as const,
  );
  const whole = allocate(
    Math.floor(totalDg / 10),
    shares.map(([, share]) => share),
  );
  return Object.fromEntries(shares.map(([part], index) => [part, (whole[index] ?? 0) * 10]));
}

function weigh(
  scribe: Scribe,
  random: Random,
  {
    piece,
    kind,
    part: id,
    massDg,
    purchase,
  }: { piece: string; kind: Kind; part: string; massDg: number; purchase: Purchase },
): OnBoard[] {
  const part = partOf(kind, id) as Part;
  const portionG = PORTION_G[id];
  const on = purchase.day;
  const cut = (dg: number, count: number): OnBoard => {
    scribe.pass(random.whole(0, 3));
    const lot = scribe.name('part');
    scribe.write({
      type: 'cut',
      from: piece,
      lot,
      part: id,
      destination: part.destination,
      massDg: dg,
      count,
      on,
    });
    return { lot, part, count };
  };
  if (portionG) {
    const steaks = Math.max(1, Math.round(massDg / 10 / portionG));
    const weights = allocate(
      Math.round(massDg / 10),
      Array.from({ length: steaks }, () => random.around(1, 0.07)),
    );
    return weights.map((grams) => cut(grams * 10, 1));
  }
  return [cut(massDg, (PER_BIRD[id] ?? 0) * purchase.count || 1)];
}

function wrap(scribe: Scribe, random: Random, parts: readonly OnBoard[], eaters: number, way: Way): void {
  const byPart = new Map<string, OnBoard[]>();
  for (const each of parts) byPart.set(each.part.id, [...(byPart.get(each.part.id) ?? []), each]);
  for (const lots of byPart.values()) {
    const { part } = lots[0] as OnBoard;
    if (part.destination === 'bin') continue;
    if (lots.length > 1) wrapSingles(scribe, random, lots, eaters);
    else wrapCounted(scribe, random, lots[0] as OnBoard, eaters, way);
  }
}

function wrapSingles(scribe: Scribe, random: Random, lots: readonly OnBoard[], eaters: number): void {
  for (let i = 0; i < lots.length; i += eaters) {
    const group = lots.slice(i, i + eaters);
    const name = group.length === 1 ? 'Steak' : `${group.length} steaks`;
    put(
      scribe,
      random,
      name,
      group.map(({ lot }) => ({ lot, amount: 'all' as const })),
      group.length,
    );
  }
}

function wrapCounted(
  scribe: Scribe,
  random: Random,
  { lot, part, count }: OnBoard,
  eaters: number,
  way: Way,
): void {
  const massG = (scribe.state.lots.get(lot)?.leftDg ?? 0) / 10;
  const plates =
    part.destination === 'stock' || part.destination === 'render'
      ? undefined
      : Math.max(1, Math.round(massG / 210));
  const portion = part.portions;
  if (count > eaters + 1 && portion) {
    const half = Math.ceil(count / 2);
    put(
      scribe,
      random,
      `${half} ${portion}`,
      [{ lot, amount: { count: half } }],
      Math.ceil((plates ?? 1) / 2),
    );
    put(
      scribe,
      random,
      `${count - half} ${portion}`,
      [{ lot, amount: 'all' }],
      Math.max(1, Math.floor((plates ?? 1) / 2)),
    );
    return;
  }
  const name =
    portion && count > 1
      ? `${count} ${portion}`
      : part.destination === 'stock'
        ? `${part.name}, for stock`
        : part.name;
  put(
    scribe,
    random,
    way.id === 'boneless-breast' && part.id === 'fat-skin' ? 'Skin and fat' : name,
    [{ lot, amount: 'all' }],
    plates,
  );
}

function put(
  scribe: Scribe,
  random: Random,
  name: string,
  from: { lot: string; amount: 'all' | { count: number } }[],
  plates?: number,
): void {
  const lot = scribe.name('pack');
  scribe.write({
    type: 'packed',
    lot,
    name,
    from,
    plates,
    wrap: random.pick(['vacuum bag', 'paper and bag']),
    thicknessMm: 25 + 5 * (scribe.entries.length % 5),
    on: scribe.day,
  });
  scribe.write({
    type: 'placed',
    lot,
    place: random.pick(['chest-top', 'chest-bottom', 'chest-bottom', 'kitchen-drawer']),
  });
}
