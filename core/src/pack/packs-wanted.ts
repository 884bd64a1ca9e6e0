import type { Animal } from '../ledger/animal';
import { meanPlateDg, type Eater } from './eater';
import type { PortionedBy, Wrapping } from './wrapping';
import { kindById, partOf } from '../catalogue/kinds';
import type { PackRequest, Portion } from './pack-request';
import { OUT_OF_PLACE } from './out-of-place';
import { mayShare } from './sharing';
import { isPlateful, partKey, type Token } from './table';

/** What an eater, or a guest, wants on a plate of one animal, g. */
export function appetiteG(eaters: readonly Eater[], name: string, animal: Animal | null): number {
  const eater = eaters.find((each) => each.name === name);
  if (!eater) return meanPlateDg({ eaters: [...eaters] }) / 10;
  return ((animal && eater.byAnimal?.[animal]) ?? eater.plateDg) / 10;
}

/** Names of everyone a wanted pack is for, guests numbered. */
function eatersOf({ eaters, guests }: Wrapping['packs'][number]): string[] {
  return [...eaters, ...Array.from({ length: guests }, (_, n) => `guest ${n + 1}`)];
}

/**
 * What to ask of the planner for the meat of one animal: weights as they are eaten, each eater's
 * appetite for that animal, the packs that are still wanted, and what may share one.
 *
 * @param counted how many packs of each wanted kind there are already
 * @param mayCut portions that are too large for one plate may be cut in two
 * @returns null where nobody eats, or there is nothing of that animal
 */
export function packsWanted(
  tokens: readonly Token[],
  animal: Animal | null,
  eaters: readonly Eater[],
  wrapping: Wrapping,
  counted: ReadonlyMap<string, number> = new Map(),
  mayCut = false,
): PackRequest | null {
  const own = tokens.filter(
    (token) => token.lot.animal === animal && isPlateful(token) && token.massDg * token.eaten > 0,
  );
  const keys = [...new Set(own.map(partKey))];
  const byNumber = keys.flatMap((key) => kindBy(key, own, wrapping.ways?.[key]) ?? []);
  const byWho = keys.filter((key) => !byNumber.some(({ parts }) => parts.includes(key)));
  const dinners = wrapping.packs
    .map((wanted) => ({
      name: wanted.name,
      eaters: eatersOf(wanted),
      count: [
        Math.max(0, wanted.least - (counted.get(wanted.name) ?? 0)),
        Math.max(0, wanted.most - (counted.get(wanted.name) ?? 0)),
      ] as [number, number],
    }))
    .filter((pack) => pack.eaters.length > 0 && pack.count[1] > 0 && byWho.length > 0)
    .map((pack) => (byNumber.length > 0 ? { ...pack, parts: byWho } : pack));
  const packs = [...dinners, ...byNumber];
  if (own.length === 0 || packs.length === 0) return null;
  const names = [...new Set(dinners.flatMap((pack) => pack.eaters))];
  return {
    portions: own.filter(({ isHeap }) => !isHeap).map((token) => portionOf(token, mayCut, wrapping)),
    divisible: own
      .filter(({ isHeap }) => isHeap)
      .map((token) => ({
        ...lotOf(token),
        minG: (wrapping.bagDg[0] / 10) * token.eaten,
        maxG: (wrapping.bagDg[1] / 10) * token.eaten,
      })),
    eaters: names.map((name) => ({
      name,
      targetG: appetiteG(eaters, name, animal),
      ...tasteFor(eaters.find((eater) => eater.name === name)),
    })),
    packs,
    together: mayShare(own, wrapping.sharing),
    mostPieces: 6,
  };
}

/** A guest eats of everything, but of no smaller pack. */
function tasteFor(
  eater: Eater | undefined,
): Pick<PackRequest['eaters'][number], 'likes' | 'never' | 'guest'> {
  return eater ? { likes: eater.likes ?? [], never: eater.never ?? [] } : { guest: true };
}

function lotOf(token: Token): Pick<Portion, 'id' | 'part' | 'massG' | 'collected'> {
  const { lot } = token;
  return {
    id: token.id,
    part: partKey(token),
    massG: (token.massDg / 10) * token.eaten,
    ...(partOf(kindById(lot.kind), lot.part)?.collected ? { collected: true } : {}),
  };
}

/** A kind of pack for what is portioned by number or by weight; null where it is by who eats. */
function kindBy(
  key: string,
  own: readonly Token[],
  way: PortionedBy | undefined,
): (PackRequest['packs'][number] & { readonly parts: string[] }) | null {
  const token = own.find((each) => partKey(each) === key);
  if (!token || !way || 'carved' in way) return null;
  const common = { name: `by itself: ${key}`, count: [0, 1000] as [number, number], parts: [key] };
  // A heap has no portions to count.
  if ('each' in way) return token.isHeap ? null : { ...common, each: way.each };
  return { ...common, massG: (way.massDg / 10) * token.eaten };
}

/** Whether a piece is carved at the table: as the household says, else as the trade has it. */
export function isCarved(token: Token, ways: Wrapping['ways']): boolean {
  const way = ways?.[partKey(token)];
  return way && 'carved' in way
    ? way.carved
    : (partOf(kindById(token.lot.kind), token.lot.part)?.carved ?? false);
}

function portionOf(token: Token, mayCut: boolean, { ways }: Wrapping): Portion {
  const part = partOf(kindById(token.lot.kind), token.lot.part);
  return {
    ...lotOf(token),
    ...(isCarved(token, ways) && !token.half ? { carved: true } : {}),
    ...(part?.bone ? { boneIn: true } : {}),
    ...(mayCut && !token.half ? { mayCut } : {}),
  };
}

/** Whether a piece is shared at the table by those who eat of its pack: it is carved, or too large for one plate and without a bone. */
export function isShared(
  token: Token,
  massG: number,
  meanAppetiteG: number,
  ways?: Wrapping['ways'],
): boolean {
  const part = partOf(kindById(token.lot.kind), token.lot.part);
  return isCarved(token, ways) || (!part?.bone && massG > meanAppetiteG * OUT_OF_PLACE.mostPlate);
}
