import type * as z from 'zod';

/** Zod's own words begin like this; ours name the field. */
const UNSPOKEN = /^(Invalid|Too (big|small)|Unrecognized)/;

/**
 * The first thing that is wrong with a request from outside, as one sentence that names the field.
 *
 * @example requestProblem(error) // 'portions[0].part: part is a text.'
 */
export function requestProblem({ issues: [first] }: z.ZodError): string {
  if (!first) return 'it is no request.';
  if (first.code === 'unrecognized_keys')
    return `${pathOf([...first.path, first.keys[0] ?? ''])}: that is not asked for here. Take it out, or look at its spelling.`;
  if (first.path.length === 0 && first.code === 'invalid_type')
    return 'a request is one object in braces, as in docs/command-line.md.';
  const path = pathOf(first.path);
  const said = UNSPOKEN.test(first.message) ? spoken(first) : first.message;
  return `${path ? `${path}: ` : ''}${said}.`;
}

/** What zod says of a limit, in words of ours. */
function spoken(issue: z.core.$ZodIssue): string {
  if (issue.code === 'too_small')
    return issue.origin === 'string' ? 'nothing is written there' : `at least ${issue.minimum} is wanted`;
  if (issue.code === 'too_big') return `at most ${issue.maximum} is taken`;
  return 'that cannot be read';
}

function pathOf(path: readonly PropertyKey[]): string {
  return path
    .map((key) => (typeof key === 'number' ? `[${key}]` : `.${String(key)}`))
    .join('')
    .replace(/^\./, '');
}
