import type { Kind } from './kind-schema';
import type { Animal } from '../ledger/animal';
import { KINDS, kindById } from './kinds';
import { OWN } from './own-kinds';
import type { Destination } from '../ledger/destination';

/** Something a shop sells: ready cut, which a part can be compared with, or a piece whole. */
export interface ShopItem {
  readonly id: string;
  readonly name: string;
  readonly animal: Animal;
  /** The kind of piece, where the item is that piece whole. */
  readonly piece?: string;
}

const item = (id: string, name: string, animal: Animal): ShopItem => ({ id, name, animal });

const CUT_ITEMS: readonly ShopItem[] = [
  item('strip-steak', 'Strip steak', 'beef'),
  item('fillet-steak', 'Trimmed fillet steak', 'beef'),
  item('strip-roast', 'Strip loin roast', 'beef'),
  item('fillet-roast', 'Fillet roast, trimmed', 'beef'),
  item('ribeye-steak', 'Ribeye steak', 'beef'),
  item('ribeye-roast', 'Ribeye roast', 'beef'),
  item('rib-steak-bone-in', 'Rib steak, bone-in', 'beef'),
  item('rib-roast-bone-in', 'Rib roast, bone-in', 'beef'),
  item('beef-back-ribs', 'Beef back ribs', 'beef'),
  item('top-round-steak', 'Top round steak', 'beef'),
  item('top-round-roast', 'Top round roast', 'beef'),
  item('eye-round-steak', 'Eye of round steak', 'beef'),
  item('eye-round-roast', 'Eye of round roast', 'beef'),
  item('beef-lesser-steak', 'Beef steak, lesser cuts', 'beef'),
  item('beef-thin', 'Beef strips for stir-fry', 'beef'),
  item('beef-stew', 'Beef for stew', 'beef'),
  item('beef-grind', 'Ground beef', 'beef'),
  item('beef-bones', 'Beef bones and trimmings for stock', 'beef'),
  item('beef-fat', 'Beef fat', 'beef'),
  item('chicken-breast-bone-in', 'Chicken breast, bone-in, skin on', 'chicken'),
  item('chicken-breast-boneless', 'Chicken breast, boneless, skinless', 'chicken'),
  item('chicken-breast-wing-bone', 'Chicken breast with the first wing bone', 'chicken'),
  item('chicken-thigh-bone-in', 'Chicken thigh, bone-in', 'chicken'),
  item('chicken-drumstick', 'Chicken drumstick', 'chicken'),
  item('chicken-leg-quarter', 'Chicken leg quarter', 'chicken'),
  item('chicken-breast-quarter', 'Chicken breast quarter', 'chicken'),
  item('chicken-half', 'Half chicken, with its back', 'chicken'),
  item('chicken-flattened', 'Chicken, flattened', 'chicken'),
  item('chicken-boneless-whole', 'Whole chicken, boneless', 'chicken'),
  item('chicken-wing', 'Chicken wing', 'chicken'),
  item('chicken-thin', 'Chicken strips for stir-fry', 'chicken'),
  item('chicken-stew', 'Chicken cubes', 'chicken'),
  item('chicken-grind', 'Ground chicken', 'chicken'),
  item('chicken-bones', 'Chicken carcass for stock', 'chicken'),
  item('turkey-breast-boneless', 'Turkey breast, boneless, skin on', 'turkey'),
  item('turkey-breast-bone-in', 'Turkey breast, bone-in', 'turkey'),
  item('turkey-thigh', 'Turkey thigh, bone-in', 'turkey'),
  item('turkey-drumstick', 'Turkey drumstick', 'turkey'),
  item('turkey-wing', 'Turkey wing', 'turkey'),
  item('turkey-thin', 'Turkey strips for stir-fry', 'turkey'),
  item('turkey-stew', 'Turkey cubes', 'turkey'),
  item('turkey-grind', 'Ground turkey', 'turkey'),
  item('turkey-bones', 'Turkey carcass for stock', 'turkey'),
  item('pork-chop-boneless', 'Pork loin chop, boneless', 'pork'),
  item('pork-chop-bone-in', 'Pork chop, bone-in', 'pork'),
  item('pork-loin-roast', 'Pork loin roast, boneless', 'pork'),
  item('pork-shoulder-roast', 'Pork shoulder roast, boneless', 'pork'),
  item('pork-shoulder-steak', 'Pork shoulder steak', 'pork'),
  item('pork-country-strips', 'Country-style pork strips', 'pork'),
  item('pork-ribs-squared', 'Spare ribs, squared', 'pork'),
  item('pork-ribs-untrimmed', 'Spare ribs, untrimmed', 'pork'),
  item('pork-rib-tips', 'Rib tips', 'pork'),
  item('pork-thin', 'Pork strips for stir-fry', 'pork'),
  item('pork-stew', 'Pork for stew', 'pork'),
  item('pork-grind', 'Ground pork', 'pork'),
  item('pork-bones', 'Pork bones for stock', 'pork'),
  item('pork-fat', 'Pork fat', 'pork'),
  item('lamb-leg-boneless', 'Lamb leg, boneless', 'lamb'),
  item('lamb-leg-bone-in', 'Lamb leg, bone-in', 'lamb'),
  item('lamb-shank', 'Lamb shank', 'lamb'),
  item('lamb-rib-chop', 'Lamb rib chop', 'lamb'),
  item('lamb-rack-roast', 'Rack of lamb, trimmed', 'lamb'),
  item('lamb-thin', 'Lamb strips for stir-fry', 'lamb'),
  item('lamb-stew', 'Lamb for stew', 'lamb'),
  item('lamb-grind', 'Ground lamb', 'lamb'),
  item('lamb-bones', 'Lamb bones for stock', 'lamb'),
];

/** The item that a kind of piece is when it is sold whole. */
export function wholePieceItem(kind: string): string {
  return `piece-${kind}`;
}

/** A kind of piece as a shop sells it. */
export function pieceItem({ id, name, animal }: Pick<Kind, 'id' | 'name' | 'animal'>): ShopItem {
  return { id: wholePieceItem(id), name: `${name}, the piece`, animal, piece: id };
}

const PIECE_ITEMS: readonly ShopItem[] = KINDS.map(pieceItem);

/** What shops sell: pre-cut items and whole pieces. What nobody sells (membrane, drip) is not here. */
export const SHOP_ITEMS: readonly ShopItem[] = [...PIECE_ITEMS, ...CUT_ITEMS];

const BY_ID = new Map(SHOP_ITEMS.map((entry) => [entry.id, entry]));

/** The shop item with this id, or undefined. */
export function shopItem(id: string): ShopItem | undefined {
  return BY_ID.get(id) ?? ownPiece(id);
}

/** A household's own kind, whole. */
function ownPiece(id: string): ShopItem | undefined {
  const kind = id.startsWith(wholePieceItem(OWN)) ? kindById(id.slice(wholePieceItem('').length)) : undefined;
  return kind && pieceItem(kind);
}

const SUFFIX: Partial<Record<Destination, string>> = {
  thin: 'thin',
  stew: 'stew',
  grind: 'grind',
  stock: 'bones',
  render: 'fat',
};

/**
 * The shop item that meat of an animal compares with once it goes to a destination of no
 * particular cut: grind is ground meat, whatever it was cut from.
 *
 * @returns undefined where the shop sells no such thing, or the destination keeps the cut's own
 */
export function itemForDestination(animal: Animal, destination: Destination): ShopItem | undefined {
  const suffix = SUFFIX[destination];
  return suffix ? BY_ID.get(`${animal}-${suffix}`) : undefined;
}
