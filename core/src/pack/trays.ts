import { groups, sum } from 'd3-array';
import type { FactOf, Take } from '../ledger/entry';
import { lotName } from '../catalogue/lot-name';
import { servedName } from './half';
import { kindById, partOf } from '../catalogue/kinds';
import type { MassDg } from '../units/mass';
import type { PackPlan, PlannedPack } from './pack-plan';
import { isPlateful, partKey, type Token } from './table';
import { emptyTray, type Tray, type TrayStyle } from './tray';

/** The trays of a plan. Weights come back from what is eaten to what lies on the table. */
export function traysOf(
  plan: PackPlan,
  tokens: ReadonlyMap<string, Token>,
  style: TrayStyle,
  newId: () => string,
): Tray[] {
  const heapsOf = (divisible: PlannedPack['divisible']): Tray['heaps'] =>
    Object.fromEntries(
      Object.entries(divisible).map(([id, massG]) => [
        id,
        Math.min(tokens.get(id)?.massDg ?? 0, Math.round((massG * 10) / (tokens.get(id)?.eaten ?? 1))),
      ]),
    );
  const trays = withCrumbs(tokens, [
    ...plan.packs.map(({ name, portions, divisible, plates, isSmaller }) => ({
      ...emptyTray(newId(), style),
      // Packed by number or weight, it is for nobody by name.
      wanted: isSmaller || plates.length === 0 ? null : name,
      eaters: plates.map(({ eater }) => eater),
      tokens: portions.map(servedName),
      heaps: heapsOf(divisible),
    })),
    ...plan.collecting.map(({ portions, divisible }) => ({
      ...emptyTray(newId(), style),
      tokens: [...portions],
      heaps: heapsOf(divisible),
      isCollecting: true,
    })),
  ]);
  return trays.map((tray) => ({ ...tray, ...ruledFor(tray, tokens, style) }));
}

/** What the household's rules say of a tray: portions each wrapped by themselves, heaps pressed flat. */
function ruledFor(
  tray: Tray,
  tokens: ReadonlyMap<string, Token>,
  { singly = [], flatMm }: TrayStyle,
): Pick<Tray, 'singly' | 'thicknessMm'> {
  const portions = tray.tokens.flatMap((id) => tokens.get(id) ?? []);
  return {
    singly: portions.length > 1 && portions.every((token) => singly.includes(partKey(token))),
    thicknessMm: portions.length === 0 && Object.keys(tray.heaps).length > 0 ? (flatMm ?? null) : null,
  };
}

/** Less of a heap than this is a crumb, and stays with the rest of it. */
const CRUMB_DG = 20;

/** The trays with what rounding left of a heap in the last one that has some of it. */
function withCrumbs(tokens: ReadonlyMap<string, Token>, trays: readonly Tray[]): Tray[] {
  return [...tokens.values()].reduce<Tray[]>(
    (all, token) => {
      const left = token.isHeap ? heapLeftDg(token, all) : 0;
      const last = all.findLastIndex(({ heaps }) => token.id in heaps);
      if (left === 0 || Math.abs(left) > CRUMB_DG || last < 0) return all;
      return all.map((tray, k) =>
        k === last
          ? { ...tray, heaps: { ...tray.heaps, [token.id]: (tray.heaps[token.id] ?? 0) + left } }
          : tray,
      );
    },
    [...trays],
  );
}

/** Where a plan cuts portions in two, by id, in tenths of a gram of the first piece. */
export function cutsOf(plan: PackPlan, tokens: ReadonlyMap<string, Token>): Map<string, MassDg> {
  const plates = plan.packs.flatMap((pack) => pack.plates);
  return new Map(
    plates.flatMap(({ portions: [served], massG }) => {
      const token = typeof served === 'object' && served.side === 1 ? tokens.get(served.of) : undefined;
      return token ? [[token.id, Math.round((massG * 10) / token.eaten)] as const] : [];
    }),
  );
}

/** A tray for each heap that makes no plates: bones for a pot of stock, fat to render. */
export function besidesTrays(tokens: readonly Token[], style: TrayStyle, newId: () => string): Tray[] {
  return tokens
    .filter((token) => !isPlateful(token))
    .map((token) => ({
      ...emptyTray(newId(), style),
      ...(token.isHeap ? { heaps: { [token.id]: token.massDg } } : { tokens: [token.id] }),
    }));
}

/** How much of a heap is in no tray. */
export function heapLeftDg(token: Token, trays: readonly Tray[]): MassDg {
  return token.massDg - sum(trays, ({ heaps }) => heaps[token.id] ?? 0);
}

/** Puts a portion, or so much of a heap, on a tray; on the table where there is none. */
export function moved(trays: readonly Tray[], token: Token, to: string | null, massDg: MassDg = 0): Tray[] {
  return trays.map((tray) => {
    if (token.isHeap)
      return tray.id === to ? { ...tray, heaps: withHeap(tray.heaps, token.id, massDg) } : tray;
    const others = tray.tokens.filter((id) => id !== token.id);
    if (tray.id === to) return { ...tray, tokens: [...others, token.id] };
    return others.length === tray.tokens.length ? tray : { ...tray, tokens: others };
  });
}

function withHeap(heaps: Tray['heaps'], id: string, massDg: MassDg): Tray['heaps'] {
  const { [id]: _gone, ...others } = heaps;
  return massDg > 0 ? { ...others, [id]: massDg } : others;
}

/** What is in a tray. */
export function contentsOf(
  tray: Tray,
  tokens: ReadonlyMap<string, Token>,
): { readonly token: Token; readonly massDg: MassDg }[] {
  const portions = tray.tokens
    .flatMap((id) => tokens.get(id) ?? [])
    .map((token) => ({ token, massDg: token.massDg }));
  const heaps = Object.entries(tray.heaps).flatMap(([id, massDg]) => {
    const token = tokens.get(id);
    return token ? [{ token, massDg }] : [];
  });
  return [...portions, ...heaps];
}

/** What one of it is called, and several. */
function namesOf({ lot, isHeap, half }: Token): { readonly one: string; readonly many: string } {
  const part = partOf(kindById(lot.kind), lot.part);
  const own = lotName(lot).toLowerCase();
  if (isHeap || !part?.portion || !part.portions) return { one: own, many: own };
  if (half) return { one: `cut ${part.portion}`, many: `cut ${part.portions}` };
  return { one: lot.count > 1 ? part.portion : own, many: part.portions };
}

/** What to write on a tray: what is in it and how many, and whom it is for. */
export function trayName(tray: Tray, tokens: ReadonlyMap<string, Token>): string {
  if (tray.name !== null) return tray.name;
  const counts = new Map<string, { count: number; one: string }>();
  for (const { token } of contentsOf(tray, tokens)) {
    const { one, many } = namesOf(token);
    counts.set(many, { count: (counts.get(many)?.count ?? 0) + 1, one });
  }
  const things = [...counts]
    .map(([many, { count, one }]) => (count === 1 ? one : `${count} ${many}`))
    .join(', ');
  const what = things === '' ? 'Empty' : things.charAt(0).toUpperCase() + things.slice(1);
  return (
    tray.isCollecting ? `${what}, to collect` : tray.wanted === null ? what : `${what}, ${tray.wanted}`
  ).slice(0, 200);
}

/**
 * Plates in a tray: as was said, else as many as eat of it; where nobody is named, by appetite, and
 * what is not cut further is one plate at most. Nothing for bones and fat.
 *
 * @param meanPlateG an average plate of the household
 */
export function platesOnTray(
  tray: Tray,
  tokens: ReadonlyMap<string, Token>,
  meanPlateG: number,
): number | null {
  if (tray.plates !== null || tray.isCollecting) return tray.plates;
  if (tray.eaters.length > 0) return tray.eaters.length;
  const eaten = contentsOf(tray, tokens).filter(({ token }) => isPlateful(token));
  const grams = sum(eaten, ({ token, massDg }) => (massDg / 10) * token.eaten);
  if (grams === 0) return null;
  const most = eaten.every(({ token }) => !token.isHeap) ? eaten.length : Infinity;
  return Math.max(1, Math.min(most, Math.round(grams / meanPlateG)));
}

/** How many bags it takes where only so many pieces lie flat in one. */
export function bagsOf(tray: Tray, flatPieces: number): number {
  return Math.max(1, Math.ceil(tray.tokens.length / flatPieces));
}

/**
 * The entries that freeze trays: what is cut in two, then each tray wrapped from its portions and
 * heaps, and put in a place.
 *
 * @param place null for none yet
 * @param meanPlateG an average plate of the household
 */
export function packFacts(
  trays: readonly Tray[],
  tokens: ReadonlyMap<string, Token>,
  place: string | null,
  on: string,
  meanPlateG: number,
): FactOf<'halved' | 'packed' | 'placed'>[] {
  const all = [...tokens.values()];
  const lotLeft = new Map(all.map(({ lot }) => [lot.id, lot.leftDg]));
  // Heaps, and portions of which one has been halved, leave by weight; others by number.
  const byMass = new Set(all.filter(({ isHeap, half }) => isHeap || half).map(({ lot }) => lot.id));
  const packed = trays.flatMap((tray): FactOf<'packed' | 'placed'>[] => {
    const takes = new Map<string, { count: number; massDg: number; isByMass: boolean }>();
    for (const { token, massDg } of contentsOf(tray, tokens)) {
      const known = takes.get(token.lot.id) ?? { count: 0, massDg: 0, isByMass: false };
      takes.set(token.lot.id, {
        count: known.count + 1,
        massDg: known.massDg + massDg,
        isByMass: known.isByMass || byMass.has(token.lot.id),
      });
    }
    if (takes.size === 0) return [];
    const from = [...takes].map(([lot, { count, massDg, isByMass }]): Take => {
      if (!isByMass) return { lot, amount: { count } };
      const left = lotLeft.get(lot) ?? 0;
      lotLeft.set(lot, left - massDg);
      return { lot, amount: massDg >= left ? 'all' : { massDg } };
    });
    const plates = platesOnTray(tray, tokens, meanPlateG);
    const pack: FactOf<'packed'> = {
      type: 'packed',
      lot: tray.id,
      name: trayName(tray, tokens),
      from,
      on,
      wrap: tray.wrap,
      ...(plates === null ? {} : { plates }),
      ...(tray.thicknessMm === null ? {} : { thicknessMm: tray.thicknessMm }),
      ...(tray.tareDg > 0 ? { tareDg: tray.tareDg } : {}),
      ...(tray.singly ? { singly: true as const } : {}),
    };
    return [pack, ...(place === null ? [] : [{ type: 'placed' as const, lot: tray.id, place }])];
  });
  return [...halvedFacts(trays, tokens, on), ...packed];
}

/** The knife comes first: how many portions of each lot are cut in two for these trays. */
function halvedFacts(
  trays: readonly Tray[],
  tokens: ReadonlyMap<string, Token>,
  on: string,
): FactOf<'halved'>[] {
  const halves = trays.flatMap((tray) =>
    contentsOf(tray, tokens).flatMap(({ token: { lot, half } }) =>
      half ? [{ lot: lot.id, of: half.of }] : [],
    ),
  );
  return groups(halves, ({ lot }) => lot).map(([lot, own]) => ({
    type: 'halved',
    lot,
    portions: new Set(own.map(({ of }) => of)).size,
    on,
  }));
}
