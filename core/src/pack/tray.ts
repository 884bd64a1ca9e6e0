import * as z from 'zod';
import type { Wrapping } from './wrapping';

const text = z.string().max(200);

/** A pack that is being put together on the table. */
export const traySchema = z.strictObject({
  id: text,
  /** Written on it; null until someone has written something else than what is in it. */
  name: text.nullable(),
  /** The kind of pack that was wanted. */
  wanted: text.nullable(),
  eaters: z.array(text).readonly(),
  /** Plates in it, where that is not as many as eat of it. */
  plates: z.int().positive().nullable(),
  /** Ids of the portions in it. */
  tokens: z.array(text).readonly(),
  /** How much of each heap, by id. */
  heaps: z.record(text, z.int().nonnegative()).readonly(),
  /** Stays as it is when the rest is planned again. */
  isLocked: z.boolean(),
  wrap: text,
  thicknessMm: z.number().positive().nullable(),
  tareDg: z.int().nonnegative(),
  singly: z.boolean(),
  /** Kept in the freezer until it makes a dinner. */
  isCollecting: z.boolean(),
  /** What the pack is kept for: then no plan takes it, on the table or in the freezer. */
  keptFor: text.nullable().default(null),
});

export type Tray = Readonly<z.infer<typeof traySchema>>;

/** How a household wraps, as far as a tray shows it. */
export type TrayStyle = Pick<Wrapping, 'wrap' | 'singly' | 'flatMm'>;

export function emptyTray(id: string, { wrap }: TrayStyle): Tray {
  return {
    id,
    name: null,
    wanted: null,
    eaters: [],
    plates: null,
    tokens: [],
    heaps: {},
    isLocked: false,
    wrap,
    thicknessMm: null,
    tareDg: 0,
    singly: false,
    isCollecting: false,
    keptFor: null,
  };
}

/** Whether somebody has said something of it, though nothing is in it yet: then it stays when the rest is planned. */
export function isSpokenFor({
  tokens,
  heaps,
  name,
  plates,
  thicknessMm,
  tareDg,
  singly,
  isLocked,
  keptFor,
}: Tray): boolean {
  const isEmpty = tokens.length === 0 && Object.keys(heaps).length === 0;
  return (
    isLocked ||
    keptFor !== null ||
    (isEmpty && (name !== null || plates !== null || thicknessMm !== null || tareDg > 0 || singly))
  );
}
