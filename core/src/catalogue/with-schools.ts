import type { Way } from './kind-schema';

/** One side of a choice inside a way. */
export interface School {
  /** Ends the id of the ways that take it; the first of a choice adds nothing to it. */
  readonly id: string;
  readonly name: string;
  /** Acts put in the place of the way's own act of this id. */
  readonly steps?: Readonly<Record<string, readonly string[]>>;
  /** Shares moved: added to the way's own. They sum to zero with the change of loss. */
  readonly moves?: Readonly<Record<string, number>>;
  /** How many of a part one piece gives, where this school decides it. */
  readonly perPiece?: Readonly<Record<string, number>>;
}

/** A question on which practitioners disagree, with its answers. */
export interface SchoolChoice {
  readonly question: string;
  readonly schools: readonly School[];
}

/**
 * Every combination of the choices inside a way, as ways of one family. A way that moves shares
 * away from what is common practice is an estimate.
 *
 * @example 3 ways with bones × 2 ways to tie: six ways, the first with the id of the base
 */
export function withSchools(base: Way, choices: readonly SchoolChoice[]): Way[] {
  return choices.reduce<Way[]>(
    (ways, choice) =>
      ways.flatMap((way) =>
        choice.schools.map((school, index) => taking(way, choice.question, school, index === 0)),
      ),
    [{ ...base, family: base.name, schools: {} }],
  );
}

function taking(
  way: Way,
  question: string,
  { id, name, steps = {}, moves, perPiece }: School,
  isFirst: boolean,
): Way {
  return {
    ...way,
    id: isFirst ? way.id : `${way.id}-${id}`,
    name: `${way.name}, ${name}`,
    schools: { ...way.schools, [question]: name },
    steps: way.steps.flatMap((step) => steps[step] ?? step),
    ...(perPiece ? { perPiece: { ...way.perPiece, ...perPiece } } : {}),
    ...(moves ? { shares: moved(way.shares, moves), estimated: true } : {}),
  };
}

function moved(shares: Way['shares'], moves: Readonly<Record<string, number>>): Way['shares'] {
  const sums = Object.entries({ ...shares, ...moves }).map(
    ([part]) => [part, round((shares[part] ?? 0) + (moves[part] ?? 0))] as const,
  );
  return Object.fromEntries(sums.filter(([, share]) => share > 0));
}

/** Thousandths: as fine as anyone knows a share. */
const round = (share: number): number => Math.round(share * 1000) / 1000;
