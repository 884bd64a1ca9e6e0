import * as z from 'zod';
import { destinationSchema } from '../ledger/destination';
import { REST_REASONS } from './rest-for';
import { SECTIONS } from './section';
import { TAIL_RULES } from './wish';

/** A log longer than this is no piece of meat that lies on a board. */
const LONGEST_MM = 1500;
const MOST_STATIONS = 9;
const mm = (what: string) => z.number({ error: `${what} is a number of millimetres` });
const length = (what: string) =>
  mm(what)
    .positive({ error: `${what} is more than zero` })
    .max(LONGEST_MM, { error: `${what} is at most ${LONGEST_MM} mm` });
const size = (what: string) =>
  mm(what)
    .nonnegative({ error: `${what} is not negative` })
    .max(600, { error: `${what} is at most 600 mm` });
const grams = (what: string) =>
  z
    .number({ error: `${what} is a number of grams` })
    .positive({ error: `${what} is more than zero` })
    .max(100_000, { error: `${what} is at most 100 000 g` });
const count = z
  .tuple([z.int().nonnegative(), z.int().nonnegative().max(200)], { error: 'count is [least, most]' })
  .refine(([least, most]) => least <= most, { error: 'the least count is above the most: exchange them' });

const stationSchema = z.strictObject({
  atMm: mm('atMm').nonnegative({ error: 'atMm is not negative' }),
  widthMm: size('widthMm').optional(),
  heightMm: size('heightMm').optional(),
  girthMm: length('girthMm').optional(),
});

const kindSchema = z.strictObject({
  name: z.string({ error: 'a kind has a name' }).min(1, { error: 'a kind has a name' }).max(60),
  lengthMm: length('lengthMm').optional(),
  targetG: grams('targetG').optional(),
  thicknessMm: length('thicknessMm').optional(),
  minThicknessMm: length('minThicknessMm').optional(),
  maxThicknessMm: length('maxThicknessMm').optional(),
  count: count.optional(),
  worthPerKg: z.number().nonnegative().max(1e6).optional(),
  tolerance: z.number().positive().max(1).optional(),
});

const wishSchema = z.discriminatedUnion(
  'by',
  [
    z.strictObject({
      by: z.literal('weight'),
      targetG: grams('targetG'),
      tolerance: z.number().positive().max(1).optional(),
    }),
    z.strictObject({ by: z.literal('thickness'), thicknessMm: length('thicknessMm') }),
    z.strictObject({
      by: z.literal('equal'),
      count: z
        .int({ error: 'count is a whole number' })
        .positive({ error: 'count is at least one' })
        .max(200),
    }),
    z.strictObject({
      by: z.literal('mix'),
      kinds: z
        .array(kindSchema)
        .min(1, { error: 'a mix has one kind at least' })
        .max(8, { error: 'a mix has 8 kinds at most' }),
    }),
  ],
  { error: 'by is weight, thickness, equal or mix' },
);

/** A log and what is wanted of it, as it comes from outside. */
export const slicesRequestSchema = z
  .strictObject({
    lengthMm: length('lengthMm'),
    massG: grams('massG'),
    section: z.enum(SECTIONS, { error: `section is one of ${SECTIONS.join(', ')}` }).default('ellipse'),
    stations: z
      .array(stationSchema, { error: 'stations is a list of places with their sizes' })
      .min(2, { error: 'measure two places at least' })
      .max(MOST_STATIONS, { error: `measure ${MOST_STATIONS} places at most` }),
    from: z.enum(['start', 'end'], { error: 'from is start or end' }).default('start'),
    squareOffMm: mm('squareOffMm').nonnegative({ error: 'squareOffMm is not negative' }).default(0),
    headMm: mm('headMm').nonnegative({ error: 'headMm is not negative' }).optional(),
    stopAtMm: mm('stopAtMm').nullable().default(null),
    minThicknessMm: length('minThicknessMm').default(10),
    maxThicknessMm: length('maxThicknessMm').default(60),
    tail: z.strictObject({ faceMm: length('faceMm'), rule: z.enum(TAIL_RULES) }).optional(),
    pinnedMm: z.array(mm('pinnedMm')).max(200).optional(),
    restFor: z
      .partialRecord(
        z.enum(REST_REASONS, { error: `restFor names ${REST_REASONS.join(', ')}` }),
        destinationSchema,
      )
      .optional(),
    wish: wishSchema,
    /** The last entry of the journal when the log was measured; what came off later is sliced from it. */
    after: z.string().max(40).optional(),
  })
  .superRefine((request, context) => {
    const say = (path: (string | number)[], message: string): void =>
      context.addIssue({ code: 'custom', path, message });
    const { lengthMm, stations } = request;
    for (const [index, { atMm, widthMm, heightMm, girthMm }] of stations.entries()) {
      const before = stations[index - 1];
      const isEnd = index === 0 || index === stations.length - 1;
      if (atMm > lengthMm)
        say(['stations', index, 'atMm'], `${atMm} mm lies beyond the log's ${lengthMm} mm`);
      if (before && atMm <= before.atMm)
        say(['stations', index, 'atMm'], 'stations stand in order, each farther along than the one before');
      if ([widthMm, heightMm, girthMm].filter((each) => each !== undefined).length < 2)
        say(['stations', index], 'give two of widthMm, heightMm and girthMm');
      if (!isEnd && (widthMm === 0 || heightMm === 0))
        say(['stations', index], 'a size of zero is right at an end only');
    }
    if (stations.every(({ widthMm, heightMm }) => widthMm === 0 || heightMm === 0))
      say(['stations'], 'a log has a size somewhere');
    const stop = request.stopAtMm;
    if (stop !== null && (stop < 0 || stop > lengthMm))
      say(['stopAtMm'], `the stop line lies on the log, from 0 to ${lengthMm} mm`);
    if (request.squareOffMm >= lengthMm) say(['squareOffMm'], 'nothing would be left: square off less');
    if (request.squareOffMm + (request.headMm ?? 0) >= lengthMm)
      say(['headMm'], 'nothing would be left to slice: keep a shorter head');
    if (request.minThicknessMm > request.maxThicknessMm)
      say(['minThicknessMm'], 'the least thickness is above the most: exchange them');
    if (request.wish.by !== 'mix') return;
    for (const [index, kind] of request.wish.kinds.entries()) {
      const at = (key: string): (string | number)[] => ['wish', 'kinds', index, key];
      const [min, max] = [
        kind.minThicknessMm ?? request.minThicknessMm,
        kind.maxThicknessMm ?? request.maxThicknessMm,
      ];
      if (kind.lengthMm === undefined && min > max)
        say(
          at('minThicknessMm'),
          'the least thickness is above the most: exchange them, or give this kind limits of its own',
        );
      if (kind.lengthMm === undefined && kind.targetG === undefined && kind.thicknessMm === undefined)
        say(at('targetG'), 'give a lengthMm, a targetG or a thicknessMm');
      if (request.wish.kinds.findIndex(({ name }) => name === kind.name) < index)
        say(at('name'), `there are two kinds called “${kind.name}”`);
    }
  });

export type SlicesRequest = z.output<typeof slicesRequestSchema>;
