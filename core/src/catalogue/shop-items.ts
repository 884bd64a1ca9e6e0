import type { Animal } from './kind-schema';
import { KINDS } from './kinds';
import type { Destination } from './destination';

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
  item('chicken-half', 'Half chicken', 'chicken'),
  item('chicken-flattened', 'Chicken, flattened', 'chicken'),
  item('chicken-boneless-whole', 'Whole chicken, boneless', 'chicken'),
  item('chicken-wing', 'Chicken wing', 'chicken'),
  item('chicken-thin', 'Chicken strips for stir-fry', 'chicken'),
  item('chicken-stew', 'Chicken cubes', 'chicken'),
  item('chicken-grind', 'Ground chicken', 'chicken'),
  item('chicken-bones', 'Chicken carcass for stock', 'chicken'),
];

/** The item that a kind of piece is when it is sold whole. */
export function wholePieceItem(kind: string): string {
  return `piece-${kind}`;
}

const PIECE_ITEMS: readonly ShopItem[] = KINDS.map(({ id, name, animal }) => ({ id: wholePieceItem(id), name: `${name}, the piece`, animal, piece: id }));

/** What shops sell: pre-cut items and whole pieces. What nobody sells (membrane, drip) is not here. */
export const SHOP_ITEMS: readonly ShopItem[] = [...PIECE_ITEMS, ...CUT_ITEMS];

const BY_ID = new Map(SHOP_ITEMS.map((entry) => [entry.id, entry]));

/** The shop item with this id, or undefined. */
export function shopItem(id: string): ShopItem | undefined {
  return BY_ID.get(id);
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
