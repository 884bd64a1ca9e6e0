/** How many of each variable of a model of packs. */
export type Chosen = ReadonlyMap<number, number>;
