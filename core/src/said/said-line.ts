import { massAsTyped } from '../format/typed-mass';
import { sum } from 'd3-array';
import type { Part } from '../catalogue/kind-schema';
import type { Format } from '../format/format';
import type { MassDg } from '../units/mass';
import { failure, success, type Result } from '../units/result';
import { figuresFor } from './number-words';
import { clausesOf, type Clause } from './clauses';
import type { PartSaid } from './part-said';
import { saidWords } from './said-words';

/** A pack, or what was not packed, as a line says it. */
export interface SaidItem extends PartSaid {
  readonly massDg: MassDg;
  /** How many pieces are in it; null where nobody says. */
  readonly count: number | null;
}

/** What came of a piece, said in a line. */
export interface SaidLine {
  readonly packs: readonly SaidItem[];
  /** Weighed, and not packed. */
  readonly others: readonly SaidItem[];
  /** What ran out of the bag; null where nobody says. */
  readonly liquidDg: MassDg | null;
  /** Words that mean nothing on this piece; while there are any it is not all that was said. */
  readonly unknown: readonly string[];
}

/** What reads a line: the piece's parts, and how the household writes. */
export interface LineReader {
  /** Those of its way first; the first one of most weight is meant where none is named. */
  readonly parts: readonly Part[];
  /** The kind's others, which come off when it is cut otherwise. */
  readonly others?: readonly Part[];
  /** What is packed where nobody says. */
  readonly usual: Pick<Part, 'id' | 'name' | 'destination'>;
  readonly format: Pick<Format, 'style' | 'priceUnit' | 'smallUnit' | 'labelStyle'>;
}

/**
 * Reads the shortest record of a piece: how many packs, their weights, and what went elsewhere.
 *
 * @returns what it says; or what is not clear, and how to say it
 * @example readSaidLine('8 packs of steaks 320, 340, 355, 310, 330, 345, 350, 325 g; bin 430 g', reader)
 */
export function readSaidLine(text: string, reader: LineReader): Result<SaidLine> {
  const clauses = clausesOf(
    saidWords(figuresFor(text), reader.format.labelStyle().decimal),
    reader.parts,
    reader.others,
  );
  if (!clauses.ok) return clauses;
  const items: SaidItem[][] = [[], []];
  let liquidDg: MassDg | null = null;
  const { unknown } = clauses.value;
  for (const clause of clauses.value.clauses) {
    // Beside a word that nobody knows: its weight may be that one's.
    if (unknown.length > 0 && clause.figures.length === 0) continue;
    const masses = massesOf(clause, reader);
    if (!masses.ok) return masses;
    const about = clause.about ?? said(reader.usual);
    if (about.destination === 'liquid') {
      liquidDg = (liquidDg ?? 0) + sum(masses.value);
      continue;
    }
    const own = masses.value.map((massDg) => ({ ...about, massDg, count: clause.pieces }));
    items[clause.packs === null ? 1 : 0]?.push(...own);
  }
  const [packs = [], others = []] = items;
  if (packs.length + others.length === 0 && unknown.length === 0)
    return failure('Say how many packs and what each weighs, like “3 packs 320, 340, 310; bin 430”.');
  return success({ packs, others, liquidDg, unknown });
}

/**
 * A line as one may be written, to show how: it reads like any other.
 *
 * @param packsDg what each pack of it weighs
 * @example exampleLine([3200, 3400], 4300, format) // '2 packs 320 g and 340 g; bin 430 g'
 */
export function exampleLine(packsDg: readonly MassDg[], binDg: MassDg, format: Pick<Format, 'mass'>): string {
  const packs = new Intl.ListFormat('en-GB').format(packsDg.map((massDg) => format.mass(massDg)));
  return `${packsDg.length} packs ${packs}; bin ${format.mass(binDg)}`;
}

const said = ({ id, name, destination }: LineReader['usual']): PartSaid => ({ part: id, name, destination });

/** The weights of a clause: as many as packs were said. */
function massesOf(clause: Clause, reader: LineReader): Result<MassDg[]> {
  const { figures, packs, shared } = clause;
  const what = clause.about?.name ?? reader.usual.name;
  const masses = figures.map((figure, at) => massOf(figure, unitFor(figures, at), reader));
  const unread = masses.findIndex((mass) => mass === null);
  if (unread >= 0) return failure(`“${figures[unread]?.text}” is not a weight.`);
  const all = masses as MassDg[];
  if (all.length === 0) return failure(`What do the ${what.toLowerCase()} weigh? No weight was said.`);
  if (all.some((mass) => mass <= 0)) return failure('A weight is more than zero.');
  const [one = 0] = all;
  const { pieces } = clause;
  if (packs === null && pieces !== null && pieces > 1 && all.length === 1) {
    if (shared === 'each') return success([one * pieces]);
    if (shared === null && clause.isOf)
      return failure(
        `Is that the weight of each of the ${pieces} ${what.toLowerCase()}, or in all? Say “each” or “in all”.`,
      );
  }
  if (packs === null || packs === all.length) return success(all);
  if (all.length === 1 && shared === 'each') return success(Array.from({ length: packs }, () => one));
  if (all.length === 1 && shared === 'in-all') return success(evenly(one, packs));
  if (all.length === 1)
    return failure(`Is that the weight of each of the ${packs} packs, or in all? Say “each” or “in all”.`);
  return failure(`${packs} packs were said, and ${all.length} weights. Say a weight for each.`);
}

/** Split as evenly as it goes. */
const evenly = (massDg: MassDg, packs: number): MassDg[] =>
  Array.from(
    { length: packs },
    (_, n) => Math.round(((n + 1) * massDg) / packs) - Math.round((n * massDg) / packs),
  );

/** A figure without a unit has that of the next which has one, else of the last before it. */
function unitFor(figures: Clause['figures'], at: number): string | null {
  const after = figures.slice(at).find(({ unit }) => unit !== null);
  return (after ?? figures.slice(0, at).findLast(({ unit }) => unit !== null))?.unit ?? null;
}

/** Less than this without a unit is in the large one: nobody packs ten grams. */
const LARGE_BELOW = { g: 12, oz: 0 } as const;

function massOf(
  { text, unit }: Clause['figures'][number],
  asNext: string | null,
  { format }: LineReader,
): MassDg | null {
  if (unit !== null) return massAsTyped(text, 'small', format)?.massDg ?? null;
  if (asNext !== null) return massAsTyped(`${text} ${asNext}`, 'small', format)?.massDg ?? null;
  const isLarge = text.includes('/') || Number(text.replace(',', '.')) < LARGE_BELOW[format.smallUnit()];
  return massAsTyped(text, isLarge ? 'large' : 'small', format)?.massDg ?? null;
}
