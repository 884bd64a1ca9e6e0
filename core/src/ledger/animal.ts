import * as z from 'zod';

/** Days in a packer's sealed bag without a use-by; ours, nothing is published. */
export interface SealedDays {
  /** From the purchase: open or freeze it, and the last day. */
  readonly due: number;
  readonly last: number;
  /** From the day on which it was packed: the last day is no later. */
  readonly fromPacking: number;
}

/** What the rooms of the core ask of an animal. */
export interface AnimalFacts {
  readonly isBird: boolean;
  /** As which meat it freezes and thaws, by its name in `cold/meat-properties`. */
  readonly freezesAs: 'lean-beef' | 'pork' | 'lamb' | 'poultry';
  /** How long a whole piece keeps in its packer's sealed bag. Null for birds: no packer's bag keeps them longer. */
  readonly sealed: SealedDays | null;
}

const BEEF_BAG: SealedDays = { due: 10, last: 14, fromPacking: 28 };
const OTHER_BAG: SealedDays = { due: 5, last: 7, fromPacking: 14 };

/** What pieces are of. A new animal is a line here. */
export const ANIMALS = {
  beef: { isBird: false, freezesAs: 'lean-beef', sealed: BEEF_BAG },
  pork: { isBird: false, freezesAs: 'pork', sealed: OTHER_BAG },
  lamb: { isBird: false, freezesAs: 'lamb', sealed: OTHER_BAG },
  chicken: { isBird: true, freezesAs: 'poultry', sealed: null },
  turkey: { isBird: true, freezesAs: 'poultry', sealed: null },
} as const satisfies Readonly<Record<string, AnimalFacts>>;

export type Animal = keyof typeof ANIMALS;
export const ANIMAL_IDS = Object.keys(ANIMALS) as Animal[];
export const animalSchema = z.enum(ANIMAL_IDS);

/** Animals by name, for functions that are given ours by default. */
export type Animals = Readonly<Record<string, AnimalFacts>>;

export function isBird(animal: string | null, animals: Animals = ANIMALS): boolean {
  return animal !== null && (animals[animal]?.isBird ?? false);
}

/** Those whose whole pieces keep in a packer's sealed bag. */
export function sealedAnimals(animals: Animals = ANIMALS): string[] {
  return Object.keys(animals).filter((animal) => animals[animal]?.sealed != null);
}

/** Tells which animal a kind of piece is of; the catalogue's answer, given to whoever reads a journal. */
export type AnimalOf = (kind: string) => Animal | null;
