import { group } from 'd3-array';
import type { Kind, Way } from './kind-schema';

/** A way to cut with the choices inside it. */
export interface Family {
  readonly name: string;
  readonly ways: readonly Way[];
  /** The questions on which the ways of the family differ, each with its answers. */
  readonly choices: readonly { readonly question: string; readonly answers: readonly string[] }[];
}

/**
 * The ways of a kind, those of one family together, in the order of the catalogue.
 *
 * @example strip loin: "Steaks" with the choice of when to trim; then the ways without a choice
 */
export function waysByFamily(kind: Pick<Kind, 'ways'>): Family[] {
  const groups = group(kind.ways, (way) => way.family ?? way.name);
  return [...groups].map(([name, ways]) => ({ name, ways, choices: choicesOf(ways) }));
}

function choicesOf(ways: readonly Way[]): Family['choices'] {
  const questions = [...new Set(ways.flatMap(({ schools }) => Object.keys(schools ?? {})))];
  return questions.map((question) => ({
    question,
    answers: [...new Set(ways.flatMap(({ schools }) => schools?.[question] ?? []))],
  }));
}

/** The way of the family that answers one question otherwise and the rest alike. */
export function otherSchool(family: Family, way: Way, question: string, answer: string): Way {
  const wanted = { ...way.schools, [question]: answer };
  return (
    family.ways.find(({ schools }) =>
      Object.entries(wanted).every(([each, its]) => schools?.[each] === its),
    ) ?? way
  );
}
