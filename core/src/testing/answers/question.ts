import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';

/** What is asked of something outside, a solver or a trial of everything: inputs from seeds, an answer each. */
export interface Question<Input> {
  readonly name: string;
  readonly solver: string;
  readonly version: string;
  /** All inputs, made anew each time from their seeds. */
  readonly inputs: () => readonly Input[];
  readonly solve: (input: Input) => Promise<number>;
}

/** The answers as they are stored: nothing writes them but `npm run answers -- --write`. */
export interface Stored {
  readonly solver: string;
  readonly version: string;
  readonly command: string;
  readonly answers: Readonly<Record<string, number>>;
}

/** What an input is known by. No finer than nine digits, in which every machine agrees. */
export const hashOf = (input: unknown): string =>
  createHash('sha256')
    .update(
      JSON.stringify(input, (_key, value: unknown) =>
        typeof value === 'number' ? Number(value.toPrecision(9)) : value,
      ),
    )
    .digest('hex')
    .slice(0, 16);

export const fileOf = (name: string): string => join('core/src/testing/answers', `${name}.json`);

export const storedAnswers = ({ name }: Pick<Question<never>, 'name'>): Stored =>
  JSON.parse(readFileSync(fileOf(name), 'utf8')) as Stored;

/**
 * The stored answer to an input.
 *
 * @throws Error where none is stored: the input is another than it was, and has to be solved again
 */
export function answerTo({ answers }: Stored, input: unknown): number {
  const answer = answers[hashOf(input)];
  if (answer === undefined)
    throw new Error('No answer to this input is stored: it has changed. See `npm run answers`.');
  return answer;
}

/** An answer that is stored, and what comes out when it is asked anew. */
export interface Compared {
  readonly hash: string;
  readonly stored: number | undefined;
  readonly anew: number;
}

/** Asks some inputs anew. */
export function askAnew<Input>(
  { solve }: Question<Input>,
  { answers }: Pick<Stored, 'answers'>,
  inputs: readonly Input[],
): Promise<Compared[]> {
  return Promise.all(
    inputs.map(async (input) => {
      const hash = hashOf(input);
      return { hash, stored: answers[hash], anew: await solve(input) };
    }),
  );
}

/** How far apart two answers are the same, of what they are. */
const SAME = 1e-6;

/** Those that came out otherwise. */
export const differing = (all: readonly Compared[]): Compared[] =>
  all.filter(
    ({ stored, anew }) =>
      stored === undefined || Math.abs(stored - anew) > SAME * Math.max(1, Math.abs(anew)),
  );

/** Three of many, others with each commit. */
export function threeOf<T>(all: readonly T[], commit: string): T[] {
  const from = parseInt(hashOf(commit).slice(0, 8), 16);
  return [0, 1, 2].map((k) => all[(from + k * Math.ceil(all.length / 3)) % all.length] as T);
}
