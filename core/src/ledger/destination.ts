import * as z from 'zod';

/** Where mass goes. Every weighing has exactly one (common practice). */
export const DESTINATIONS = {
  main: { name: 'main', meaning: 'steaks, chops, roasts, breasts: the reason to buy', role: 'usable' },
  second: { name: 'second', meaning: 'good smaller cuts: tail, head, wings, shanks', role: 'usable' },
  thin: { name: 'thin', meaning: 'stir-fry, jerky, minute steaks', role: 'usable' },
  stew: { name: 'stew', meaning: 'cubes for slow cooking', role: 'usable' },
  grind: { name: 'grind', meaning: 'for the grinder', role: 'usable' },
  stock: { name: 'stock', meaning: 'bones, carcass, backs, clean trimmings', role: 'by-product' },
  render: { name: 'render', meaning: 'clean fat', role: 'by-product' },
  liquid: { name: 'liquid', meaning: 'what ran out of the bag', role: 'loss' },
  bin: { name: 'bin', meaning: 'silver skin, glands, membrane, cartilage', role: 'loss' },
} as const;

export type Destination = keyof typeof DESTINATIONS;
export const DESTINATION_IDS = Object.keys(DESTINATIONS) as Destination[];
export const destinationSchema = z.enum(DESTINATION_IDS as [Destination, ...Destination[]]);

/** Whether mass with this destination is meat to cook, as opposed to by-product or loss. */
export function isUsable(destination: Destination): boolean {
  return DESTINATIONS[destination].role === 'usable';
}
