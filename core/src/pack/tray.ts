import * as z from 'zod';

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
});

export type Tray = Readonly<z.infer<typeof traySchema>>;

/** What a tray is before anything is in it. */
export type TrayStyle = Pick<Tray, 'wrap'>;

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
}: Tray): boolean {
  const isEmpty = tokens.length === 0 && Object.keys(heaps).length === 0;
  return (
    isLocked ||
    (isEmpty && (name !== null || plates !== null || thicknessMm !== null || tareDg > 0 || singly))
  );
}
