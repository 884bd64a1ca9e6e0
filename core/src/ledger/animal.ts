import * as z from 'zod';

/** What a piece is of. */
export const animalSchema = z.enum(['beef', 'pork', 'lamb', 'chicken', 'turkey']);
export type Animal = z.infer<typeof animalSchema>;

/** Tells which animal a kind of piece is of; the catalogue's answer, given to whoever reads a journal. */
export type AnimalOf = (kind: string) => Animal | null;
