import * as z from 'zod';
import type { Entry } from '../ledger/entry';
import { idSchema } from '../ledger/id';
import { compareText } from '../ledger/stamp';
import type { HouseholdRecord } from './record';

/** As many households as ever come together; a file with more is none. */
const MOST_JOINED = 1000;

/** Which household this is: the same on all its devices. */
export const identitySchema = z.strictObject({
  id: idSchema,
  /** When it began. */
  began: z.iso.datetime({ precision: 3 }),
  /** Other households that have come into this one. */
  joined: z.array(idSchema).max(MOST_JOINED),
});

export type Identity = z.infer<typeof identitySchema>;

/**
 * The identity of a household from before households had one: by its earliest entry, or else its
 * earliest record. All devices that have exchanged files find the same.
 *
 * @param entries in the journal's order
 */
export function identityFrom(entries: readonly Entry[], records: Iterable<HouseholdRecord>): Identity | null {
  const [first] = entries;
  if (first) return { id: first.id, began: first.at, joined: [] };
  const stamps = [...records].map(({ stamp }) => stamp);
  const [earliest] = stamps.sort((a, b) => compareText(a.at, b.at) || compareText(a.device, b.device));
  return earliest ? { id: earliest.device, began: earliest.at, joined: [] } : null;
}

/** Who two are from now on: the older, which remembers what came into it, unless they were one before. */
export function joinedIdentity(
  older: Identity | null,
  younger: Identity | null,
  isOne: boolean,
): Identity | null {
  if (!older || !younger) return older ?? younger;
  const all = new Set([...older.joined, ...younger.joined, ...(isOne ? [] : [younger.id])]);
  all.delete(older.id);
  return { ...older, joined: [...all].sort().slice(0, MOST_JOINED) };
}
