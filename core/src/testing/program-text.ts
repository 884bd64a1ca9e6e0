import type { Program } from '../optimise/program';

const term = (value: number, name: string): string =>
  `${value < 0 ? '-' : '+'} ${Math.abs(value).toPrecision(15)} ${name}`;
const SENSES = { '≤': '<=', '=': '=', '≥': '>=' } as const;

/** A program in the LP file format, for a solver from outside. */
export function programText({ columns, rows }: Program): string {
  const terms = rows.map((): string[] => []);
  for (const [j, column] of columns.entries())
    for (const [k, row] of column.rows.entries()) terms[row]?.push(term(column.values[k]!, `x${j}`));
  const wrapped = (parts: readonly string[]): string =>
    parts.reduce((text, part, index) => `${text}${index % 20 === 19 ? '\n' : ' '}${part}`, '');
  return [
    'Minimize',
    ` obj:${wrapped(columns.map(({ cost }, j) => term(cost, `x${j}`)))}`,
    'Subject To',
    ...rows.flatMap(({ sense, rhs }, i) =>
      terms[i]?.length ? [` r${i}:${wrapped(terms[i])} ${SENSES[sense]} ${rhs}`] : [],
    ),
    'General',
    wrapped(columns.flatMap(({ isWhole }, j) => (isWhole ? [`x${j}`] : []))),
    'End',
  ].join('\n');
}
