import type { Part } from '../catalogue/kind-schema';
import { failure, success, type Result } from '../units/result';
import { partsNamed, partsSaid, type PartSaid } from './part-said';
import type { Figure, SaidWord } from './said-words';

/** One clause of a line: what it is about, how many packs, and the weights. */
export interface Clause {
  readonly about: PartSaid | null;
  /** How many packs; null where it was not packed. */
  readonly packs: number | null;
  /** How many pieces each, where that was said. */
  readonly pieces: number | null;
  /** What was said of a single weight: that of each, or of all together. */
  readonly shared: 'each' | 'in-all' | null;
  readonly figures: readonly Figure[];
  /** Whether the weights stand behind an "of": "12 steaks of 320 g" may be each or in all. */
  readonly isOf: boolean;
  /** Whether the weight was said before what it is of: "700 g fat, 320 g steak". */
  readonly isWeightFirst: boolean;
}

/** A line in clauses, and the words that mean nothing on this piece. */
export interface Clauses {
  readonly clauses: readonly Clause[];
  readonly unknown: readonly string[];
}

const EMPTY: Clause = {
  about: null,
  packs: null,
  pieces: null,
  shared: null,
  figures: [],
  isOf: false,
  isWeightFirst: false,
};

const FILLER = new Set(
  (
    'a an the of these those with weight weights weighing weighed went goes go to in into at and is are was ' +
    'were for it its that this each all together total altogether came off made i we you got have has had ' +
    'then also plus with about around some more them other another'
  ).split(' '),
);
/** What a word means that nobody knows. */
const NOBODY: PartSaid = { part: '', name: '', destination: 'bin' };
const PIECES = /^(?:pieces?|pcs?)$/;
const PACKS = /^(?:packs?|bags?|packets?|parcels?)$/;
const TIMES = /^(?:x|times)$/;
const IN_ALL = /^(?:together|total|altogether|all)$/;
/** More than this is no number of pieces in a pack. */
const MOST_PIECES = 60;

/**
 * A line in clauses. One ends at a semicolon, at a full stop, and where the next thing is named; a
 * clause of weights alone goes on with the one before it.
 *
 * @param parts those of the way first
 * @param others what comes off when it is cut otherwise
 */
export function clausesOf(
  words: readonly SaidWord[],
  parts: readonly Part[],
  others: readonly Part[] = [],
): Result<Clauses> {
  return new Reading(words, parts, others).read();
}

class Reading {
  private readonly all: Clause[] = [];
  private readonly unknown: string[] = [];
  private now = EMPTY;
  private at = 0;

  constructor(
    private readonly words: readonly SaidWord[],
    private readonly parts: readonly Part[],
    private readonly others: readonly Part[],
  ) {}

  read(): Result<Clauses> {
    for (; this.at < this.words.length; this.at++) {
      const word = this.words[this.at];
      if (word?.is === 'end') this.close();
      if (word?.is === 'figure') this.figure(word);
      const problem = word?.is === 'word' ? this.word(word.text) : null;
      if (problem !== null) return failure(problem);
    }
    this.close();
    return success({
      clauses: this.all.filter(({ about }) => about !== NOBODY),
      unknown: [...new Set(this.unknown)],
    });
  }

  private close(): void {
    const [before, { about, packs, pieces, figures }] = [this.all.at(-1), this.now];
    if (before && about === null && packs === null && pieces === null)
      this.all[this.all.length - 1] = {
        ...before,
        shared: before.shared ?? this.now.shared,
        figures: [...before.figures, ...figures],
      };
    else if (figures.length > 0 || about !== null || packs !== null) this.all.push(this.now);
    this.now = EMPTY;
  }

  /** A weight; or a number of packs, or of pieces, where that follows. */
  private figure(figure: Figure): void {
    const next = this.words[this.at + 1];
    const isCount = figure.unit === null && /^\d+$/.test(figure.text) && next?.is === 'word';
    const count = Number(figure.text);
    if (this.now.isWeightFirst) this.close();
    if (isCount && count <= MOST_PIECES && (PIECES.test(next.text) || this.isOneOf(next.text))) {
      if (this.now.figures.length > 0) this.close();
      this.now = { ...this.now, about: this.now.about ?? this.all.at(-1)?.about ?? null, pieces: count };
      this.at += PIECES.test(next.text) ? 1 : 0;
    } else if (isCount && PACKS.test(next.text)) {
      if (this.now.figures.length > 0 || this.now.packs !== null) this.close();
      this.now = { ...this.now, packs: count };
      this.at += 1;
    } else if (isCount && TIMES.test(next.text)) {
      this.now = { ...this.now, packs: this.now.packs ?? count, shared: 'each' };
      this.at += 1;
    } else if (isCount && count <= MOST_PIECES && this.phrase(this.at + 1).found.length > 0) {
      if (this.now.figures.length > 0) this.close();
      this.now = { ...this.now, pieces: count };
    } else {
      const [before] = this.words.slice(Math.max(0, this.at - 1), this.at);
      const isOf = before?.is === 'word' && before.text === 'of';
      this.now = { ...this.now, figures: [...this.now.figures, figure], isOf: this.now.isOf || isOf };
    }
  }

  /** "One of 340 g": another of what was said before. */
  private isOneOf(next: string): boolean {
    const after = this.words[this.at + 2];
    return next === 'of' && after?.is === 'figure' && after.unit !== null;
  }

  /** A part, or where something goes; and the words that say how a weight is meant. */
  private word(text: string): string | null {
    if (text === 'each') this.now = { ...this.now, shared: 'each' };
    if (IN_ALL.test(text)) this.now = { ...this.now, shared: 'in-all' };
    if (PACKS.test(text)) this.now = { ...this.now, packs: this.now.packs ?? 1 };
    if (FILLER.has(text) || PACKS.test(text)) return null;
    const { found, length } = this.phrase(this.at);
    const [about, other] = found;
    if (!about) {
      this.unknown.push(text);
      // What follows may be its weight, and is nobody else's.
      this.turnTo(NOBODY);
      return null;
    }
    if (other)
      return `Which “${text}” is it: ${found.map(({ name }) => name).join(', or ')}? Write it in full.`;
    this.turnTo(about);
    this.at += length - 1;
    return null;
  }

  /** Goes on with another part: in a clause of its own, but for the first that is named in one. */
  private turnTo(about: PartSaid): void {
    const { figures, packs } = this.now;
    const [before, weight] = [this.words[this.at - 1], this.words[this.at - 2]];
    // "430 g of fat": the weight said just before is that part’s.
    const isOf = before?.is === 'word' && before.text === 'of' && weight?.is === 'figure';
    const isFirst =
      this.now.about === null &&
      (packs === null || figures.length === 0 || (isOf && figures.length <= packs));
    if (!isFirst) {
      const own = isOf ? figures.slice(-1) : [];
      this.now = { ...this.now, figures: figures.slice(0, figures.length - own.length) };
      this.close();
      this.now = { ...this.now, figures: own };
    }
    const isWeightFirst = this.now.figures.length > 0 && this.now.packs === null;
    this.now = { ...this.now, about, isWeightFirst };
  }

  /** The longest phrase from here on that means something on this piece. */
  private phrase(from: number): { readonly found: readonly PartSaid[]; readonly length: number } {
    const texts: string[] = [];
    for (const word of this.words.slice(from)) {
      if (word.is !== 'word' || PACKS.test(word.text) || (FILLER.has(word.text) && texts.length === 0)) break;
      texts.push(word.text);
    }
    for (let length = texts.length; length > 0; length--) {
      const found = partsSaid(this.parts, texts.slice(0, length));
      if (found.length > 0) return { found, length };
    }
    for (let length = texts.length; length > 0; length--) {
      const [part] = partsNamed(this.others, texts.slice(0, length));
      if (part) return { found: [part], length };
    }
    return { found: [], length: 0 };
  }
}
