import { sum } from 'd3-array';
import type { Place } from './place';

/** Where packs lie: a drawer, a shelf, or an appliance that has none. */
export interface Shelf {
  readonly id: string;
  readonly name: string;
  /** Null where nobody has said. */
  readonly litres: number | null;
}

/** A freezer or a refrigerator with its drawers; without any, it is its own only shelf. */
export interface Appliance {
  readonly id: string;
  readonly name: string;
  readonly cold: Place['cold'];
  readonly litres: number | null;
  /** Some of its drawers are of unknown size: it has more than these litres. */
  readonly atLeast: boolean;
  readonly airC: number;
  /** How its air takes heat off a pack, W/(m²·K). */
  readonly h: number;
  readonly frostFree: boolean;
  readonly shelves: readonly Shelf[];
}

/** What is usual where nobody has said: −18 °C and 4 °C (USDA FSIS: 0 °F and 40 °F, from memory). */
export const USUAL_AIR_C = { freezer: -18, refrigerator: 4 } as const;
/** Still freezer air 6 to 10, moved by a fan 15 to 25 W/(m²·K). ASHRAE Handbook, Refrigeration (from memory). */
const STILL_AIR = 8;
const MOVED_AIR = 20;

/** Warmer than this some meat does not freeze: a bird's begins at −2.8 °C. ASHRAE Handbook, Refrigeration (from memory). */
const FREEZES_BELOW_C = -2.8;

/** Whether meat freezes in its air. */
export function freezes({ airC }: Pick<Appliance, 'airC'>): boolean {
  return airC < FREEZES_BELOW_C;
}

/** What has no order of its own comes last, by name: “drawer 2” before “drawer 10”. */
const LAST = 1e6;
const byName = new Intl.Collator('en', { numeric: true });

/**
 * The household's freezers and refrigerators, each with its drawers, in their order from the top.
 * A drawer of something that is not there stands alone.
 *
 * @param places by id
 * @example coldPlaces(new Map([['f', { name: 'Chest', cold: 'freezer', litres: 200 }]]))[0].shelves[0].litres // 200
 */
export function coldPlaces(places: ReadonlyMap<string, Place>): Appliance[] {
  const within = (place: Place): string | undefined =>
    place.within !== undefined && places.get(place.within)?.within === undefined && places.has(place.within)
      ? place.within
      : undefined;
  const all = [...places].sort(
    ([, a], [, b]) => (a.order ?? LAST) - (b.order ?? LAST) || byName.compare(a.name, b.name),
  );
  return all
    .filter(([, place]) => within(place) === undefined)
    .map(([id, place]) =>
      applianceOf(
        id,
        place,
        all.filter(([, other]) => within(other) === id),
      ),
    );
}

function applianceOf(id: string, place: Place, drawers: readonly (readonly [string, Place])[]): Appliance {
  const litres = place.litres ?? sumKnown(drawers.map(([, drawer]) => drawer.litres));
  const atLeast = place.litres === undefined && drawers.some(([, drawer]) => drawer.litres === undefined);
  const shelves = drawers.length === 0 ? [{ id, name: place.name, litres }] : withShares(litres, drawers);
  const frostFree = place.frostFree ?? false;
  return {
    id,
    name: place.name,
    cold: place.cold,
    litres,
    atLeast: atLeast && litres !== null,
    airC: place.airC ?? USUAL_AIR_C[place.cold],
    h: frostFree ? MOVED_AIR : STILL_AIR,
    frostFree,
    shelves,
  };
}

/** Drawers of which nobody said how large they are share what the others leave. */
function withShares(litres: number | null, drawers: readonly (readonly [string, Place])[]): Shelf[] {
  const unknown = drawers.filter(([, { litres: own }]) => own === undefined).length;
  const restL = litres === null ? null : Math.max(0, litres - sum(drawers, ([, { litres: own = 0 }]) => own));
  const shareL = restL === null || restL === 0 ? null : restL / unknown;
  return drawers.map(([id, { name, litres: own }]) => ({ id, name, litres: own ?? shareL }));
}

/** What is known of several; null where nothing is. */
function sumKnown(values: readonly (number | undefined)[]): number | null {
  return values.every((value) => value === undefined) ? null : sum(values, (value) => value ?? 0);
}

/** The appliance that a place is, or is a drawer of. */
export function applianceAt(appliances: readonly Appliance[], place: string | null): Appliance | undefined {
  return appliances.find(({ id, shelves }) => id === place || shelves.some((shelf) => shelf.id === place));
}

/** A household's litres of freezer, as far as they are known; null where no freezer says its own. */
export function freezerLitres(
  appliances: readonly Appliance[],
): { readonly litres: number; readonly atLeast: boolean } | null {
  const freezers = appliances.filter(({ cold }) => cold === 'freezer');
  const known = freezers.filter(({ litres }) => litres !== null);
  if (known.length === 0) return null;
  const atLeast = known.length < freezers.length || known.some((each) => each.atLeast);
  return { litres: sum(known, ({ litres }) => litres ?? 0), atLeast };
}

/** Whether a pack lies in a place of which nobody has said how large it is. */
export function isInUnknown(appliances: readonly Appliance[], place: string | null): boolean {
  const appliance = applianceAt(appliances, place);
  if (!appliance) return false;
  if (appliance.litres === null) return true;
  return appliance.atLeast && appliance.shelves.some(({ id, litres }) => id === place && litres === null);
}

/** Sizes that a household's freezer or refrigerator has; others are asked about. */
const USUAL_LITRES = [10, 800] as const;

/** What to ask about a volume before it is written down; null where it is usual. */
export function volumeQuestion(
  litres: number,
  words: (litres: number) => string = (each) => `${each} L`,
): string | null {
  if (litres < USUAL_LITRES[0])
    return `${words(litres)} holds a pack or two. Is the unit right, and is it of the whole?`;
  return litres > USUAL_LITRES[1]
    ? `${words(litres)} is a cold room rather than a household’s freezer. Is the unit right?`
    : null;
}
