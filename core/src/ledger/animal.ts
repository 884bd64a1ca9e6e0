import * as z from 'zod';

/** What the rooms of the core ask of an animal. */
export interface AnimalFacts {
  readonly isBird: boolean;
  /** As which meat it freezes and thaws, by its name in `freeze/meat-properties`. */
  readonly freezesAs: 'lean-beef' | 'pork' | 'lamb' | 'poultry';
  /** Days that a whole piece may wait in its packer's sealed bag without a date; ours, nothing is published. Null for birds: no packer's bag keeps them longer. */
  readonly sealedDays: number | null;
}

/** What pieces are of. A new animal is a line here. */
export const ANIMALS = {
  beef: { isBird: false, freezesAs: 'lean-beef', sealedDays: 14 },
  pork: { isBird: false, freezesAs: 'pork', sealedDays: 7 },
  lamb: { isBird: false, freezesAs: 'lamb', sealedDays: 14 },
  chicken: { isBird: true, freezesAs: 'poultry', sealedDays: null },
  turkey: { isBird: true, freezesAs: 'poultry', sealedDays: null },
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
  return Object.keys(animals).filter((animal) => animals[animal]?.sealedDays != null);
}

/** Tells which animal a kind of piece is of; the catalogue's answer, given to whoever reads a journal. */
export type AnimalOf = (kind: string) => Animal | null;
