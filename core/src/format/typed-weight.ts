import { massAsTyped } from './typed-mass';
import { meantWeight, type Meant, type WeightAsked } from '../board/meant-weight';
import type { TypedMass } from '../units/parse-mass';
import { failure, success, type Result } from '../units/result';
import type { Format } from './format';

/** An answer to a weight in doubt: what a press on it types. */
export interface WeightAnswer {
  readonly word: string;
  readonly text: string;
  /** How many of them it is, where that is what was meant. */
  readonly count?: number;
  /** It is as it was typed. */
  readonly isSure?: true;
}

/** A weight that counts, or what is wrong with it, with what was probably meant. */
export type TypedWeight = Result<TypedMass> & { readonly answers?: readonly WeightAnswer[] };

/**
 * Reads a weight typed at the board: {@link meantWeight} in words.
 *
 * @param isSure somebody has said that it is as it was typed
 * @returns null while nothing is typed
 */
export function typedWeight(
  text: string,
  asked: WeightAsked | null,
  format: Format,
  isSure = false,
): TypedWeight | null {
  if (text.trim() === '') return null;
  const assumed = asked?.isDrained ? 'large' : 'small';
  const mass = massAsTyped(text, assumed, format);
  if (mass === null)
    return failure(
      `That is not a weight. Write it like 372 ${format.smallUnit()} or 1.2 ${format.priceUnit()}.`,
    );
  if (mass.massDg <= 0) return failure('A weight is more than zero.');
  const read = asked && !isSure ? meantWeight(text, asked, format.style()) : null;
  if (!asked || read === null) return success(mass);
  if (read.is === 'weight') return success(read.mass);
  const answers = read.meant.map((each) => answerOf(each, asked));
  const own = read.asTyped && {
    word: ownWord(read.asTyped, asked),
    text: text.trim(),
    isSure: true as const,
  };
  return {
    ...failure(doubtOf(read.asTyped ?? mass, answers, asked, format)),
    answers: own ? [...answers, own] : answers,
  };
}

function answerOf({ text, count }: Meant, { portion }: WeightAsked): WeightAnswer {
  return count === undefined || !portion
    ? { word: text, text }
    : { word: `${count} ${portion.several}, ${text}`, text, count };
}

const ownWord = ({ typed }: TypedMass, { portion, count }: WeightAsked): string =>
  portion && count === 1 ? `one piece of ${typed}` : typed;

function doubtOf(
  { typed }: TypedMass,
  answers: readonly WeightAnswer[],
  { inDg, isDrained, usual, portion, count }: WeightAsked,
  format: Format,
): string {
  if (isDrained) return `${typed}? It was ${format.mass(inDg)} before.`;
  if (portion)
    return `${typed} for ${count === 1 ? 'one' : count} ${count === 1 ? portion.name : portion.several}? About ${format.mass(Math.round(portion.massDg * count))} is likely.`;
  return usual
    ? `${typed}? Usually ${format.roughSpan(...usual)} in all.`
    : `${answers.map(({ word }) => word).join(' or ')}?`;
}
